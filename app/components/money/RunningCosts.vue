<script setup lang="ts">
import { computed } from 'vue'
import { runningCosts } from '@remigo/core'
import { moneyWords as words } from '~/messages/money'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import ChartTable from '~/components/chart/ChartTable.vue'

/** What a year costs with the motor and with an engine, and ten years of both and of a new one: when it pays back. */
const document = useDocumentStore()
const { text } = useQuantities()
const money = (n: number) => text(n, 'price')
const running = computed(() => runningCosts(document.shown))
const years = (n: number | null) => (n === null ? words.open : words.years(n))
const paysBack = computed(() => {
  const { oldEngine, low, high } = running.value.payback
  return oldEngine === null ? words.never : words.payback(words.years(oldEngine), words.range(years(low), years(high)))
})
const paysBackNew = computed(() => {
  const { newEngine } = running.value.payback
  return running.value.newEngine <= 0 || newEngine === null
    ? ''
    : newEngine === 0
      ? words.cheaperNow
      : words.paybackNew(words.years(newEngine))
})
const costRows = computed(() => {
  const { electric, engine } = running.value.year
  return [
    { id: 'energy' as const, electric: electric.energy, engine: null },
    { id: 'fuel' as const, electric: null, engine: engine.fuel },
    { id: 'wear' as const, electric: electric.wear, engine: null },
    { id: 'service' as const, electric: electric.service, engine: engine.service },
    { id: 'fixed' as const, electric: electric.fixed, engine: engine.fixed },
  ]
})
const WIDE = 560,
  HIGH = 190,
  LEFT = 124
const LINES = ['electric', 'oldEngine', 'newEngine'] as const
const most = computed(() => Math.max(1, ...running.value.spent.flatMap(s => LINES.map(l => s[l]))))
const x = (year: number) => LEFT + (year / 10) * (WIDE - LEFT - 12)
const y = (value: number) => HIGH - 24 - (value / most.value) * (HIGH - 40)
const path = (line: (typeof LINES)[number]) =>
  running.value.spent.map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.year).toFixed(1)} ${y(s[line]).toFixed(1)}`).join('')
</script>

<template>
  <section class="block" data-running>
    <h2 class="section-head">{{ words.running }}</h2>
    <p class="prose">
      <strong>{{ paysBack }}</strong> {{ paysBackNew }}
      {{ words.per(money(100 * running.perHour), money(100 * running.perMile)) }}
    </p>
    <VTable>
      <thead>
        <tr>
          <th />
          <th class="num">{{ words.heads.electric }}</th>
          <th class="num">{{ words.heads.engine }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in costRows" :key="r.id">
          <td>{{ words.rows[r.id] }}</td>
          <td class="num">{{ r.electric === null ? '' : money(r.electric) }}</td>
          <td class="num">{{ r.engine === null ? '' : money(r.engine) }}</td>
        </tr>
        <tr class="sum">
          <th scope="row">{{ words.rows.sum }}</th>
          <td class="num"><WorkedValue :worked="running.worked.year" /></td>
          <td class="num">{{ money(running.year.engine.sum) }}</td>
        </tr>
      </tbody>
    </VTable>
    <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" class="chart" role="img" :aria-label="words.chart">
      <g v-for="s in [0, 0.5, 1]" :key="s">
        <path :d="`M${LEFT} ${y(s * most)}H${WIDE - 12}`" class="grid" />
        <text :x="LEFT - 6" :y="y(s * most) + 4" text-anchor="end">{{ money(s * most) }}</text>
      </g>
      <text v-for="n in [0, 2, 4, 6, 8, 10]" :key="n" :x="x(n)" :y="HIGH - 6" text-anchor="middle">{{ n }}</text>
      <path v-for="l in LINES" :key="l" :d="path(l)" class="line" :class="l" />
    </svg>
    <ChartTable
      :label="words.chart"
      :head="[words.chartYear, ...LINES.map(l => words.lines[l])]"
      :rows="running.spent.map((s, i) => [i, ...LINES.map(l => money(s[l]))])"
    />
    <p class="small key">
      <span v-for="l in LINES" :key="l"><i :class="l" /> {{ words.lines[l] }} </span>
    </p>
    <QuantityField path="yard.fixed" /><QuantityField path="yard.engineFixed" /><QuantityField
      path="yard.newEngine"
      :estimate="money(running.newEngine)"
    /><QuantityField path="use.costs.fuelPrice" /><QuantityField path="use.costs.shorePrice" />
    <h3 class="section-head">{{ words.matters }}</h3>
    <ul class="small">
      <li v-for="m in running.matters.slice(0, 3)" :key="m.what">
        {{ words.matter(m.what, years(m.lower), years(m.higher)) }}
      </li>
    </ul>
    <p class="small soft">{{ words.how }}</p>
  </section>
</template>

<style scoped>
.sum th,
.sum td {
  font-weight: 600;
}
.prose strong {
  display: block;
}
.chart {
  display: block;
  width: 100%;
  margin: 8px 0 2px;
}
.chart text {
  font: 400 19px var(--labels);
  fill: var(--text);
}
.grid {
  stroke: var(--grid);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
.line.oldEngine {
  stroke-dasharray: 12 7;
}
.line.newEngine {
  stroke-dasharray: 3 6;
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
}
.key span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  white-space: nowrap;
}
.key i {
  width: 24px;
  border-top: 2.5px solid var(--ink);
}
.key i.oldEngine {
  border-top-style: dashed;
}
.key i.newEngine {
  border-top-style: dotted;
}
</style>
