<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, fromUnit, toUnit, UNITS } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { useLever } from '~/composables/useLever'
import type { ChartCurve } from '~/components/chart/chartTypes'
import { useCurveScale } from './curveScale'

/** What the pull is made of, by the method that weighs most and splits it: piled up, with the sea margin on top. */
const answer = useAnswerStore()
const view = useViewStore()
const lever = useLever()
const { text } = useQuantities()
const { speedUnit, kn, speeds, speedAxis } = useCurveScale()
const unit = computed(() => chosenUnit('force', view.choice))
const n = (v: number) => toUnit(v, unit.value)
/** the first of the hull's methods that splits its resistance */
const index = computed(() =>
  Math.max(
    0,
    answer.model.methods.findIndex(x => !x.method.inService),
  ),
)
const label = computed(() => answer.model.methods[index.value]!.method.label)
const PARTS = ['friction', 'wave', 'appendage', 'air'] as const
const WASHES = ['band', 'water', 'desk', 'rule'] as const
const curves = computed((): ChartCurve[] => {
  const at = answer.curve.map(p => p.resistance.methods[index.value]!)
  return [
    ...PARTS.map((part, i) => ({
      name: benchWords.curve.parts[part],
      x: speeds.value,
      y: at.map(a => n(a[part])),
      stack: true,
      wash: WASHES[i]!,
      width: 1.4,
    })),
    {
      name: benchWords.curve.parts.margin,
      x: speeds.value,
      y: at.map(a => n(a.value - (a.friction + a.wave + a.appendage + a.air))),
      stack: true,
      wash: 'paper',
      width: 1.4,
    },
  ]
})
const y = computed(() => ({
  title: benchWords.curve.partsAxis,
  unit: UNITS[unit.value].symbol,
  from: 0,
  to: 1.5 * n(answer.summary.top.resistance.methods[index.value]!.value),
}))
const marker = () => {
  const p = answer.evaluation.point
  const value = p.resistance.methods[index.value]!.value
  return { x: kn(p.speed), y: n(value), tag: text(p.speed, 'speed'), value: text(value, 'force') }
}
</script>

<template>
  <div>
    <PlotChart
      :label="benchWords.curve.partsChart"
      :curves="curves"
      :marker="marker"
      :height="400"
      over-lever
      :x="speedAxis"
      :y="y"
      @pick="lever.set(fromUnit($event, speedUnit))"
    />
    <ul class="key small">
      <li v-for="(part, i) in PARTS" :key="part">
        <i :style="{ background: `var(--${WASHES[i]})` }" />{{ benchWords.curve.parts[part] }}
      </li>
      <li><i :style="{ background: 'var(--paper)' }" />{{ benchWords.curve.parts.margin }}</li>
    </ul>
    <p class="small soft">{{ benchWords.curve.partsOf(label) }}</p>
  </div>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.key i {
  display: inline-block;
  width: 14px;
  height: 9px;
  border: 1px solid var(--ink);
  margin-right: 5px;
}
</style>
