<script setup lang="ts">
import { computed } from 'vue'
import { engineCurves, motorEnvelope, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useCurveScale } from './curveScale'

/** The old engine's power with the motor's, each over its own rated speed, and what the old propeller asked. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const { unit, kw } = useCurveScale()
const engine = computed(() => document.shown.boat.oldEngine)
const motor = computed(() => document.shown.design.motor)
const curves = computed(() => {
  const old = engineCurves(engine.value),
    electric = motorEnvelope(document.shown, answer.curve)
  const power = (torque: number, i: number) => kw((torque * electric.rpm[i]! * Math.PI) / 30)
  const share = electric.rpm.map(n => (100 * n) / motor.value.ratedRpm)
  return [
    {
      name: benchWords.curve.fullLoad,
      x: old.rpm.map(n => (100 * n) / engine.value.ratedRpm),
      y: old.power.map(kw),
      width: 2.2,
      colour: 'soft' as const,
    },
    {
      name: benchWords.curve.demand,
      x: old.rpm.map(n => (100 * n) / engine.value.ratedRpm),
      y: old.demand.map(kw),
      dash: 'longdash' as const,
      colour: 'text' as const,
    },
    { name: benchWords.curve.motorAllDay, x: share, y: electric.allDay.map(power), width: 2.6 },
    {
      name: benchWords.curve.motorMinutes,
      x: share,
      y: electric.peak.map(power),
      dash: 'dash' as const,
      colour: 'tight' as const,
    },
  ]
})
const axes = computed(() => ({
  x: { title: benchWords.curve.engineAxis, unit: '%', from: 0, to: 140 },
  y: {
    title: benchWords.curve.axisPower,
    unit: UNITS[unit.value].symbol,
    from: 0,
    to: 1.15 * kw(Math.max(engine.value.ratedPower, motor.value.peakPower)),
  },
}))
const marker = () => {
  const { drive } = answer.evaluation.point
  return {
    x: (100 * drive.motorRpm) / motor.value.ratedRpm,
    y: kw(drive.shaftPower),
    tag: `${Math.round((100 * drive.motorRpm) / motor.value.ratedRpm)} %`,
    value: text(drive.shaftPower, 'electricPower'),
  }
}
</script>

<template>
  <p v-if="!engine.ratedPower" class="prose soft">{{ benchWords.curve.noEngine }}</p>
  <div v-else>
    <PlotChart
      :label="benchWords.curve.engineChart"
      :curves="curves"
      :marker="marker"
      :height="360"
      :x="axes.x"
      :y="axes.y"
    />
    <ul class="key small">
      <li><i class="old" />{{ benchWords.curve.fullLoad }}</li>
      <li><i class="long" />{{ benchWords.curve.demand }}</li>
      <li><i class="solid" />{{ benchWords.curve.motorAllDay }}</li>
      <li><i class="dash" />{{ benchWords.curve.motorMinutes }}</li>
    </ul>
    <OldEngineWords />
  </div>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-bottom: 6px;
  color: var(--soft);
}
.key i {
  display: inline-block;
  width: 28px;
  border-top: 2.5px solid var(--ink);
  margin-right: 5px;
  vertical-align: 3px;
}
.key i.old {
  border-color: var(--soft);
}
.key i.long {
  border-top: 2px dashed var(--text);
}
.key i.dash {
  border-top: 2px dashed var(--tight);
}
</style>
