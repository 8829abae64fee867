<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, runSpeed, toUnit, UNITS, type TrialCurvePoint, type TrialPair } from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Power against speed: what was predicted, runs out and back with their means, the fit so far, and where she is. */
const props = defineProps<{
  predicted: readonly TrialCurvePoint[]
  fitted: readonly TrialCurvePoint[]
  pairs: readonly TrialPair[]
  /** W of the steps that are still to come, with their shares */
  coming: readonly { power: number; share: string }[]
  /** where she is, m/s and W, the last minutes first to last */
  here: readonly { speed: number; power: number }[]
  lever: number
  high?: number
}>()
const view = useViewStore()
const { text } = useQuantities()
const units = computed(() => ({
  speed: chosenUnit('speed', view.choice),
  power: chosenUnit('electricPower', view.choice),
}))
type Point = { speed: number; power: number }
const kn = (p: Point) => toUnit(p.speed, units.value.speed),
  kw = (p: Point) => toUnit(p.power, units.value.power)
const course = (name: string, points: readonly Point[], look: Partial<ChartCurve> = {}): ChartCurve => ({
  name,
  x: points.map(kn),
  y: points.map(kw),
  ...look,
})
const runs = computed(() =>
  props.pairs.flatMap(p => p.runs).map(r => ({ speed: runSpeed(r), power: r.means.power ?? 0 })),
)
const paired = computed(() => props.pairs.filter(p => p.paired && p.runs.length > 0))
const reached = computed(() => Math.max(0, ...props.pairs.filter(p => p.runs.length).map(p => p.speed)))
/** the first point of the curve that no run has reached */
const beyond = computed(() => {
  const at = props.fitted.findIndex(p => p.speed >= reached.value)
  return at < 0 ? props.fitted.length : at
})
/** samples of the last minute, one in ten */
const trail = computed(() => props.here.slice(-60).filter((_, i) => i % 10 === 0))
const now = computed(() => props.here.at(-1))
const marks = { points: true, colour: 'text' } as const
const curves = computed(() => [
  course(words.predicted, props.predicted, {
    width: 1.75,
    dash: 'dash',
    band: {
      low: props.predicted.map(p => kw({ ...p, power: p.low })),
      high: props.predicted.map(p => kw({ ...p, power: p.high })),
    },
  }),
  course(words.fitted, props.fitted.slice(0, beyond.value + 1), { width: 3 }),
  course(words.fitted, reached.value > 0 ? props.fitted.slice(beyond.value) : [], { dash: 'dot' }),
  course(words.ran, runs.value, marks),
  course(words.mean, paired.value, { ...marks, mark: 'square' }),
  course(words.here, trail.value, { ...marks, mark: 'dot', quiet: true }),
  course(words.here, now.value ? [now.value] : [], { ...marks, mark: 'ring' }),
])
const HEADROOM = 1.12
const most = computed(() => ({
  speed: Math.max(...props.predicted.map(p => p.speed), ...runs.value.map(r => r.speed), 0.5),
  power: HEADROOM * Math.max(...[...props.coming, ...runs.value, ...props.here].map(p => p.power), 100),
}))
const axes = computed(() => ({
  x: { title: words.throughWater, unit: UNITS[units.value.speed].symbol, from: 0, to: kn(most.value) },
  y: { title: words.chartAxis, unit: UNITS[units.value.power].symbol, from: 0, to: kw(most.value) },
}))
const across = computed(() =>
  props.coming.map(c => ({
    at: toUnit(c.power, units.value.power),
    label: words.comes(c.share),
    dash: 'dash' as const,
    colour: 'rule' as const,
  })),
)
const said = computed(() =>
  now.value
    ? [
        {
          x: kn(now.value),
          y: kw(now.value),
          text: words.here,
          strong: true,
          side: kn(now.value) > 0.7 * kn(most.value) ? ('left' as const) : ('right' as const),
        },
      ]
    : [],
)
const marker = () => ({
  x: toUnit(props.lever, units.value.speed),
  tag: text(props.lever, 'speed'),
})
</script>

<template>
  <PlotChart
    :label="words.chart"
    :curves="curves"
    :across="across"
    :words="said"
    :marker="marker"
    :height="high ?? 470"
    :x="axes.x"
    :y="axes.y"
    data-trial-chart
  />
</template>
