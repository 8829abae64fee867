<script setup lang="ts">
import { computed } from 'vue'
import { ticks } from 'd3-array'
import type { LearntStep } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useInkFrame } from '~/components/chart/inkFrame'
import ChartTable from '~/components/chart/ChartTable.vue'
import InkPlot from '~/components/chart/InkPlot.vue'

/** How well power at cruise is known, step by step since the beginning. */
const props = defineProps<{ before: number; trial: number | null; steps: readonly LearntStep[]; speed: string }>()
const HIGH = 270
const most = computed(() => 1.08 * Math.max(props.before, ...props.steps.map(s => s.within), 0.05))
const count = computed(() => Math.max(1, props.steps.at(-1)?.trips ?? 1))
const { place, frame } = useInkFrame({ left: 30, right: 8, top: 22, below: 44 }, () => HIGH, {
  x: () => [0, count.value + 1],
  y: () => [0, most.value],
})
const yTicks = computed(() => ticks(0, 100 * most.value, 4).map(v => ({ at: v / 100, word: String(v) })))
const xTicks = computed(() => (count.value > 2 ? [1, count.value] : [1]).map(n => ({ at: n, word: String(n) })))
/** where the trial stands, before the first trip */
const TRIAL = 0.5
const shape = computed(() => {
  const { x, y, wide, right } = frame.value
  let d = `M${x(0)} ${y(props.before)}H${x(props.trial === null ? 1 : TRIAL)}`
  if (props.trial !== null) d += `V${y(props.trial)}`
  for (const s of props.steps) d += `H${x(s.trips)}V${y(s.within)}`
  return `${d}H${wide - right}`
})
const percent = (share: number) => `± ${Math.round(100 * share)} %`
const rows = computed(() => [
  ['0', percent(props.before)],
  ...(props.trial === null ? [] : [[words.sureTrial, percent(props.trial)]]),
  ...props.steps.map(s => [String(s.trips), percent(s.within)]),
])
const last = computed(() => props.steps.at(-1)?.within ?? props.trial ?? props.before)
</script>

<template>
  <div ref="place" data-learnt>
    <InkPlot
      :frame="frame"
      :label="words.sure"
      :x-ticks="xTicks"
      :y-ticks="yTicks"
      :x-title="words.sureTrips"
      :y-title="words.sureAxis(speed)"
    >
      <path :d="`${shape}V${frame.y(0)}H${frame.x(0)}Z`" class="ink-plot__band" />
      <path :d="shape" class="edge" />
      <text
        v-if="trial !== null"
        :x="frame.x(TRIAL) + 6"
        :y="frame.y((before + trial) / 2) + 4"
        class="ink-plot__say ink-plot__halo"
      >
        {{ words.sureTrial }}
      </text>
      <text
        :x="frame.wide - frame.right - 4"
        :y="frame.y(last) - 7"
        text-anchor="end"
        class="ink-plot__word ink-plot__halo"
      >
        {{ percent(last) }}
      </text>
    </InkPlot>
    <ChartTable :label="words.sure" :head="[words.sureTrips, words.sureAxis(speed)]" :rows="rows" />
  </div>
</template>

<style scoped>
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
