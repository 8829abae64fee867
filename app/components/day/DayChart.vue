<script setup lang="ts">
import { computed, ref } from 'vue'
import { bisector } from 'd3-array'
import { chosenUnit, clockText, toUnit, UNITS, type DayReport, type Leg } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import type { ChartCurve } from '~/components/chart/chartTypes'
import { hours, thin } from './chartPaths'

/**
 * Charge over the day with its band, legs as blocks above it, sun and stream in panels below. A touch on a block
 * chooses its leg; the row of blocks drags along the clock.
 */
const props = defineProps<{ report: DayReport; legs: readonly Leg[]; chosen: number; departs: number }>()
const emit = defineEmits<{ choose: [leg: number]; depart: [time: number] }>()
const view = useViewStore()
const { text } = useQuantities()
const compact = useCompact()
const HOUR = 3600,
  MARGIN = 900
const from = computed(() => Math.floor((props.report.points[0]!.time - MARGIN) / HOUR) * HOUR)
const to = computed(() => {
  const { points, good, bad } = props.report
  const end = Math.max(points.at(-1)!.time, good.at(-1)!.time, bad.at(-1)!.time)
  return Math.max(from.value + 2 * HOUR, Math.ceil((end + MARGIN) / HOUR) * HOUR)
})

type Moment = { time: number; charge: number }
const after = bisector<Moment, number>(p => p.time).left
/** charge of another such day at a time of this one, per cent */
function chargeAt(day: readonly Moment[], time: number) {
  const i = after(day, time),
    [a, b] = [day[i - 1] ?? day[0]!, day[i] ?? day.at(-1)!]
  const share = b.time > a.time ? (time - a.time) / (b.time - a.time) : 0
  return 100 * (a.charge + share * (b.charge - a.charge))
}
const moments = computed(() => thin(props.report.points))
const speedUnit = computed(() => chosenUnit('speed', view.choice))
const stream = computed(() => moments.value.map(p => (p.water > 0 ? toUnit(p.stream, speedUnit.value) : 0)))
const has = computed(() => ({
  sun: props.report.points.some(p => p.sun > 0),
  stream: props.report.points.some(p => p.stream !== 0),
}))
const panels = computed(() => {
  const sun = Math.max(1, ...props.report.points.map(p => p.sun)),
    fastest = Math.max(0.05, ...stream.value.map(Math.abs))
  return [
    ...(has.value.sun
      ? [{ title: words.sun, unit: 'W', share: 0.16, from: 0, to: 1.1 * sun, ticks: [{ at: sun, word: '' }] }]
      : []),
    ...(has.value.stream
      ? [
          {
            title: words.stream,
            unit: UNITS[speedUnit.value].symbol,
            share: 0.16,
            from: -1.1 * fastest,
            to: 1.1 * fastest,
            ticks: [{ at: 0, word: '0' }],
          },
        ]
      : []),
  ]
})
const curves = computed<ChartCurve[]>(() => {
  const { report } = props,
    time = moments.value.map(p => p.time)
  const legEnds = (chosen: boolean): ChartCurve => {
    const of = report.legs.filter((_, i) => (i === props.chosen) === chosen)
    return {
      name: words.chart,
      x: of.map(l => l.arrives),
      y: of.map(l => 100 * l.charge),
      points: true,
      mark: chosen ? 'dot' : 'circle',
      quiet: true,
    }
  }
  const streamPart = (name: string, part: (v: number) => number, look: Partial<ChartCurve>): ChartCurve => ({
    name,
    x: time,
    y: stream.value.map(part),
    panel: has.value.sun ? 1 : 0,
    ...look,
  })
  return [
    {
      name: words.chargeLeft,
      x: time,
      y: moments.value.map(p => 100 * p.charge),
      width: 2.6,
      band: { low: time.map(t => chargeAt(report.bad, t)), high: time.map(t => chargeAt(report.good, t)) },
    },
    legEnds(false),
    legEnds(true),
    ...(has.value.sun ? [{ name: words.sun, x: time, y: moments.value.map(p => p.sun), panel: 0, ground: true }] : []),
    ...(has.value.stream
      ? [
          streamPart(words.withYou, v => Math.max(0, v), { ground: true, quiet: true }),
          streamPart(words.against, v => Math.min(0, v), {
            ground: true,
            quiet: true,
            colour: 'tight',
            wash: 'tight-wash',
          }),
          // told as one, with its sign
          streamPart(words.stream, v => v, { width: 0 }),
        ]
      : []),
  ]
})
const axes = computed(() => ({
  x: {
    title: '',
    from: from.value,
    to: to.value,
    ticks: hours(from.value, to.value).map(at => ({ at, word: clockText(at) })),
    says: clockText,
  },
  y: { title: '', unit: '%', from: 0, to: 100, says: (share: number) => `${Math.round(share)} %` },
}))
const levels = computed(() => props.report.levels)
const areas = computed(() => [{ y0: 0, y1: 100 * levels.value.reserve, wash: 'tight-wash' as const }])
const across = computed(() => [
  {
    at: 100 * levels.value.reserve,
    label: (compact.value ? words.reserveShort : words.reserveBoth)(
      text(levels.value.ofUsable, 'ratio'),
      text(levels.value.reserve, 'ratio'),
    ),
    colour: 'tight' as const,
  },
  { at: 100 * levels.value.spared, label: words.spared, colour: 'soft' as const },
])
const turn = computed(() => (props.report.turn?.anywhere ? null : props.report.turn))
const upright = computed(() => [
  ...props.report.legs.map(l => ({ at: l.arrives, label: '', colour: 'rule' as const })),
  ...(turn.value
    ? [
        {
          at: turn.value.time,
          label: [words.turn(clockText(turn.value.time)), words.turnCharge(text(turn.value.charge, 'ratio'))].join(
            '<br>',
          ),
          dash: 'dash' as const,
          colour: 'text' as const,
        },
      ]
    : []),
])
/** what is left at the end, and on a good and a bad day; the three keep clear of each other */
const ends = computed(() => {
  const { left, leftHigh, leftLow, points } = props.report,
    x = points.at(-1)!.time,
    CLEAR = 0.06
  const word = (y: number, says: string, strong = false) => ({ x, y: 100 * y - 3, text: says, strong })
  return [
    word(Math.max(leftHigh, left + CLEAR), `${Math.round(100 * leftHigh)}`),
    word(left, `${Math.round(100 * left)} %`, true),
    word(Math.min(leftLow, left - CLEAR), `${Math.round(100 * leftLow)}`),
  ]
})

/** the row of blocks drags along the clock, by five minutes */
const STEP = 300,
  LAST = 86_100,
  DRAGGED = 4
const drag = ref<{ pointer: number; x: number; departs: number; moved: boolean } | null>(null)
const depart = (time: number) => emit('depart', Math.min(LAST, Math.max(0, Math.round(time / STEP) * STEP)))
function grab(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drag.value = { pointer: event.pointerId, x: event.clientX, departs: props.departs, moved: false }
}
function pull(event: PointerEvent, seconds: number) {
  const d = drag.value
  if (!d || event.pointerId !== d.pointer) return
  if (!d.moved && Math.abs(event.clientX - d.x) < DRAGGED) return
  d.moved = true
  depart(d.departs + (event.clientX - d.x) * seconds)
}
function drop(i: number) {
  if (!drag.value?.moved) emit('choose', i)
  drag.value = null
}
const does = (i: number) => props.legs[i]?.does
</script>

<template>
  <PlotChart
    :label="words.chart"
    :curves="curves"
    :panels="panels"
    :areas="areas"
    :across="across"
    :upright="upright"
    :words="ends"
    :headroom="32"
    :beside="54"
    :height="290 + 60 * panels.length"
    :x="axes.x"
    :y="axes.y"
    data-day-chart
  >
    <template #default="{ scales }">
      <div
        v-for="(run, i) in report.legs"
        :key="i"
        class="leg"
        :class="{ on: i === chosen, rest: does(i) === 'waits' }"
        :style="{
          left: `${scales.px(run.departs)}px`,
          width: `${Math.max(2, scales.px(run.arrives) - scales.px(run.departs))}px`,
        }"
        role="button"
        tabindex="0"
        :aria-pressed="i === chosen"
        :aria-label="`${words.editLeg(i + 1)}, ${clockText(run.departs)} to ${clockText(run.arrives)}`"
        :data-block="i"
        @pointerdown.stop="grab"
        @pointermove="pull($event, scales.xOf(1) - scales.xOf(0))"
        @pointerup="drop(i)"
        @pointercancel="drag = null"
        @keydown.enter.prevent="emit('choose', i)"
        @keydown.space.prevent="emit('choose', i)"
        @keydown.left.prevent="depart(departs - STEP)"
        @keydown.right.prevent="depart(departs + STEP)"
      >
        {{ does(i) === 'waits' && scales.px(run.arrives) - scales.px(run.departs) > 48 ? words.atRest : i + 1 }}
      </div>
    </template>
  </PlotChart>
</template>

<style scoped>
.leg {
  position: absolute;
  top: 8px;
  height: 26px;
  overflow: hidden;
  border: 1.25px solid var(--ink);
  background: var(--sheet);
  color: var(--text);
  font: 600 13px/23px var(--labels);
  text-align: center;
  cursor: grab;
  touch-action: none;
}
.leg.rest {
  border-style: dashed;
  background: none;
  font-weight: 400;
  color: var(--soft);
}
.leg.on {
  border-width: 2.5px;
  line-height: 20px;
  background: var(--band);
}
</style>
