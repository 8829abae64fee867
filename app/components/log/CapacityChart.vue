<script setup lang="ts">
import { computed } from 'vue'
import { BAND, dateOfDay, type PackHealth } from '@remigo/core'
import { healthWords as words } from '~/messages/health'
import { useQuantities } from '~/composables/useQuantities'
import { useInkFrame } from '~/components/chart/inkFrame'
import ChartTable from '~/components/chart/ChartTable.vue'
import InkPlot from '~/components/chart/InkPlot.vue'
import { between, line } from '~/components/day/chartPaths'

/** Capacity over the days of the log: the line with its band, and what each trip said by itself. */
const props = defineProps<{ health: PackHealth; whole: number }>()
const { text, format } = useQuantities()
const HIGH = 188,
  LOWEST = 0.76,
  WORN = 0.8,
  SHOWN = 40,
  ROWS = 12
const first = computed(() => props.health.course[0]!.day)
const last = computed(() => Math.max(first.value + 30, props.health.course.at(-1)!.day))
const top = computed(() => Math.max(1.05, ...props.health.course.map(c => c.high + 0.01)))
const { place, frame } = useInkFrame({ left: 36, right: 6, top: 8, below: 24 }, () => HIGH, {
  x: () => [first.value - 3, last.value + 3],
  y: () => [LOWEST, top.value],
})
const at = (day: number, share: number) => ({ x: frame.value.x(day), y: frame.value.y(Math.max(LOWEST, share)) })
const band = computed(() =>
  between(
    props.health.course.map(c => at(c.day, c.high)),
    props.health.course.map(c => at(c.day, c.low)),
  ),
)
const centre = computed(() => line(props.health.course.map(c => at(c.day, c.value))))
const bars = computed(() =>
  props.health.readings.slice(-SHOWN).map(r => ({
    high: at(r.day, r.share + BAND * r.sigma),
    low: at(r.day, r.share - BAND * r.sigma),
    dot: at(r.day, r.share),
  })),
)
const yTicks = computed(() =>
  [1, 0.9, WORN].map(share => ({ at: share, word: format(share * props.whole, 'charge').text })),
)
const xTicks = computed(() => {
  const found: { at: number; word: string }[] = []
  const APART = 34
  let before = ''
  for (let day = first.value; day <= last.value; day++) {
    const date = dateOfDay(day),
      month = date.slice(0, 7),
      x = frame.value.x(day)
    if (month !== before && x < frame.value.wide - 22 && found.every(n => x - frame.value.x(n.at) > APART))
      found.push({
        at: day,
        word: new Date(`${date}T00:00:00Z`).toLocaleDateString('en', { month: 'short', timeZone: 'UTC' }),
      })
    before = month
  }
  return found
})
const rows = computed(() => {
  const { course } = props.health,
    every = Math.max(1, Math.ceil(course.length / ROWS))
  return course
    .filter((_, i) => i % every === 0 || i === course.length - 1)
    .map(c => [dateOfDay(c.day), ...[c.value, c.low, c.high].map(share => text(share * props.whole, 'charge'))])
})
const end = computed(() => at(props.health.course.at(-1)!.day, props.health.now.value))
</script>

<template>
  <div ref="place" data-capacity>
    <InkPlot :frame="frame" :label="words.capacity" :x-ticks="xTicks" :y-ticks="yTicks" x-title="" y-title="">
      <rect :x="frame.left" :y="frame.y(WORN)" :width="frame.wide" :height="HIGH" class="worn" />
      <path :d="band" class="ink-plot__band" />
      <path v-for="(b, i) in bars" :key="`b${i}`" :d="`M${b.high.x} ${b.high.y}V${b.low.y}`" class="bar" />
      <path :d="`M${frame.left} ${frame.y(1)}H${frame.wide}`" class="new" />
      <path :d="`M${frame.left} ${frame.y(WORN)}H${frame.wide}`" class="edge" />
      <path :d="centre" class="line" />
      <circle v-for="(b, i) in bars" :key="i" :cx="b.dot.x" :cy="b.dot.y" r="3.2" class="dot" />
      <circle :cx="end.x" :cy="end.y" r="5" class="end" />
      <text
        :x="frame.wide - frame.right - 4"
        :y="frame.y(1) - 5"
        text-anchor="end"
        class="ink-plot__say ink-plot__halo"
      >
        {{ words.new(text(whole, 'charge')) }}
      </text>
      <text :x="frame.left + 5" :y="frame.y(WORN) - 5" class="ink-plot__say ink-plot__halo">
        {{ words.wornLine(text(WORN * whole, 'charge')) }}
      </text>
    </InkPlot>
    <ChartTable :label="words.capacity" :head="words.capacityHead" :rows="rows" />
  </div>
</template>

<style scoped>
.worn {
  fill: var(--desk);
}
.new {
  stroke: var(--ink);
}
.edge {
  stroke: var(--text);
  stroke-dasharray: 6 4;
}
.bar {
  stroke: var(--rule);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.25;
}
.dot {
  fill: var(--sheet);
  stroke: var(--text);
  stroke-width: 1.5;
}
.end {
  fill: var(--ink);
}
</style>
