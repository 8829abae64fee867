<script setup lang="ts">
import { computed } from 'vue'
import { simulateDay, trackGpx, TRIP, tripEnergy, type Project, type Trip } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { download, fileOf } from '~/files/download'
import { useQuantities } from '~/composables/useQuantities'
import TaskPhotos from '~/components/work/TaskPhotos.vue'
import RawLog from './RawLog.vue'
import TripStretches from './TripStretches.vue'
import TripTrack from './TripTrack.vue'

/** One trip of the log: its fields, track and legs, and the plan beside what was done. */
const props = defineProps<{ boat: Project; trip: Trip }>()
const emit = defineEmits<{ change: [part: Record<string, unknown>]; remove: [] }>()
const { text } = useQuantities()
function takePlan() {
  const run = simulateDay(props.boat)
  const used = run.energy.drive + run.energy.house
  emit('change', {
    planned: {
      used,
      time: run.legs.reduce((s, l) => s + (l.distance > 0 ? l.arrives - l.departs : 0), 0),
      left: run.points.at(-1)?.charge ?? null,
    },
  })
}
const learn = computed(() => {
  const t = props.trip
  if (!t.planned.used) return ''
  const energy = tripEnergy(props.boat, t)
  if (energy <= 0) return ''
  const apart = energy / t.planned.used - 1
  const LIKE = 0.07
  return Math.abs(apart) < LIKE
    ? words.learn.like
    : apart > 0
      ? words.learn.more(text(apart, 'ratio'))
      : words.learn.less(text(-apart, 'ratio'))
})

const KEYS = [
  'date',
  'name',
  'from',
  'to',
  'distance',
  'time',
  'used',
  'chargeFrom',
  'chargeTo',
  'rested',
  'drawn',
  'shore',
  'sun',
  'sail',
  'generator',
  'wind',
  'sea',
  'crew',
  'engineSaved',
  'insulation',
  'faults',
  'note',
]
</script>

<template>
  <section class="one" :aria-label="words.edit" data-trip-edit>
    <h2 class="section-head">
      {{ words.edit }}<span>{{ words.sources4[trip.source] }}</span>
    </h2>
    <RowFields
      :fields="TRIP.fields"
      :value="{ ...trip }"
      :dates="['date']"
      :keys="KEYS"
      :options="words.seas"
      @change="emit('change', $event)"
    />
    <div class="parts">
      <div v-if="trip.track.length > 1">
        <h3 class="section-head">
          {{ words.track }}<span>{{ words.trackHint }}</span>
        </h3>
        <TripTrack :track="trip.track" />
        <VBtn
          variant="text"
          class="small"
          @click="download(fileOf(boat, `${trip.date}.gpx`), trackGpx(trip), 'application/gpx+xml')"
        >
          {{ words.gpx }}
        </VBtn>
      </div>
      <TripStretches
        :trip="trip"
        :power="trip.time > 0 ? tripEnergy(boat, trip) / trip.time : null"
        @change="emit('change', { stretches: $event })"
      />
      <div>
        <h3 class="section-head">{{ words.plan }}</h3>
        <VTable v-if="trip.planned.used !== null" class="plan">
          <thead>
            <tr>
              <th />
              <th class="num">{{ words.planned }}</th>
              <th class="num">{{ words.done }}</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <td>{{ words.planEnergy }}</td>
              <td class="num figures">{{ text(trip.planned.used, 'energy') }}</td>
              <td class="num figures">{{ text(tripEnergy(boat, trip), 'energy') }}</td>
            </tr>
            <tr>
              <td>{{ words.planTime }}</td>
              <td class="num figures">{{ text(trip.planned.time ?? 0, 'duration') }}</td>
              <td class="num figures">{{ text(trip.time, 'duration') }}</td>
            </tr>
            <tr>
              <td>{{ words.planLeft }}</td>
              <td class="num figures">{{ text(trip.planned.left ?? 0, 'ratio') }}</td>
              <td class="num figures">{{ trip.chargeTo === null ? '–' : text(trip.chargeTo, 'ratio') }}</td>
            </tr>
          </tbody>
        </VTable>
        <p v-if="learn" class="small">{{ learn }}</p>
        <VBtn v-if="boat.day.legs.length" data-take-plan @click="takePlan">
          {{ words.planFrom }}
        </VBtn>
      </div>
    </div>
    <RawLog :trip="trip.id" />
    <TaskPhotos :task="`trip-${trip.id}`" />
    <VBtn variant="text" data-remove-trip @click="emit('remove')">{{ words.remove }}</VBtn>
  </section>
</template>

<style scoped>
.one {
  border-block: 1.25px solid var(--ink);
  padding: 10px 0;
  margin: 10px 0;
}
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 12px 20px;
  margin: 12px 0;
}
.parts .section-head span {
  display: block;
}
</style>
