<script setup lang="ts">
import { computed } from 'vue'
import type { Trip } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'
import { dateText, monthPage } from '~/design/times'

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
    const page = monthPage(name)
    const days = Array.from({ length: page.days }, (_, i): Day => {
      const trips = byDay.get(`${name}-${String(i + 1).padStart(2, '0')}`) ?? []
      return { day: i + 1, trips, shade: trips.length ? 1 + Math.floor(2.999 * (distanceOf(trips) / longest)) : 0 }
    })
    return { ...page, days }
  })
})
const says = ({ trips }: Day) => words.day(dateText(trips[0]!.date), trips.length, text(distanceOf(trips), 'distance'))
</script>

<template>
  <div class="calendar" data-calendar>
    <section v-for="m in months" :key="m.name">
      <h3>{{ m.name }}</h3>
      <ol :style="{ '--first': m.first }">
        <li v-for="d in m.days" :key="d.day">
          <VBtn
            v-if="d.trips.length > 0"
            variant="plain"
            :class="[`shade${d.shade}`, { chosen: d.trips.some(t => t.id === chosen) }]"
            :aria-label="says(d)"
            :title="says(d)"
            @click="emit('choose', d.trips[0]!.id)"
          >
            {{ d.day }}
          </VBtn>
          <span v-else>{{ d.day }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.calendar {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 20px;
}
h3 {
  font: 500 13.5px/20px var(--labels);
}
ol {
  display: grid;
  grid-template-columns: repeat(7, 24px);
  list-style: none;
  margin: 0;
  padding: 0;
  font: 500 12px var(--figures);
}
li {
  height: 24px;
  display: grid;
  place-items: stretch;
}
li:first-child {
  grid-column-start: var(--first);
}
span {
  display: grid;
  place-items: center;
  color: var(--soft);
}
button {
  border: 0;
  padding: 0;
  cursor: pointer;
  font: inherit;
  font-weight: 600;
  color: var(--text);
}
.shade1 {
  background: var(--band);
}
.shade2,
.shade3 {
  background: var(--ink);
  color: var(--sheet);
}
.shade2 {
  background: color-mix(in srgb, var(--ink) 75%, var(--sheet));
}
.chosen {
  outline: 2px solid var(--text);
  outline-offset: 1px;
}
</style>
