<script setup lang="ts">
import { computed, ref } from 'vue'
import { useGeolocation } from '@vueuse/core'
import { DAY_WIND, edit, usualOf, type Day, type Weighed } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useDocumentStore } from '~/stores/document'

/** What is open is given where it is missed: the wind, the place, visibility, the water to windward. */
const { id } = defineProps<{ id: Weighed['id'] }>()
const document = useDocumentStore()
const usual = usualOf(DAY_WIND.fields)
const from = ref(usual.from)
const speed = ref<number | null>(null)
function giveWind() {
  if (speed.value === null) return
  const { departs } = document.shown.day
  document.edit(words.wind, [
    edit('day.wind', [{ at: (Math.round(departs / 3600) * 3600) % 86_400, from: from.value, speed: speed.value }]),
  ])
}
const { coords, error, resume, pause } = useGeolocation({ immediate: false })
const asked = ref(false)
const here = computed(() =>
  asked.value && Number.isFinite(coords.value.latitude) && Number.isFinite(coords.value.longitude)
    ? { latitude: (coords.value.latitude * Math.PI) / 180, longitude: (coords.value.longitude * Math.PI) / 180 }
    : null,
)
function ask() {
  asked.value = true
  resume()
}
function take() {
  if (!here.value) return
  document.edit(words.place, [edit('use.place', here.value)])
  pause()
}
const setVisibility = (value: Day['visibility']) => document.edit(words.visibility, [edit('day.visibility', value)])
</script>

<template>
  <span v-if="id === 'wind'" class="give" data-give-wind
    ><label
      ><span class="small">{{ words.windFrom }}</span
      ><UnitInput
        bare
        :label="words.windFrom"
        :field="DAY_WIND.fields.from"
        :value="from"
        @change="from = $event!" /></label
    ><label
      ><span class="small">{{ words.windSpeed }}</span
      ><UnitInput
        bare
        :label="words.windSpeed"
        :field="{ ...DAY_WIND.fields.speed, open: true }"
        :value="speed"
        @change="speed = $event" /></label
    ><VBtn :disabled="speed === null" @click="giveWind">{{ words.give }}</VBtn></span
  ><span v-else-if="id === 'light'" class="give" data-give-place
    ><QuantityField path="use.place.latitude" /><QuantityField path="use.place.longitude" /><VBtn
      v-if="!here"
      @click="ask"
    >
      {{ words.here }}</VBtn
    ><VBtn v-else variant="flat" @click="take">{{ words.takeHere }}</VBtn
    ><span v-if="asked && error" class="small" role="status">{{ words.noPosition }}</span></span
  ><span v-else-if="id === 'visibility'" class="give"
    ><VBtn v-for="v in ['good', 'poor', 'fog'] as const" :key="v" :data-visibility="v" @click="setVisibility(v)">
      {{ words.visibilities[v] }}
    </VBtn></span
  ><span v-else-if="id === 'sea'" class="give"
    ><QuantityField path="day.fetch" :hint="words.fetchHint" :estimate="words.notGiven"
  /></span>
</template>

<style scoped>
.give {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: end;
  margin-top: 4px;
}
.give label {
  display: grid;
  width: 104px;
}
/* as wide as it likes, but no wider than a screen that is read at four times its size */
.give > :deep(.field) {
  flex: 0 1 auto;
  min-width: min(200px, 100%);
}
@media print {
  .give {
    display: none;
  }
}
</style>
