<script setup lang="ts">
import { ref } from 'vue'
import { tripsWords as words } from '~/messages/trips'
import { useRawLog } from '~/composables/useRawLog'

/** The raw log of a trip: a file kept with it, saved again or taken away. */
const props = defineProps<{ trip: string }>()
const { kept, full, keep, remove, save } = useRawLog(() => props.trip)
const picker = ref<HTMLInputElement>()
function chosen(event: Event) {
  const input = event.target as HTMLInputElement,
    file = input.files?.[0]
  input.value = ''
  if (file) void keep(props.trip, file.name, file)
}
const MEGA = 1e6
</script>

<template>
  <div class="raw no-print" data-raw-log>
    <p v-if="kept" class="small">
      {{ words.raw(kept.name, (kept.blob.size / MEGA).toFixed(1)) }}
      <button type="button" class="link" data-raw-save @click="save">{{ words.rawSave }}</button>
      <button type="button" class="link" @click="remove(trip)">{{ words.rawRemove }}</button>
    </p>
    <button v-else type="button" class="btn" data-raw-keep @click="picker?.click()">{{ words.rawKeep }}</button>
    <p v-if="full" class="small" role="alert">{{ words.rawFull }}</p>
    <input
      ref="picker"
      type="file"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="words.rawKeep"
      data-raw-file
      @change="chosen"
    />
  </div>
</template>

<style scoped>
.raw {
  margin: 8px 0;
}
.link {
  margin-left: 10px;
}
</style>
