<script setup lang="ts">
import { computed, ref } from 'vue'
import { chosenUnit, HOUSE_CONVERTER_EFFICIENCY, solarReport, toUnit, UNITS, edit, DAY } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

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
const VIEWS = computed(() => ({
  energy: {
    title: sunWords.kwh,
    tall: report.value.months.map(m => m.perDay / KWH),
    inner: null,
    line: house.value,
    lineWord: sunWords.house,
    digits: 2,
  },
  pace: {
    title: `${sunWords.pace}, ${UNITS[unit.value].symbol}`,
    tall: report.value.months.map(m => toUnit(m.noonPace, unit.value)),
    inner: report.value.months.map(m => toUnit(m.dayPace, unit.value)),
    line: null,
    lineWord: '',
    digits: 1,
  },
  light: {
    title: sunWords.light,
    tall: report.value.months.map(m => m.clear / KWH),
    inner: report.value.months.map(m => m.flat / KWH),
    line: null,
    lineWord: '',
    digits: 1,
  },
}))
const chart = computed(() => VIEWS.value[shown.value])
const most = computed(() => 1.12 * Math.max(0.01, ...chart.value.tall, chart.value.line ?? 0))
const WIDTH = 624,
  HEIGHT = 236,
  TOP = 22,
  FOOT = 28,
  STEP = WIDTH / 12
const y = (v: number) => TOP + (HEIGHT - TOP - FOOT) * (1 - v / most.value)
const bars = computed(() =>
  chart.value.tall.map((tall, i) => ({ i, x: i * STEP + 7, tall, inner: chart.value.inner?.[i] ?? null })),
)
const pick = (i: number) => document.edit(sunWords.month, [edit('design.charging.month', i)])
const said = (i: number) => {
  const { perDay, dayPace, daylight } = report.value.months[i]!
  return `${sunWords.months[i]}: ${text(perDay, 'energy')}, ${text(dayPace, 'speed')}, ${text(daylight, 'duration')}`
}
</script>

<template>
  <section class="block" :aria-label="sunWords.chart" data-sun-chart>
    <ChartViews v-model="shown" :label="sunWords.view" :views="sunWords.views" />
    <p class="title">
      <span>{{ chart.title }}</span><span v-if="chart.inner" class="key"
        ><i class="tall" />{{ shown === 'pace' ? sunWords.noon : sunWords.clear }} <i class="inner" />{{
          shown === 'pace' ? sunWords.allDay : sunWords.usual
        }}</span
      ><span v-else-if="chart.line" class="key"><i class="dashes" />{{ chart.lineWord }}</span>
    </p>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" class="columns-chart" role="radiogroup" :aria-label="sunWords.chart">
      <path :d="`M0 ${y(0)}H${WIDTH}`" class="base" />
      <path v-if="chart.line" :d="`M0 ${y(chart.line)}H${WIDTH}`" class="line" />
      <g
        v-for="b in bars"
        :key="b.i"
        class="month"
        role="radio"
        :tabindex="b.i === month ? 0 : -1"
        :aria-checked="b.i === month"
        :aria-label="said(b.i)"
        :data-month="b.i"
        @click="pick(b.i)"
        @keydown.left.prevent.stop="pick((b.i + 11) % 12)"
        @keydown.right.prevent.stop="pick((b.i + 1) % 12)"
      >
        <rect :x="b.i * STEP" y="0" :width="STEP" :height="HEIGHT" class="hit" :class="{ on: b.i === month }" />
        <rect
          :x="b.x"
          :y="y(b.tall)"
          :width="STEP - 14"
          :height="Math.max(0, y(0) - y(b.tall))"
          :class="b.inner === null ? 'inner' : 'tall'"
        />
        <rect
          v-if="b.inner !== null"
          :x="b.x + 6"
          :y="y(b.inner)"
          :width="STEP - 26"
          :height="Math.max(0, y(0) - y(b.inner))"
          class="inner"
        />
        <text :x="b.x + (STEP - 14) / 2" :y="y(b.tall) - 5" class="value">{{ b.tall.toFixed(chart.digits) }}</text>
        <text :x="b.x + (STEP - 14) / 2" :y="HEIGHT - 9" class="name">{{ sunWords.short[b.i] }}</text>
      </g>
    </svg>
  </section>
</template>

<style scoped>
.title {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  font-size: 13px;
  color: var(--soft);
  margin-top: 4px;
}
.key {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.key i {
  width: 12px;
  height: 12px;
  border: 1.25px solid var(--ink);
}
.columns-chart {
  display: block;
  width: 100%;
  max-width: 760px;
}
.key .dashes {
  width: 24px;
  height: 0;
  border: 0;
  border-top: 1.25px dashed var(--text);
}
.base {
  stroke: var(--ink);
  stroke-width: 1.25;
}
.hit {
  fill: transparent;
}
.hit.on {
  fill: var(--band);
}
.month {
  cursor: pointer;
}
.month:focus-visible {
  outline: none;
}
.month:focus-visible .hit {
  stroke: var(--text);
  stroke-width: 2;
}
rect.tall,
.key .tall {
  fill: var(--sheet);
  background: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.25;
}
rect.inner,
.key .inner {
  fill: var(--ink);
  background: var(--ink);
}
.value {
  font: 600 14px var(--figures);
  fill: var(--text);
  text-anchor: middle;
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
}
.name {
  font: 400 13px var(--labels);
  fill: var(--text);
  text-anchor: middle;
}
.line {
  stroke: var(--text);
  stroke-width: 1.25;
  stroke-dasharray: 6 4;
}
@media (max-width: 560px) {
  .value,
  .name {
    font-size: 19px;
  }
  .value {
    font-size: 18px;
  }
}
</style>
