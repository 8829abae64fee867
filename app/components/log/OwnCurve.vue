<script setup lang="ts">
import { computed } from 'vue'
import {
  asSetUp,
  chosenUnit,
  driveTrain,
  isFarOff,
  modelOf,
  theoryResistance,
  toUnit,
  UNITS,
  type Project,
  type ReadPoint,
  type TrialCurvePoint,
} from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Power from the pack against speed: as predicted, after the trial, and now with every trip. */
const props = defineProps<{
  project: Project
  predicted: readonly TrialCurvePoint[]
  trial: readonly TrialCurvePoint[]
  now: readonly TrialCurvePoint[]
  points: readonly ReadPoint[]
  lever: number
  within: string
}>()
const view = useViewStore()
const { text } = useQuantities()
const units = computed(() => ({
  speed: chosenUnit('speed', view.choice),
  power: chosenUnit('electricPower', view.choice),
}))
const kn = (v: number) => toUnit(v, units.value.speed),
  kw = (p: number) => toUnit(p, units.value.power)
/** what a reading would be today, in calm: its distance from the theory of then on that of now */
const read = computed(() => {
  const model = modelOf(asSetUp(props.project, undefined))
  return props.points.map(p => ({
    speed: p.speed,
    power: driveTrain(model, p.speed, theoryResistance(model, p.speed).centre * Math.exp(p.seen.away)).packPower,
    trip: p.trip !== null,
    far: isFarOff(p),
  }))
})
const course = (name: string, points: readonly TrialCurvePoint[], look: Partial<ChartCurve>): ChartCurve => ({
  name,
  x: points.map(p => kn(p.speed)),
  y: points.map(p => kw(p.power)),
  ...look,
})
const marks = (trip: boolean): ChartCurve => {
  const of = read.value.filter(c => c.trip === trip)
  return {
    name: trip ? words.trip : words.told,
    x: of.map(c => kn(c.speed)),
    y: of.map(c => kw(c.power)),
    points: true,
    mark: trip ? 'circle' : 'dot',
    colour: 'text',
  }
}
const lines = computed(() => [
  course(words.predicted, props.predicted, { dash: 'dot' }),
  ...(props.trial.length > 0 ? [course(words.trial, props.trial, { dash: 'dash' })] : []),
  course(words.now(props.within), props.now, {
    width: 2.75,
    band: { low: props.now.map(p => kw(p.low)), high: props.now.map(p => kw(p.high)) },
  }),
])
const curves = computed(() => [...lines.value, marks(false), marks(true)])
const axes = computed(() => ({
  x: {
    title: words.speed,
    unit: UNITS[units.value.speed].symbol,
    from: 0,
    to: kn(Math.max(0.5, ...props.now.map(p => p.speed))),
  },
  y: {
    title: words.axis,
    unit: UNITS[units.value.power].symbol,
    from: 0,
    to: kw(
      Math.max(100, 1.1 * (props.now.at(-1)?.power ?? 0), ...read.value.filter(c => !c.far).map(c => 1.05 * c.power)),
    ),
  },
}))
const marker = () => ({ x: kn(props.lever), tag: text(props.lever, 'speed') })
</script>

<template>
  <div data-own-curve>
    <PlotChart :label="words.curve" :curves="curves" :marker="marker" :height="270" :x="axes.x" :y="axes.y" />
    <ChartKey :curves="lines" />
  </div>
</template>
