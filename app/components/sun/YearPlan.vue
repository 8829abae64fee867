<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { edit, typicalDay, type Project, winter, yearWorked, DAY } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { yearWords as words } from '~/messages/yearPlan'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { useWorkerRun } from '~/composables/useWorkerRun'
import type { ChartCurve } from '~/components/chart/chartTypes'
import { useDocumentStore } from '~/stores/document'

/** The year as she is used, a hundred times with other clouds: what the sun gives and what she takes by month. */
const document = useDocumentStore()
const { text, format } = useQuantities()
const compact = useCompact()
const use = computed(() => document.shown.use.year)
const run = useWorkerRun('year')
const ask = () => run.start(structuredClone(toRaw(document.shown)))
watchDebounced(() => document.shown, ask, { debounce: 250, maxWait: 1000 })
ask()
const spread = computed(() => run.result.value)
type Pattern = Project['use']['year']['pattern']
const set = (pattern: string) => document.edit(words.pattern, [edit('use.year.pattern', pattern as Pattern)])
const ENDS = ['seasonFrom', 'seasonTo'] as const
const monthNames = sunWords.months.map((title, value) => ({ value, title }))
const setMonth = (end: (typeof ENDS)[number], month: number) =>
  document.edit(words.from, [edit(`use.year.${end}`, month)])

const KWH = 3.6e6
const months = computed(() => spread.value?.months ?? [])
const MONTHS = sunWords.months.map((_, i) => i)
const columns = computed<ChartCurve[]>(() => [
  {
    name: words.given,
    x: MONTHS,
    y: months.value.map(m => m.sun.middle / KWH),
    bars: months.value.map(m => ({ low: m.sun.low / KWH, high: m.sun.high / KWH })),
    barColour: 'text',
    columns: { width: 0.38, shift: -0.2 },
    wash: 'band',
  },
  {
    name: words.takes,
    x: MONTHS,
    y: months.value.map(m => (m.drive + m.house) / KWH),
    columns: { width: 0.38, shift: 0.2 },
  },
])
const plugDays = (month: number) => {
  const of = months.value[month]
  return of?.used ? Math.round(of.plugged.middle) : ''
}
const yearAxes = computed(() => ({
  x: {
    title: '',
    from: -0.5,
    to: 11.5,
    // below each month, the days on the plug
    ticks: MONTHS.map(at => ({
      at,
      word: `${sunWords.short[at]}<br>${plugDays(at)}`,
    })),
    says: (i: number) => sunWords.months[Math.round(i)]!,
  },
  y: {
    title: '',
    unit: 'kWh',
    from: 0,
    to: 1.06 * Math.max(0.01, ...months.value.flatMap(m => [m.sun.high, m.drive + m.house]).map(v => v / KWH)),
  },
}))
const inUse = computed(() => months.value.map((m, i) => ({ ...m, i })).filter(m => m.used > 0))
const enough = computed(() => inUse.value.filter(m => m.plugged.high === 0))
const headline = computed(() =>
  enough.value.length === 0
    ? words.never
    : enough.value.length === inUse.value.length
      ? words.all
      : words.enough(enough.value.map(m => sunWords.months[m.i]).join(', ')),
)
const worked = computed(() => spread.value && yearWorked(document.shown, spread.value))
const days = computed(() => {
  const { low, high } = worked.value?.plugged ?? {}
  return words.ofEight(text(low ?? 0, 'count'), text(high ?? 0, 'count'))
})
const month = computed(() => document.shown.design.charging.month)
const cold = computed(() => winter(document.shown))
const coldest = computed(() => Math.min(...cold.value.map(m => m.air)))
const day = computed(() => typicalDay(document.shown, month.value))
const degrees = (kelvin: number) => format(kelvin, 'temperature').text
const icy = computed(() => cold.value.flatMap((m, i) => (m.ice ? [sunWords.months[i]!] : [])))
const iceSaid = computed(() => (icy.value.length > 0 ? words.ice(icy.value.join(', ')) : words.noIce))
const heatSaid = computed(() => {
  if (use.value.heating <= 0) return ''
  const worst = cold.value.reduce((a, b) => (b.heating > a.heating ? b : a))
  return words.heat(text(worst.heating * DAY, 'energy'), sunWords.months[cold.value.indexOf(worst)]!)
})
const SKIES = ['clear', 'mixed', 'grey', 'house'] as const
const LOOKS: Record<(typeof SKIES)[number], Partial<ChartCurve>> = {
  clear: { width: 2.2 },
  mixed: { width: 2.2, dash: 'dash' },
  grey: { width: 2.2, dash: 'dot' },
  house: { colour: 'tight' },
}
const dayCurves = computed<ChartCurve[]>(() =>
  SKIES.map(of => ({
    name: of === 'house' ? words.house : words.skies[of],
    x: day.value.map(h => h.hour + 0.5),
    y: day.value.map(h => h[of]),
    ...LOOKS[of],
  })),
)
const dayAxes = computed(() => ({
  x: {
    title: words.hour,
    from: 0,
    to: 24,
    ticks: [0, 6, 12, 18, 24].map(at => ({ at, word: String(at) })),
    says: hourText,
  },
  y: { title: '', unit: 'W', from: 0, to: 1.06 * Math.max(1, ...day.value.map(h => Math.max(h.clear, h.house))) },
}))
const hourText = (hour: number) => `${Math.floor(hour)}:00`
</script>

<template>
  <section class="block" :aria-label="words.title" data-year-plan>
    <h2 class="section-head">
      {{ words.title }}<span>{{ words.hint }}</span>
    </h2>
    <div class="asks">
      <PickField
        :label="words.pattern"
        :model-value="use.pattern"
        :items="words.patterns"
        data-pattern
        @update:model-value="set($event)"
      />
      <PickField
        v-for="end in ENDS"
        :key="end"
        :label="words[end === 'seasonFrom' ? 'from' : 'to']"
        :model-value="use[end]"
        :items="monthNames"
        :data-field="`use.year.${end}`"
        @update:model-value="setMonth(end, $event)"
      />
      <QuantityField path="use.year.heating" /><QuantityField
        path="use.year.coldest"
        :estimate="text(coldest, 'temperature')"
      />
    </div>
    <template v-if="worked">
      <p class="prose" data-year-said>
        <strong>{{ headline }}</strong> {{ words.plugsIn }} <WorkedValue :worked="worked.plugged" size="inline" />
        {{ days }} {{ words.bought }} <WorkedValue :worked="worked.bought" size="inline" />,
        <WorkedValue :worked="worked.cost" size="inline" /> {{ words.aYear }}
        <WorkedValue :worked="worked.cycles" size="inline" /> {{ words.cycles }}
        <WorkedValue :worked="worked.wear" size="inline" /> {{ words.wear }}
      </p>
      <PlotChart :label="words.title" :curves="columns" :height="230" :x="yearAxes.x" :y="yearAxes.y" />
      <ChartKey :curves="columns" />
      <p class="small soft">{{ words.plugDays }}</p>
    </template>
    <RunState v-if="!worked" :run="run" :says="words.working" />
    <h3 class="section-head">{{ words.winter }}</h3>
    <VTable v-if="compact" class="months" data-winter>
      <thead>
        <tr>
          <th />
          <th class="num">{{ words.air }}</th>
          <th class="num">{{ words.capacity }}</th>
          <th class="num">{{ words.charging }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(m, i) in cold" :key="i">
          <th scope="row">{{ sunWords.months[i]!.slice(0, 3) }}</th>
          <td class="num">{{ degrees(m.air) }}</td>
          <td class="num">{{ Math.round(100 * m.capacity) }}</td>
          <td class="num" :class="{ plug: m.charging === 'none' }">{{ words.charges[m.charging] }}</td>
        </tr>
      </tbody>
    </VTable>
    <VTable v-else class="months" data-winter>
      <thead>
        <tr>
          <th />
          <th v-for="(m, i) in cold" :key="i" class="num">{{ sunWords.months[i]!.slice(0, 3) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">{{ words.air }}</th>
          <td v-for="(m, i) in cold" :key="i" class="num">{{ degrees(m.air) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ words.capacity }}</th>
          <td v-for="(m, i) in cold" :key="i" class="num">{{ Math.round(100 * m.capacity) }}</td>
        </tr>
        <tr>
          <th scope="row">{{ words.charging }}</th>
          <td v-for="(m, i) in cold" :key="i" class="num" :class="{ plug: m.charging === 'none' }">
            {{ words.charges[m.charging] }}
          </td>
        </tr>
      </tbody>
    </VTable>
    <p class="small">{{ iceSaid }} {{ heatSaid }}</p>
    <template v-if="document.shown.design.solar.fitted">
      <h3 class="section-head">{{ words.typical(sunWords.months[month]!) }}, {{ words.typicalHint }}</h3>
      <PlotChart
        :label="words.typical(sunWords.months[month]!)"
        :curves="dayCurves"
        :height="200"
        :x="dayAxes.x"
        :y="dayAxes.y"
      />
      <ChartKey :curves="dayCurves" />
    </template>
    <p class="small soft">{{ words.how }}</p>
  </section>
</template>

<style scoped>
.asks > * {
  flex: 1 1 150px;
}
.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  margin: 6px 0 10px;
}
.plug {
  font-weight: 600;
  color: var(--clash);
}
.months th[scope='row'] {
  font-weight: 400;
  white-space: nowrap;
}
</style>
