<script setup lang="ts">
import { computed } from 'vue'
import {
  asSetUp,
  driveTrain,
  modelOf,
  theoryResistance,
  type Project,
  type ReadPoint,
  type TrialCurvePoint,
  isFarOff,
} from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import { quantityTicks, unitSign, useInkFrame } from '~/components/chart/inkFrame'
import ChartTable from '~/components/chart/ChartTable.vue'
import InkPlot from '~/components/chart/InkPlot.vue'
import { between, line } from '~/components/day/chartPaths'

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
/** what a reading would be today, in calm: its distance from the theory of then on that of now */
const circles = computed(() => {
  const model = modelOf(asSetUp(props.project, undefined))
  return props.points.map(p => ({
    speed: p.speed,
    power: driveTrain(model, p.speed, theoryResistance(model, p.speed).centre * Math.exp(p.seen.away)).packPower,
    trip: p.trip !== null,
    far: isFarOff(p),
  }))
})
const mostSpeed = computed(() => Math.max(0.5, ...props.now.map(p => p.speed)))
const mostPower = computed(() =>
  Math.max(100, 1.1 * (props.now.at(-1)?.power ?? 0), ...circles.value.filter(c => !c.far).map(c => 1.05 * c.power)),
)
const HIGH = 270
const { place, frame } = useInkFrame({ left: 34, right: 8, top: 22, below: 44 }, () => HIGH, {
  x: () => [0, mostSpeed.value],
  y: () => [0, mostPower.value],
})
const at = (p: { speed: number; power: number }) => ({ x: frame.value.x(p.speed), y: frame.value.y(p.power) })
const xTicks = computed(() => quantityTicks('speed', mostSpeed.value, Math.min(7, frame.value.wide / 60), view.choice))
const yTicks = computed(() => quantityTicks('electricPower', mostPower.value, 4, view.choice))
const band = computed(() =>
  between(
    props.now.map(p => at({ speed: p.speed, power: p.high })),
    props.now.map(p => at({ speed: p.speed, power: p.low })),
  ),
)
const rows = computed(() =>
  props.now
    .map((p, i) => [p, props.predicted[i], props.trial[i]] as const)
    .filter((_, i) => i % 4 === 0)
    .map(of => [
      text(of[0].speed, 'speed'),
      ...[of[1], ...(props.trial.length > 0 ? [of[2]] : []), of[0]].map(p => (p ? text(p.power, 'electricPower') : '')),
    ]),
)
const word = computed(() => {
  const p = props.now[Math.floor(props.now.length * 0.7)]
  return p && at(p)
})
</script>

<template>
  <div ref="place" data-own-curve>
    <InkPlot
      :frame="frame"
      :label="words.curve"
      :x-ticks="xTicks"
      :y-ticks="yTicks"
      :x-title="unitSign('speed', view.choice)"
      :y-title="`${words.axis}, ${unitSign('electricPower', view.choice)}`"
      :lever="{ at: lever, tag: text(lever, 'speed') }"
    >
      <path :d="band" class="ink-plot__band" />
      <path :d="line(predicted.map(at))" class="predicted" />
      <path v-if="trial.length" :d="line(trial.map(at))" class="trial" />
      <path :d="line(now.map(at))" class="now" />
      <circle
        v-for="(c, i) in circles"
        :key="i"
        :cx="at(c).x"
        :cy="at(c).y"
        :r="c.trip ? 4 : 5"
        :class="c.trip ? 'trip' : 'read'"
      />
      <template #above>
        <text
          v-if="word"
          :x="word.x - 8"
          :y="Math.max(frame.top + 14, word.y - 8)"
          text-anchor="end"
          class="ink-plot__word ink-plot__halo"
        >
          {{ words.now(within) }}
        </text>
      </template>
    </InkPlot>
    <ChartTable
      :label="words.curve"
      :head="[words.speed, words.predicted, ...(trial.length ? [words.trial] : []), words.now(within)]"
      :rows="rows"
    />
    <p class="key small">
      <span><i class="k-predicted" />{{ words.predicted }}</span
      ><span v-if="trial.length"><i class="k-trial" />{{ words.trial }}</span
      ><span><i class="k-now" />{{ words.now(within) }}</span>
    </p>
  </div>
</template>

<style scoped>
.predicted,
.trial,
.now {
  fill: none;
  stroke: var(--ink);
}
.predicted {
  stroke-width: 1.5;
  stroke-dasharray: 2 4;
}
.trial {
  stroke-width: 1.5;
  stroke-dasharray: 8 5;
}
.now {
  stroke-width: 2.75;
}
.trip {
  fill: var(--sheet);
  stroke: var(--text);
  stroke-width: 1.5;
}
.read {
  fill: var(--text);
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.key i {
  display: inline-block;
  width: 24px;
  height: 0;
  margin-right: 5px;
  vertical-align: middle;
  border-top: 2px solid var(--ink);
}
.key .k-predicted {
  border-top-style: dotted;
}
.key .k-trial {
  border-top-style: dashed;
}
.key .k-now {
  border-top-width: 3px;
}
</style>
