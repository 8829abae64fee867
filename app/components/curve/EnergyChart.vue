<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, fromUnit, toUnit, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { useLever } from '~/composables/useLever'
import { useCurveReading, useCurveScale } from './curveScale'

/** Energy for a distance against speed, with its least: slow enough, house and idle take more than the hull. */
const answer = useAnswerStore()
const view = useViewStore()
const lever = useLever()
const { text } = useQuantities()
const { speedUnit, kn, speeds, speedAxis } = useCurveScale()
const reading = useCurveReading()
const unit = computed(() => chosenUnit('energyPerDistance', view.choice))
const wh = (v: number) => toUnit(v, unit.value)
const curves = computed(() => [
  {
    name: benchWords.curve.band,
    x: speeds.value,
    y: answer.curve.map(p => wh(p.energyPerDistance)),
    band: {
      low: answer.curve.map(p => wh(p.packPowerLow / p.speed)),
      high: answer.curve.map(p => wh(p.packPowerHigh / p.speed)),
    },
    width: 2.6,
  },
])
const y = computed(() => ({
  title: benchWords.curve.energyAxis,
  unit: UNITS[unit.value].symbol,
  from: 0,
  to: 1.6 * wh(Math.max(answer.summary.cruise.energyPerDistance, answer.summary.top.energyPerDistance)),
}))
const upright = computed(() => [
  { at: kn(reading.value.cheapest.speed), label: benchWords.curve.cheapest, dash: 'dash' as const },
])
const marker = () => {
  const p = answer.evaluation.point
  return {
    x: kn(p.speed),
    y: wh(p.energyPerDistance),
    tag: text(p.speed, 'speed'),
    value: text(p.energyPerDistance, 'energyPerDistance'),
  }
}
</script>

<template>
  <PlotChart
    :label="benchWords.curve.energyChart"
    :curves="curves"
    :marker="marker"
    :upright="upright"
    :height="400"
    over-lever
    :x="speedAxis"
    :y="y"
    @pick="lever.set(fromUnit($event, speedUnit))"
  />
</template>
