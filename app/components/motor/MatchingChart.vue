<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, matching, toUnit, UNITS, type ShaftCurve } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/**
 * The matching diagram at the propeller's shaft: demand in calm, sea and at the quay against motor, pack, controller
 * and the old engine.
 */
const answer = useAnswerStore()
const view = useViewStore()
const { text } = useQuantities()
const unit = computed(() => chosenUnit('torque', view.choice))
const nm = (t: number) => toUnit(t, unit.value)
const match = computed(() => matching(answer.model, answer.curve))
const xMost = computed(() => match.value.minutes.rpm.at(-1)!)
const yMost = computed(() => 1.15 * nm(Math.max(...match.value.minutes.torque)))
const line = (name: string, { rpm, torque }: ShaftCurve, look: Partial<ChartCurve> = {}): ChartCurve => ({
  name,
  x: rpm,
  y: torque.map((t, i) => (rpm[i]! > xMost.value || nm(t) > yMost.value ? null : nm(t))),
  ...look,
})
const curves = computed<ChartCurve[]>(() => [
  line(driveWords.minutes, match.value.minutes, { dash: 'dash', colour: 'tight', width: 1.6 }),
  line(driveWords.full, match.value.allDay.full, { width: 2.6 }),
  line(driveWords.low, match.value.allDay.low, { width: 1.4, dash: 'dashdot' }),
  line(driveWords.controller, match.value.controller, { width: 1.2, dash: 'dot', colour: 'clash' }),
  ...(match.value.engine ? [line(driveWords.engine, match.value.engine, { width: 1.4, colour: 'soft' })] : []),
  line(driveWords.demand, match.value.calm, { colour: 'text', width: 1.8 }),
  line(driveWords.sea, match.value.sea, { colour: 'text', width: 1.4, dash: 'longdash' }),
  line(driveWords.quay, match.value.quay, { colour: 'text', width: 1.4, dash: 'dot' }),
])
const crossings = computed(() =>
  match.value.crossings
    .map(c => driveWords.crossesAt(driveWords.crossings[c.of], text(c.rpm / 60, 'rotation'), text(c.torque, 'torque')))
    .join('; '),
)
const points = computed<ChartCurve[]>(() =>
  match.value.crossings.length
    ? [
        {
          name: driveWords.ends,
          x: match.value.crossings.map(c => c.rpm),
          y: match.value.crossings.map(c => nm(c.torque)),
          points: true,
          colour: 'clash',
          names: match.value.crossings.map(c => driveWords.crossings[c.of]),
        },
      ]
    : [],
)
const marker = () => {
  const { drive, speed } = answer.evaluation.point
  return {
    x: drive.shaftSpeed * 60,
    y: nm(drive.propellerTorque),
    tag: text(drive.shaftSpeed, 'rotation'),
    value: `${text(drive.propellerTorque, 'torque')}, ${text(speed, 'speed')}`,
  }
}
const axes = computed(() => ({
  x: { title: driveWords.axisShaft, unit: 'rpm', from: 0, to: xMost.value },
  y: { title: benchWords.motor.axisTorque, unit: UNITS[unit.value].symbol, from: 0, to: yMost.value },
}))
</script>

<template>
  <PlotChart
    :label="driveWords.matching"
    :curves="[...curves, ...points]"
    :marker="marker"
    :height="330"
    :x="axes.x"
    :y="axes.y"
  />
  <ChartKey :curves="curves" />
  <p class="small" data-crossings>{{ crossings ? `${driveWords.ends}: ${crossings}.` : driveWords.noCrossing }}</p>
</template>
