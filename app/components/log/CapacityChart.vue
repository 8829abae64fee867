<script setup lang="ts">
import { computed } from 'vue'
import { eachMonthOfInterval, format as formatDate, parseISO } from 'date-fns'
import { BAND, chosenUnit, dateOfDay, dayNumber, toUnit, UNITS, type PackHealth } from '@remigo/core'
import { healthWords as words } from '~/messages/health'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import { dateText } from '~/design/times'

/** Capacity over the days of the log: the line with its band, and what each trip said by itself. */
const props = defineProps<{ health: PackHealth; whole: number }>()
const view = useViewStore()
const { text } = useQuantities()
const LOWEST = 0.76,
  WORN = 0.8,
  SHOWN = 40,
  MONTHS = 8
const unit = computed(() => chosenUnit('charge', view.choice))
const ah = (share: number) => toUnit(Math.max(LOWEST, share) * props.whole, unit.value)
const course = computed(() => props.health.course())
const first = computed(() => course.value[0]!.day)
const last = computed(() => Math.max(first.value + 30, course.value.at(-1)!.day))
const readings = computed(() => props.health.readings.slice(-SHOWN))
const curves = computed(() => [
  {
    name: words.capacity,
    x: course.value.map(c => c.day),
    y: course.value.map(c => ah(c.value)),
    band: { low: course.value.map(c => ah(c.low)), high: course.value.map(c => ah(c.high)) },
    width: 2.25,
  },
  {
    name: words.oneTrip,
    x: readings.value.map(r => r.day),
    y: readings.value.map(r => ah(r.share)),
    bars: readings.value.map(r => ({ low: ah(r.share - BAND * r.sigma), high: ah(r.share + BAND * r.sigma) })),
    // what one trip says by itself stands behind the line that all of them make
    barColour: 'rule' as const,
    points: true,
    mark: 'circle' as const,
    colour: 'text' as const,
  },
])
/** the first of each month, or of every so many */
const months = computed(() => {
  const all = eachMonthOfInterval({ start: parseISO(dateOfDay(first.value)), end: parseISO(dateOfDay(last.value)) }),
    every = Math.ceil(all.length / MONTHS)
  return all
    .filter((_, i) => i % every === 0)
    .map(date => ({ at: dayNumber(formatDate(date, 'yyyy-MM-dd'))!, word: formatDate(date, 'MMM') }))
})
const axes = computed(() => ({
  x: {
    title: '',
    from: first.value - 3,
    to: last.value + 3,
    ticks: months.value,
    says: (day: number) => dateText(dateOfDay(Math.round(day))),
  },
  y: {
    title: '',
    unit: UNITS[unit.value].symbol,
    from: ah(LOWEST),
    to: ah(Math.max(1.05, ...course.value.map(c => c.high + 0.01))),
  },
}))
const levels = computed(() => [
  { at: ah(1), label: words.new(text(props.whole, 'charge')) },
  { at: ah(WORN), label: words.wornLine(text(WORN * props.whole, 'charge')), dash: 'dash' as const },
])
const worn = computed(() => [{ y0: ah(LOWEST), y1: ah(WORN), wash: 'desk' as const }])
</script>

<template>
  <PlotChart
    :label="words.capacity"
    :curves="curves"
    :across="levels"
    :areas="worn"
    :height="220"
    :x="axes.x"
    :y="axes.y"
    data-capacity
  />
</template>
