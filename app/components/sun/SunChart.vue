<script setup lang="ts">
import { computed, ref } from 'vue'
import { chosenUnit, edit, HOUSE_CONVERTER_EFFICIENCY, solarReport, toUnit, UNITS, DAY } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/**
 * The sun by month as columns that can be touched: energy into the pack, the pace that it carries, light on the flat.
 */
const document = useDocumentStore()
const settings = useViewStore()
const { text } = useQuantities()
const shown = ref<keyof typeof sunWords.views>('energy')
const report = computed(() => solarReport(document.shown))
const month = computed(() => document.shown.design.charging.month)
const KWH = 3.6e6
const unit = computed(() => chosenUnit('speed', settings.choice))
const house = computed(() => ((document.shown.use.houseLoad / HOUSE_CONVERTER_EFFICIENCY) * DAY) / KWH)
/** the taller column, the one within it, and a line across */
const VIEWS = computed(() => {
  const { months } = report.value,
    kn = (v: number) => toUnit(v, unit.value)
  return {
    energy: {
      title: sunWords.kwh,
      unit: 'kWh',
      tall: { name: sunWords.chart, of: months.map(m => m.perDay / KWH) },
      inner: null,
      line: house.value,
      digits: 2,
    },
    pace: {
      title: sunWords.pace,
      unit: UNITS[unit.value].symbol,
      tall: { name: sunWords.noon, of: months.map(m => kn(m.noonPace)) },
      inner: { name: sunWords.allDay, of: months.map(m => kn(m.dayPace)) },
      line: null,
      digits: 1,
    },
    light: {
      title: sunWords.light,
      unit: 'kWh',
      tall: { name: sunWords.clear, of: months.map(m => m.clear / KWH) },
      inner: { name: sunWords.usual, of: months.map(m => m.flat / KWH) },
      line: null,
      digits: 1,
    },
  }
})
const chart = computed(() => VIEWS.value[shown.value])
const MONTHS = sunWords.short.map((_, i) => i)
const curves = computed<ChartCurve[]>(() => {
  const { tall, inner } = chart.value,
    column = (name: string, y: number[], width: number, wash?: 'sheet') => ({
      name,
      x: MONTHS,
      y,
      columns: { width },
      ...(name === tall.name ? { written: y.map(v => v.toFixed(chart.value.digits)) } : {}),
      ...(wash ? { wash } : {}),
    })
  return inner
    ? [column(tall.name, tall.of, 0.74, 'sheet'), column(inner.name, inner.of, 0.5)]
    : [column(tall.name, tall.of, 0.74)]
})
const axes = computed(() => ({
  x: {
    title: '',
    from: -0.5,
    to: 11.5,
    ticks: MONTHS.map(at => ({ at, word: sunWords.short[at]! })),
    says: (i: number) => sunWords.months[Math.round(i)]!,
  },
  y: {
    title: chart.value.title,
    unit: chart.value.unit,
    from: 0,
    to: 1.12 * Math.max(0.01, ...chart.value.tall.of, chart.value.line ?? 0),
  },
}))
/** what the house takes, across all months */
const level = computed(() =>
  chart.value.line === null
    ? []
    : [{ at: chart.value.line, label: '', name: sunWords.house, dash: 'dash' as const, colour: 'text' as const }],
)
const here = computed(() => [{ x0: month.value - 0.5, x1: month.value + 0.5, wash: 'band' as const }])
const pick = (i: number) => document.edit(sunWords.month, [edit('design.charging.month', i)])
const said = (i: number) => {
  const { perDay, dayPace, daylight } = report.value.months[i]!
  return `${sunWords.months[i]}: ${text(perDay, 'energy')}, ${text(dayPace, 'speed')}, ${text(daylight, 'duration')}`
}
</script>

<template>
  <section class="block" :aria-label="sunWords.chart" data-sun-chart>
    <ChartViews v-model="shown" :label="sunWords.view" :views="sunWords.views" />
    <PlotChart
      :label="sunWords.chart"
      :curves="curves"
      :across="level"
      :areas="here"
      :height="260"
      :x="axes.x"
      :y="axes.y"
      @pick="pick(Math.round($event))"
    >
      <template #default="{ scales, room }">
        <div class="months" role="radiogroup" :aria-label="sunWords.month">
          <span
            v-for="i in MONTHS"
            :key="i"
            role="radio"
            :tabindex="i === month ? 0 : -1"
            :aria-checked="i === month"
            :aria-label="said(i)"
            :data-month="i"
            :style="{
              left: `${scales.px(i - 0.5)}px`,
              width: `${scales.px(i + 0.5) - scales.px(i - 0.5)}px`,
              top: `${room.top}px`,
              bottom: 0,
            }"
            @keydown.left.prevent.stop="pick((i + 11) % 12)"
            @keydown.right.prevent.stop="pick((i + 1) % 12)"
          />
        </div>
      </template>
    </PlotChart>
    <ChartKey :curves="[...curves, ...level]" />
  </section>
</template>

<style scoped>
/* for keyboard and voice; the hand goes through to the chart */
.months span {
  position: absolute;
  pointer-events: none;
}
</style>
