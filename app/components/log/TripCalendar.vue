<script setup lang="ts">
import { computed } from 'vue'
import type { Trip } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'

/** The days of a season, month by month: a day on which she went is as dark as it was long. A touch opens its trip. */
const props = defineProps<{ trips: readonly Trip[]; chosen: string | null }>()
const emit = defineEmits<{ choose: [id: string] }>()
const { text } = useQuantities()
/** Months that are shown at most: the last of them. */
const MOST = 12
const DATE = /^(\d{4})-(\d\d)-(\d\d)$/

interface Day {
  day: number
  trips: Trip[]
  /** 0 … 3 by the way that was gone, against the longest day */
  shade: number
}
const distanceOf = (trips: readonly Trip[]) => trips.reduce((sum, t) => sum + t.distance, 0)
const months = computed(() => {
  const byDay = new Map<string, Trip[]>()
  for (const t of props.trips) if (DATE.test(t.date)) byDay.set(t.date, [...(byDay.get(t.date) ?? []), t])
  const longest = Math.max(1, ...[...byDay.values()].map(distanceOf))
  const names = [...new Set([...byDay.keys()].map(date => date.slice(0, 7)))].sort().slice(-MOST)
  return names.map(name => {
    const [year, month] = name.split('-').map(Number) as [number, number]
    const length = new Date(Date.UTC(year, month, 0)).getUTCDate()
    const days = Array.from({ length: 31 }, (_, i): Day | null => {
      if (i >= length) return null
      const trips = byDay.get(`${name}-${String(i + 1).padStart(2, '0')}`) ?? []
      return { day: i + 1, trips, shade: trips.length ? 1 + Math.floor(2.999 * (distanceOf(trips) / longest)) : 0 }
    })
    return { name, days }
  })
})
const says = ({ trips }: Day) => words.day(trips[0]!.date, trips.length, text(distanceOf(trips), 'distance'))
</script>

<template>
  <div class="calendar" data-calendar>
    <table>
      <tbody>
        <tr v-for="m in months" :key="m.name">
          <th scope="row">{{ m.name }}</th>
          <td v-for="(d, i) in m.days" :key="i" :class="{ none: !d }">
            <button
              v-if="d && d.trips.length > 0"
              type="button"
              :class="[`shade${d.shade}`, { chosen: d.trips.some(t => t.id === chosen) }]"
              :aria-label="says(d)"
              :title="says(d)"
              @click="emit('choose', d.trips[0]!.id)"
            >
              {{ d.day }}
            </button>
            <span v-else-if="d" aria-hidden="true">{{ d.day % 5 === 0 ? d.day : '·' }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.calendar {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  font: 500 11px var(--figures);
}
th {
  font: 500 13px var(--labels);
  text-align: left;
  padding-right: 8px;
  white-space: nowrap;
}
td {
  width: 22px;
  height: 24px;
  padding: 0;
  text-align: center;
  color: var(--soft);
  border: 1px solid var(--rule);
}
.none {
  border: 0;
}
button {
  display: grid;
  place-items: center;
  width: 100%;
  min-width: 21px;
  height: 24px;
  border: 0;
  cursor: pointer;
  color: var(--text);
  font: inherit;
  font-weight: 600;
}
.shade1 {
  background: var(--band);
}
.shade2 {
  background: color-mix(in srgb, var(--ink) 55%, var(--sheet));
  color: var(--sheet);
}
.shade3 {
  background: var(--ink);
  color: var(--sheet);
}
.chosen {
  outline: 2px solid var(--text);
  outline-offset: 1px;
}
</style>
