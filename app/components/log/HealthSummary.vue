<script setup lang="ts">
import { computed } from 'vue'
import { CELL_LIMITS, logDay, packHealth, runsWarmer, takesMore, takesMuchMore, warmthTrend, YEAR } from '@remigo/core'
import { healthWords as words } from '~/messages/health'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useToday } from '~/composables/useToday'
import { pathOf } from '~/benches'
import CapacityChart from './CapacityChart.vue'
import DueList from './DueList.vue'

/** The pack in one look: capacity with its band, spread, what changed since the first trips, what is due. */
const props = defineProps<{ bench?: boolean }>()
const document = useDocumentStore()
const { text, format } = useQuantities()
const today = useToday()
const health = computed(() => packHealth(document.shown, logDay(document.shown, today.value)))
const whole = computed(() => {
  const { pack } = document.shown.design
  return pack.cell.capacityAh * pack.parallel
})
const now = computed(() => format(health.value.now.value * whole.value, 'charge'))
const within = computed(() => text(((health.value.now.high - health.value.now.low) / 2) * whole.value, 'charge'))
const years = (n: number) => (Number.isFinite(n) ? text(n * YEAR, 'years') : '∞')
const spread = computed(() => ({ first: health.value.spread[0], last: health.value.spread.at(-1) }))
const more = computed(() => takesMore(document.shown))
const warm = computed(() =>
  (['winding', 'controller'] as const).flatMap(part => {
    const trend = warmthTrend(document.shown, part)
    return trend ? [trend] : []
  }),
)
const signed = (share: number) =>
  `${Math.abs(share) < 0.005 ? '' : share > 0 ? '+' : '−'}${text(Math.abs(share), 'ratio')}`
/** cells differ by thousandths of a volt */
const millivolts = (v: number) => `${Math.round(1000 * v)}\u00A0mV`
const state = (bad: boolean) => (bad ? 'caution' : 'fits')
</script>

<template>
  <div class="health" data-health>
    <h2 class="section-head">
      {{ words.head
      }}<NuxtLink v-if="!props.bench" class="link small" :to="{ path: pathOf('health'), query: $route.query }">{{
        words.opens
      }}</NuxtLink>
    </h2>
    <div class="lead">
      <p class="amount" data-capacity-now>
        {{ now.text }}<span>{{ now.unit }}</span>
      </p>
      <p class="says">
        {{ words.ofNew(within, text(health.now.value, 'ratio')) }}
        <template v-if="health.readings.length">{{ words.told(health.readings.length) }} </template>
        {{ words.worn(format(health.worn.low * YEAR, 'years').text, years(health.worn.high)) }}
      </p>
    </div>
    <CapacityChart v-if="health.readings.length" :health="health" :whole="whole" />
    <p v-else class="small soft">{{ words.none }}</p>
    <ul class="rows">
      <li v-if="spread.last">
        <StateMark :state="state(spread.last.spread > CELL_LIMITS.rest.most)" />
        <span>{{
          spread.first !== spread.last ? words.spreadWas(millivolts(spread.first!.spread)) : words.spread
        }}</span>
        <b>{{ millivolts(spread.last.spread) }}</b>
      </li>
      <li v-if="spread.last">
        <StateMark :state="state(spread.last.spread > CELL_LIMITS.rest.most)" />
        <span>{{ words.lowest(String(spread.last.cell)) }}</span>
        <b>{{ spread.last.lowest.toFixed(3) }}&nbsp;V</b>
      </li>
      <li v-if="more">
        <StateMark :state="state(takesMuchMore(more))" />
        <span>{{ words.mile }}</span>
        <b>{{ signed(more.change) }}</b>
      </li>
      <template v-if="props.bench">
        <li v-for="w in warm" :key="w.part">
          <StateMark :state="state(runsWarmer(w))" />
          <span>{{ words.warm[w.part] }}</span>
          <b>{{ signed(w.change) }}</b>
        </li>
      </template>
    </ul>
    <DueList v-if="!props.bench" :few="6" />
  </div>
</template>

<style scoped>
.section-head {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
.lead {
  display: flex;
  gap: 12px;
  align-items: end;
  margin-bottom: 8px;
}
.amount {
  font: 600 42px/40px var(--figures);
  white-space: nowrap;
}
.amount span {
  font: 500 18px var(--labels);
  margin-left: 5px;
}
.says {
  font-size: 13.5px;
  line-height: 17px;
}
.rows {
  margin: 8px 0 14px;
}
.rows li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
}
.rows b {
  font: 600 16px var(--figures);
  white-space: nowrap;
}
</style>
