<script setup lang="ts">
import { computed } from 'vue'
import {
  BAND,
  bandOf,
  driveTrain,
  formatNumber,
  fromUnit,
  measuredOf,
  theoryResistance,
  UNITS,
  type HullResistance,
  type ReadPoint,
} from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useLever } from '~/composables/useLever'
import type { ChartCurve } from '~/components/chart/chartTypes'
import { useCurveReading, useCurveScale } from './curveScale'

/** Shaft power against speed: every method, the recommended band, the owner's readings, what the motor gives. */
const props = defineProps<{ hidden: ReadonlySet<string>; unit: 'kW' | 'hp'; log: boolean }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const lever = useLever()
const { text } = useQuantities()
const { speedUnit, unit, kw, kn, speeds, speedAxis } = useCurveScale(computed(() => props.unit))
const DASHES = ['longdash', 'dash', 'dashdot', 'dot'] as const
const reading = useCurveReading()

/** W of all motors */
const rated = computed(() => document.shown.design.motor.ratedPower * answer.model.drives)
const measured = computed(() => measuredOf(document.shown))
const using = computed(() => document.shown.trial.use === 'measured' && measured.value.posterior !== null)

/** The owner's readings as shaft power with their error bars, and what the methods said before them. */
const readings = computed<ChartCurve[]>(() => {
  const { points } = measured.value
  if (points.length === 0) return []
  const model = answer.model
  const shaft = (speed: number, resistance: number) => kw(driveTrain(model, speed, resistance).shaftPower)
  // a reading is a factor on the theory of then: shown for the boat, the weather and the drive of now
  const pulls = points.map(p => theoryResistance(model, p.speed).centre * Math.exp(p.seen.away))
  const at = (p: ReadPoint, i: number, sigmas: number) => shaft(p.speed, pulls[i]! * Math.exp(sigmas * BAND * p.sigma))
  const before = using.value ? answer.curve.map(p => theoryResistance(model, p.speed)) : []
  const edge = (name: string, pull: (r: HullResistance) => number, more: Partial<ChartCurve>): ChartCurve => ({
    name,
    x: speeds.value,
    y: before.map((r, i) => shaft(answer.curve[i]!.speed, pull(r))),
    colour: 'soft',
    ...more,
  })
  return [
    ...(using.value
      ? [
          edge(benchWords.curve.theory, r => r.centre, { width: 1.5, dash: 'dash' }),
          edge(benchWords.curve.theoryLow, r => bandOf(r.centre, r.powerSigma, r.lift).low, {
            width: 1,
            dash: 'dot',
            quiet: true,
          }),
          edge(benchWords.curve.theoryHigh, r => bandOf(r.centre, r.powerSigma, r.lift).high, {
            width: 1,
            dash: 'dot',
            quiet: true,
          }),
        ]
      : []),
    {
      name: benchWords.curve.runs,
      x: points.map(p => kn(p.speed)),
      y: points.map((p, i) => at(p, i, 0)),
      bars: points.map((p, i) => ({ low: at(p, i, -1), high: at(p, i, 1) })),
      points: true,
      colour: 'fits',
      names: points.map(p => benchWords.curve.reading(p.rows.join(' + '), text(p.resistance / p.theory, 'ratio'))),
    },
  ]
})
const curves = computed<ChartCurve[]>(() => [
  {
    name: using.value ? benchWords.curve.measured : benchWords.curve.band,
    x: speeds.value,
    y: answer.curve.map(p => kw(p.drive.shaftPower)),
    band: {
      low: answer.curve.map(p => kw(p.shaftPowerLow)),
      high: answer.curve.map(p => kw(p.shaftPowerHigh)),
    },
    width: 2.6,
  },
  ...answer.methods.flatMap((curve, i): ChartCurve[] => {
    const { method } = answer.model.methods[i]!
    const off = props.hidden.has(method.id)
    return [
      {
        name: method.label,
        x: speeds.value,
        y: curve.shaftPower.map((p, k) => (curve.holds[k] ? kw(p) : null)),
        dash: DASHES[i % 4],
        hidden: off,
        tag: method.letter,
      },
      {
        name: `${method.label}, ${benchWords.curve.outside}`,
        x: speeds.value,
        y: curve.shaftPower.map((p, k) =>
          curve.holds[k] && curve.holds[k - 1] !== false && curve.holds[k + 1] !== false ? null : kw(p),
        ),
        dash: 'dot',
        width: 1.1,
        colour: 'soft',
        hidden: off,
        quiet: true,
      },
    ]
  }),
  ...readings.value,
])
/** the axis ends a little above what the motor or the wished top takes */
const ceiling = computed(() => kw(Math.max(1.5 * rated.value, 1.35 * answer.summary.top.drive.shaftPower)))
const y = computed(() => ({
  title: benchWords.curve.axisPower,
  unit: UNITS[unit.value].symbol,
  from: props.log ? ceiling.value / 2000 : 0,
  to: ceiling.value,
  log: props.log,
}))
const shown = (power: number) => formatNumber(power, power < 0.0995 ? 3 : 2)
const marker = () => {
  const p = answer.evaluation.point
  return {
    x: kn(p.speed),
    y: kw(p.drive.shaftPower),
    low: kw(p.shaftPowerLow),
    high: kw(p.shaftPowerHigh),
    tag: text(p.speed, 'speed'),
    value: `${shown(kw(p.drive.shaftPower))} ${UNITS[unit.value].symbol}`,
  }
}
const across = computed(() => [
  {
    at: kw(rated.value),
    label: `${benchWords.curve.rated} ${text(rated.value, 'electricPower')}`,
  },
  {
    at: kw(rated.value * (1 - document.shown.use.headroom)),
    label: benchWords.curve.usable,
    dash: 'dash' as const,
  },
])
const upright = computed(() => {
  const { knee, hump } = reading.value
  return [
    { at: kn(answer.summary.hullSpeed), label: benchWords.curve.hullSpeed, dash: 'dashdot' as const },
    ...(knee.reason === 'steep' ? [{ at: kn(knee.speed), label: benchWords.curve.knee, dash: 'dash' as const }] : []),
    ...(hump ? [{ at: kn(hump.speed), label: benchWords.curve.hump, dash: 'dash' as const }] : []),
  ]
})
</script>

<template>
  <PlotChart
    :label="benchWords.curve.chart"
    :curves="curves"
    :marker="marker"
    :across="across"
    :upright="upright"
    :height="400"
    over-lever
    :x="speedAxis"
    :y="y"
    @pick="lever.set(fromUnit($event, speedUnit))"
  />
</template>
