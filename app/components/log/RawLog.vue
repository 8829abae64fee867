<script setup lang="ts">
import { tripsWords as words } from '~/messages/trips'
import { useRawLog } from '~/composables/useRawLog'
import { useFilePick } from '~/composables/useFilePick'

/** The raw log of a trip: a file kept with it, saved again or taken away. */
const props = defineProps<{ trip: string }>()
const { kept, full, keep, remove, save } = useRawLog(() => props.trip)
function chosen(file: File) {
  void keep(props.trip, file.name, file)
}
const pick = useFilePick('', files => chosen(files[0]!))
const MEGA = 1e6
</script>

<template>
  <div class="raw no-print" data-raw-log>
    <p v-if="kept" class="small">
      {{ words.raw(kept.name, (kept.blob.size / MEGA).toFixed(1)) }}
      <VBtn variant="text" data-raw-save @click="save">{{ words.rawSave }}</VBtn>
      <VBtn variant="text" @click="remove(trip)">{{ words.rawRemove }}</VBtn>
    </p>
    <VBtn v-else data-raw-keep @click="pick()">{{ words.rawKeep }}</VBtn>
    <p v-if="full" class="small" role="alert">{{ words.rawFull }}</p>
  </div>
</template>

<style scoped>
.raw {
  margin: 8px 0;
}
.v-btn {
  margin-left: 10px;
}
</style>
