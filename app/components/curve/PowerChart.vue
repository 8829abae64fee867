<script setup lang="ts">
import { computed, ref } from 'vue'
import { formatNumber, fromUnit, measuredOf, theoryResistance, driveTrain, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useLever } from '~/composables/useLever'
import type { ChartCurve } from '~/components/chart/chartTypes'
import { useCurveReading, useCurveScale } from './curveScale'

/** Shaft power against speed: every method, the recommended band, the owner's runs, what the motor gives. */
const props = defineProps<{ hidden: ReadonlySet<string>; unit: 'kW' | 'hp'; log: boolean }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const lever = useLever()
const { text } = useQuantities()
const { speedUnit, unit, kw, kn, speeds, speedAxis } = useCurveScale(computed(() => props.unit))
const DASHES = ['longdash', 'dash', 'dashdot', 'dot'] as const
const reading = useCurveReading()
const chart = ref<{ save: (format: 'png' | 'svg', name: string) => Promise<void> }>()
defineExpose({ save: (format: 'png' | 'svg', name: string) => chart.value?.save(format, name) })

const motor = computed(() => document.shown.design.motor)
const measured = computed(() => measuredOf(document.shown))
const using = computed(() => document.shown.trial.use === 'measured' && measured.value.outcome === 'fitted')

/** The owner's runs as shaft power, and the curve through them with its spread, when the methods' curve is in use. */
const trial = computed<ChartCurve[]>(() => {
  const fit = measured.value
  if (fit.outcome !== 'fitted') return []
  const model = answer.model
  const shaft = (speed: number, resistance: number) => kw(driveTrain(model, speed, resistance).shaftPower)
  const runs: ChartCurve = {
    name: benchWords.curve.runs,
    x: fit.runs.map(r => kn(r.speed)),
    y: fit.runs.map(r => shaft(r.speed, r.resistance)),
    points: true,
    colour: 'fits',
    names: fit.runs.map(r => `${benchWords.curve.runs}, ${r.rows.join(' + ')}: ${text(r.power, 'electricPower')}`),
  }
  if (using.value) {
    return [
      {
        name: benchWords.curve.theory,
        x: speeds.value,
        y: answer.curve.map(p => shaft(p.speed, theoryResistance(model, p.speed).centre)),
        width: 1.5,
        dash: 'dash',
        colour: 'soft',
      },
      runs,
    ]
  }
  const at = (k: (v: number) => number) =>
    answer.curve.map(p =>
      p.speed < 0.8 * fit.from || p.speed > 1.2 * fit.to ? null : shaft(p.speed, p.resistance.centre * k(p.speed)),
    )
  return [
    { name: benchWords.curve.measured, x: speeds.value, y: at(v => fit.factor(v)), width: 2.2, colour: 'fits' },
    {
      name: `${benchWords.curve.measured} −`,
      x: speeds.value,
      y: at(v => fit.factor(v) * Math.exp(-fit.spread(v))),
      width: 1,
      dash: 'dot',
      colour: 'fits',
    },
    {
      name: `${benchWords.curve.measured} +`,
      x: speeds.value,
      y: at(v => fit.factor(v) * Math.exp(fit.spread(v))),
      width: 1,
      dash: 'dot',
      colour: 'fits',
    },
    runs,
  ]
})
const curves = computed<ChartCurve[]>(() => [
  { name: 'low', x: speeds.value, y: answer.curve.map(p => kw(p.shaftPowerLow)), fill: false },
  { name: 'high', x: speeds.value, y: answer.curve.map(p => kw(p.shaftPowerHigh)), fill: true },
  {
    name: using.value ? benchWords.curve.measured : benchWords.curve.band,
    x: speeds.value,
    y: answer.curve.map(p => kw(p.drive.shaftPower)),
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
      },
    ]
  }),
  ...trial.value,
])
/** the axis ends a little above what the motor or the wished top takes */
const ceiling = computed(() => kw(Math.max(1.5 * motor.value.ratedPower, 1.35 * answer.summary.top.drive.shaftPower)))
const y = computed(() => ({
  title: `${benchWords.curve.axisPower}, ${UNITS[unit.value].symbol}`,
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
    at: kw(motor.value.ratedPower),
    label: `${benchWords.curve.rated} ${text(motor.value.ratedPower, 'electricPower')}`,
  },
  {
    at: kw(motor.value.ratedPower * (1 - document.shown.use.headroom)),
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
    ref="chart"
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
