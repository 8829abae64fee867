<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  chosenUnit,
  dayWarming,
  driveHeat,
  evaluate,
  fitWarming,
  toUnit,
  UNITS,
  warmingCurve,
  FREEZING,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { useRestingSpeed } from '~/composables/useRestingSpeed'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Temperatures from cold at the lever's speed, with the limits, and the owner's own readings. */
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()
/** the curves drawn are the motor’s: so are the readings beside them */
const motorPoints = computed(() => document.shown.heat.points.filter(p => p.part === 'motor'))
const unit = computed(() => chosenUnit('temperature', view.choice))
const degrees = (k: number) => toUnit(k, unit.value)
/** the curves have a hundred temperatures each */
const settled = useRestingSpeed()
const over = ref<keyof typeof driveWords.views2>('lever')
const day = computed(() => (over.value === 'day' ? dayWarming(answer.model) : null))
const duration = computed(() =>
  day.value ? day.value.time.at(-1)! : Math.max(3600, ...motorPoints.value.map(p => 1.1 * p.time)),
)
const ways = computed(() => driveHeat(answer.model))
const warming = computed(() =>
  over.value === 'day'
    ? day.value
    : warmingCurve(answer.model, evaluate(document.shown, settled.value).point.drive, duration.value),
)
const minutes = computed(() => warming.value?.time.map(t => t / 60) ?? [])
const curves = computed<ChartCurve[]>(() =>
  warming.value
    ? [
        { name: driveWords.winding, x: minutes.value, y: warming.value.winding.map(degrees), width: 2.6 },
        { name: driveWords.case, x: minutes.value, y: warming.value.case.map(degrees), width: 1.8, dash: 'dash' },
        {
          name: boardWords.parts.controller.toLowerCase(),
          x: minutes.value,
          y: warming.value.controller.map(degrees),
          width: 1.8,
          dash: 'dashdot',
          colour: 'tight',
        },
      ]
    : [],
)
const readings = computed<ChartCurve[]>(() =>
  motorPoints.value.length && !day.value
    ? [
        {
          name: driveWords.readings,
          x: motorPoints.value.map(p => p.time / 60),
          y: motorPoints.value.map(p => degrees(p.temperature)),
          points: true,
          colour: 'fits',
        },
      ]
    : [],
)
const fit = computed(() => (motorPoints.value.length ? fitWarming(motorPoints.value) : null))
const fitted = computed<ChartCurve[]>(() =>
  fit.value?.outcome === 'fitted' && !day.value
    ? [
        {
          name: driveWords.readings,
          x: minutes.value,
          y: minutes.value.map(t => {
            const f = fit.value
            return f?.outcome === 'fitted'
              ? degrees(f.final - (f.final - f.start) * Math.exp((-t * 60) / f.timeConstant))
              : null
          }),
          width: 1.6,
          colour: 'fits',
        },
      ]
    : [],
)
const lines = computed(() =>
  ways.value
    ? [
        {
          at: degrees(ways.value.path.limit),
          label: `${driveWords.winding}, ${driveWords.limit} ${text(ways.value.path.limit, 'temperature')}`,
        },
        { at: degrees(ways.value.controller.from), label: driveWords.backs, dash: 'dash' as const },
      ]
    : [],
)
const upright = computed(() =>
  day.value
    ? [
        { at: day.value.pushFrom / 60, label: driveWords.pushes },
        ...(day.value.drop ? [{ at: day.value.drop.time / 60, label: '' }] : []),
      ]
    : [],
)
const dayWords = computed(() => {
  const drop = day.value?.drop
  return drop
    ? driveWords.dayDrops(
        text(drop.time, 'shortTime'),
        text(drop.speed, 'speed'),
        text(drop.train.packPower, 'electricPower'),
      )
    : driveWords.dayHolds
})
const axes = computed(() => ({
  x: { title: driveWords.axisTime, unit: 'min', from: 0, to: duration.value / 60 },
  y: {
    title: driveWords.axisTemperature,
    unit: UNITS[unit.value].symbol,
    from: degrees(FREEZING),
    to: degrees(
      Math.max(
        (ways.value?.path.limit ?? 430) + 15,
        ...(warming.value ? [Math.min(520, 1.02 * warming.value.winding.at(-1)!)] : []),
      ),
    ),
  },
}))
</script>

<template>
  <ChoiceField
    :label="driveWords.axisTime"
    :options="driveWords.views2"
    :model-value="over"
    data-heat-over
    @update:model-value="over = $event"
  />
  <PlotChart
    :label="day ? driveWords.heatDay : driveWords.heat"
    :curves="[...curves, ...fitted, ...readings]"
    :height="330"
    :x="axes.x"
    :y="axes.y"
    :across="lines"
    :upright="upright"
  />
  <p v-if="day" class="prose" data-day>{{ dayWords }}</p>
  <ChartKey :curves="curves" />
  <HeatReadings />
</template>
