<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, efficiencyLines, motorEnvelope, toUnit, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Torque against the motor's own speed: what it holds, what the propeller asks, and where it is efficient. */
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()
const unit = computed(() => chosenUnit('torque', view.choice))
const nm = (t: number) => toUnit(t, unit.value)
const envelope = computed(() => motorEnvelope(document.shown, answer.curve))
const most = computed(() => Math.max(...envelope.value.peak))
const lines = computed<ChartCurve[]>(() => {
  const fit = answer.model.motor
  if (fit.outcome !== 'fitted') return []
  return efficiencyLines(fit.losses, document.shown.design.motor.greatestRpm).flatMap(
    ({ efficiency, rpm, upper, lower }) =>
      [upper, lower].map((torque, i) => ({
        name: `${Math.round(100 * efficiency)} % ${driveWords.better}`,
        x: rpm,
        y: torque.map(t => (t === null || t > 1.1 * most.value ? null : nm(t))),
        width: 1,
        colour: 'soft' as const,
        dash: 'dot' as const,
        ...(i === 0 ? { tag: `${Math.round(100 * efficiency)} %` } : {}),
      })),
  )
})
const main = computed<ChartCurve[]>(() => [
  {
    name: benchWords.motor.peak,
    x: envelope.value.rpm,
    y: envelope.value.peak.map(nm),
    dash: 'dash',
    colour: 'tight',
    width: 1.6,
  },
  { name: benchWords.motor.allDay, x: envelope.value.rpm, y: envelope.value.allDay.map(nm), width: 2.6 },
  {
    name: benchWords.motor.demand,
    x: envelope.value.demandRpm,
    y: envelope.value.demand.map(nm),
    colour: 'text',
    dash: 'longdash',
    width: 1.8,
  },
])
/** where the day is spent: cruise and top */
const day = computed<ChartCurve>(() => {
  const points = [
    [boardWords.lever.cruise, answer.summary.cruise],
    [boardWords.lever.top, answer.summary.top],
  ] as const
  return {
    name: driveWords.dayPoints,
    x: points.map(([, p]) => p.drive.motorRpm),
    y: points.map(([, p]) => nm(p.drive.motorTorque)),
    names: points.map(([word, p]) => `${word}: ${text(p.drive.motorEfficiency, 'ratio')}`),
    points: true,
    colour: 'fits',
  }
})
const marker = () => {
  const { drive, speed } = answer.evaluation.point
  return {
    x: drive.motorRpm,
    y: nm(drive.motorTorque),
    tag: text(drive.motorRpm / 60, 'rotation'),
    value: `${text(drive.motorTorque, 'torque')}, ${text(drive.motorEfficiency, 'ratio')}, ${text(speed, 'speed')}`,
  }
}
const axes = computed(() => ({
  x: { title: benchWords.motor.axisRpm, unit: 'rpm', from: 0, to: document.shown.design.motor.greatestRpm },
  y: { title: benchWords.motor.axisTorque, unit: UNITS[unit.value].symbol, from: 0, to: 1.12 * nm(most.value) },
}))
</script>

<template>
  <PlotChart
    :label="benchWords.motor.torque"
    :curves="[...lines, ...main, day]"
    :marker="marker"
    :height="300"
    :x="axes.x"
    :y="axes.y"
  />
  <ChartKey :curves="[...main, { name: driveWords.better, dash: 'dot', colour: 'soft', width: 1 }]" />
</template>
