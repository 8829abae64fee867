<script setup lang="ts">
import { computed } from 'vue'
import { runSpeed, type TrialCurvePoint, type TrialPair } from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'
import { quantityTicks, unitSign, useInkFrame } from '~/components/chart/inkFrame'
import ChartTable from '~/components/chart/ChartTable.vue'
import InkPlot from '~/components/chart/InkPlot.vue'
import { between, line } from '~/components/day/chartPaths'

/** Power against speed: what was predicted, runs out and back with their means, the fit so far, and where she is. */
const props = defineProps<{
  predicted: readonly TrialCurvePoint[]
  fitted: readonly TrialCurvePoint[]
  pairs: readonly TrialPair[]
  /** W of the steps that are still to come, with their shares */
  coming: readonly { power: number; share: string }[]
  /** where she is, m/s and W, the last minutes first to last */
  here: readonly { speed: number; power: number }[]
  lever: number
  high?: number
}>()
const view = useViewStore()
const { text } = useQuantities()
const runs = computed(() => props.pairs.flatMap(p => p.runs))
const mostSpeed = computed(() => Math.max(...props.predicted.map(p => p.speed), ...runs.value.map(runSpeed), 0.5))
const HEADROOM = 1.12
const mostPower = computed(
  () =>
    HEADROOM *
    Math.max(
      ...props.coming.map(c => c.power),
      ...runs.value.map(r => r.means.power ?? 0),
      ...props.here.map(h => h.power),
      100,
    ),
)
const { place, frame } = useInkFrame({ left: 34, right: 14, top: 26, below: 46 }, () => props.high ?? 470, {
  x: () => [0, mostSpeed.value],
  y: () => [0, mostPower.value],
})
const at = (p: { speed: number; power: number }) => ({ x: frame.value.x(p.speed), y: frame.value.y(p.power) })
const xTicks = computed(() => quantityTicks('speed', mostSpeed.value, Math.min(8, frame.value.wide / 60), view.choice))
const yTicks = computed(() => quantityTicks('electricPower', mostPower.value, 6, view.choice))
const band = computed(() =>
  between(
    props.predicted.map(p => at({ speed: p.speed, power: p.high })),
    props.predicted.map(p => at({ speed: p.speed, power: p.low })),
  ),
)
const reached = computed(() => Math.max(0, ...props.pairs.filter(p => p.runs.length).map(p => p.speed)))
/** the first point of the curve that no run has reached */
const beyond = computed(() => {
  const at = props.fitted.findIndex(p => p.speed >= reached.value)
  return at < 0 ? props.fitted.length : at
})
const near = computed(() => props.fitted.slice(0, beyond.value + 1))
const far = computed(() => props.fitted.slice(beyond.value))
const shown = computed(() =>
  props.pairs
    .filter(p => p.runs.length > 0)
    .map(p => ({
      step: p.step,
      paired: p.paired,
      dots: p.runs.map(r => at({ speed: runSpeed(r), power: r.means.power ?? 0 })),
      mean: at(p),
    })),
)
const now = computed(() => (props.here.length ? at(props.here.at(-1)!) : null))
const trail = computed(() =>
  props.here
    .slice(-60)
    .filter((_, i) => i % 10 === 0)
    .map(at),
)
/** a place on the predicted curve where a word has room */
const word = computed(() => {
  const p = props.predicted[Math.floor(props.predicted.length * 0.62)]
  return p && at(p)
})
const rows = computed(() => [
  ...props.predicted
    .filter((_, i) => i % 4 === 0)
    .map(p => [text(p.speed, 'speed'), text(p.power, 'electricPower'), '']),
  ...runs.value.map(r => [text(runSpeed(r), 'speed'), '', text(r.means.power ?? 0, 'electricPower')]),
])
const TURNS = 120
const turned = computed(() => now.value !== null && now.value.x > frame.value.wide - TURNS)
</script>

<template>
  <div ref="place" data-trial-chart>
    <InkPlot
      :frame="frame"
      :label="words.chart"
      :x-ticks="xTicks"
      :y-ticks="yTicks"
      :x-title="`${words.throughWater}, ${unitSign('speed', view.choice)}`"
      :y-title="`${words.chartAxis}, ${unitSign('electricPower', view.choice)}`"
      :lever="{ at: lever, tag: text(lever, 'speed') }"
    >
      <path :d="band" class="ink-plot__band" />
      <g v-for="c in coming" :key="c.share">
        <path :d="`M${frame.left} ${frame.y(c.power)}H${frame.wide}`" class="coming" />
        <text :x="frame.left + 8" :y="frame.y(c.power) - 4" class="ink-plot__say ink-plot__halo">
          {{ words.comes(c.share) }}
        </text>
      </g>
      <path :d="line(predicted.map(at))" class="predicted" />
      <path v-if="near.length > 1" :d="line(near.map(at))" class="fitted" />
      <path v-if="far.length > 1 && reached > 0" :d="line(far.map(at))" class="further" />
      <template #above>
        <g v-for="p in shown" :key="p.step">
          <path
            v-if="p.dots.length > 1"
            :d="`M${p.dots[0]!.x} ${p.dots[0]!.y}L${p.dots.at(-1)!.x} ${p.dots.at(-1)!.y}`"
            class="pair"
          />
          <path v-for="(d, i) in p.dots" :key="i" :d="`M${d.x} ${d.y - 6}l6 6l-6 6l-6-6z`" class="run" />
          <rect v-if="p.paired" :x="p.mean.x - 5.5" :y="p.mean.y - 5.5" width="11" height="11" class="mean" />
        </g>
        <circle v-for="(t, i) in trail" :key="`t${i}`" :cx="t.x" :cy="t.y" r="1.6" class="mean" />
        <g v-if="now">
          <circle :cx="now.x" :cy="now.y" r="9" class="ring" />
          <circle :cx="now.x" :cy="now.y" r="5" class="mean" />
          <text
            :x="now.x + (turned ? -14 : 14)"
            :y="Math.max(frame.top + 14, now.y - 12)"
            :text-anchor="turned ? 'end' : 'start'"
            class="ink-plot__word ink-plot__halo"
          >
            {{ words.here }}
          </text>
        </g>
        <text v-if="word" :x="word.x - 8" :y="word.y - 6" text-anchor="end" class="ink-plot__say ink-plot__halo">
          {{ words.predicted }}
        </text>
      </template>
    </InkPlot>
    <ChartTable :label="words.chart" :head="[words.throughWater, words.predicted, words.ran]" :rows="rows" />
  </div>
</template>

<style scoped>
.coming {
  stroke: var(--rule);
  stroke-dasharray: 4 4;
}
.predicted,
.further,
.fitted {
  fill: none;
  stroke: var(--ink);
}
.predicted {
  stroke-width: 1.75;
  stroke-dasharray: 8 5;
}
.fitted {
  stroke-width: 3;
}
.further {
  stroke-width: 1.5;
  stroke-dasharray: 1.5 4;
}
.pair {
  stroke: var(--text);
  stroke-width: 1.5;
}
.run {
  fill: var(--sheet);
  stroke: var(--text);
  stroke-width: 1.5;
}
.mean {
  fill: var(--text);
}
.ring {
  fill: none;
  stroke: var(--text);
  stroke-width: 1.5;
}
</style>
