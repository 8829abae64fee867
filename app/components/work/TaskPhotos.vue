<script setup lang="ts">
import { mdiCameraOutline, mdiClose } from '@mdi/js'
import { photoWords as words } from '~/messages/photos'
import { usePhotos } from '~/composables/usePhotos'
import { useFilePick } from '~/composables/useFilePick'
import { momentText } from '~/design/times'

/** Pictures of a task or of a step. */
const props = defineProps<{ task: string }>()
const { photos, trouble, room, add, remove } = usePhotos(() => props.task)
const pick = useFilePick('image/*', add, true)
</script>

<template>
  <div class="photos no-print">
    <ul v-if="photos.length > 0">
      <li v-for="p in photos" :key="p.id" data-photo>
        <a :href="p.url" target="_blank" rel="noopener"><img :src="p.url" :alt="words.of(momentText(p.at))" /></a>
        <VBtn icon variant="plain" :aria-label="words.remove(momentText(p.at))" @click="remove(p.id)">
          <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
            <path :d="mdiClose" fill="currentColor" />
          </svg>
        </VBtn>
      </li>
    </ul>
    <VBtn data-add-photo @click="pick()">
      <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiCameraOutline" fill="currentColor" />
      </svg>
      {{ words.add }}
    </VBtn>
    <span class="small soft"
      >{{ words.kept }}<template v-if="room"> {{ words.room(room.used, room.given) }}</template></span
    >
    <p v-if="trouble" class="trouble" role="alert">{{ words.trouble[trouble] }}</p>
  </div>
</template>

<style scoped>
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  list-style: none;
  margin-bottom: 6px;
}
li {
  position: relative;
}
img {
  display: block;
  height: 84px;
  width: auto;
  max-width: 160px;
  border: 1px solid var(--ink);
  object-fit: cover;
}
li > .v-btn {
  position: absolute;
  top: 2px;
  right: 2px;
  background: var(--sheet);
  border: 1px solid var(--ink);
}
.photos > .v-btn {
  margin-right: 10px;
}
.trouble {
  color: var(--clash);
  font-size: 13px;
}
</style>
