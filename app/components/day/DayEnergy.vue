<script setup lang="ts">
import { computed } from 'vue'
import { coldOfDay, type DayReport, type dayWorked } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'

/** Where the day's energy goes and comes from, what the cold takes, and what its sockets cost. */
const { report, worked } = defineProps<{ report: DayReport; worked: ReturnType<typeof dayWorked> }>()
const document = useDocumentStore()
const { text } = useQuantities()
const day = computed(() => document.shown.day)
const energyRows = computed(() => {
  const e = report.energy
  return (
    [
      ['drive', e.drive],
      ['house', e.house],
      ['lost', e.lost],
      ['sun', -e.sun],
      ['shore', -e.shore],
      ['towed', -e.towed],
      ['stored', e.stored],
    ] as const
  )
    .map(([id, joules]) => ({ id, joules: Math.abs(joules), takes: ['drive', 'house', 'lost'].includes(id) }))
    .filter(r => r.joules > 3600)
})
const most = computed(() => Math.max(1, ...energyRows.value.map(r => r.joules)))
const coldSaid = computed(() => {
  const { air, capacity, charging } = coldOfDay(document.shown)
  if (capacity > 0.99 && charging > 1) return ''
  const takes = charging > 1 ? '' : charging > 0 ? words.chargesSlowly : words.chargesNot
  return `${words.cold(text(air, 'temperature'), text(capacity, 'ratio'))} ${takes}`.trim()
})
</script>

<template>
  <section class="block" data-day-energy>
    <h2 class="section-head">{{ words.energy }}</h2>
    <ul class="uses">
      <li v-for="r in energyRows" :key="r.id">
        <span>{{ words.energyRows[r.id] }}</span>
        <i :class="{ gives: !r.takes }" :style="{ width: `${(40 * r.joules) / most}%` }" />
        <b>{{ text(r.joules, 'energy') }}</b>
      </li>
    </ul>
    <p v-if="coldSaid" class="prose" data-day-cold>{{ coldSaid }}</p>
    <p v-if="report.sockets.cost > 0" class="prose" data-day-cost>
      {{ words.socketsCost }} <WorkedValue :worked="worked.cost" size="inline" />{{
        words.sockets(
          report.sockets.stops.map(s => `${day.legs[s.leg]?.to || words.atSocket} ${text(s.cost, 'smallPrice')}`),
          text(report.sockets.berth.cost, 'smallPrice'),
        )
      }}
    </p>
    <p class="small soft">{{ words.how }}</p>
  </section>
</template>

<style scoped>
.uses li {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 28px;
  border-top: 0.75px solid var(--rule);
  font-size: 13.5px;
}
.uses i {
  height: 12px;
  background: var(--ink);
}
.uses i.gives {
  background: var(--band);
  border: 1px solid var(--ink);
}
</style>
