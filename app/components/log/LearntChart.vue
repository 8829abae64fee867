<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { ticks } from 'd3-array'
import type { LearntStep } from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'

/** How well power at cruise is known, step by step since the beginning. */
const props = defineProps<{ before: number; trial: number | null; steps: readonly LearntStep[]; speed: string }>()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const wide = computed(() => Math.max(180, width.value || 210))
const HIGH = 270,
  LEFT = 30,
  RIGHT = 8,
  TOP = 22,
  BELOW = 44
const most = computed(() => 1.08 * 100 * Math.max(props.before, ...props.steps.map(s => s.within), 0.05))
const count = computed(() => Math.max(1, props.steps.at(-1)?.trips ?? 1))
const x = (n: number) => LEFT + (n / (count.value + 1)) * (wide.value - LEFT - RIGHT)
const y = (within: number) => TOP + (1 - (100 * within) / most.value) * (HIGH - TOP - BELOW)
const ys = computed(() => ticks(0, most.value, 4).map(v => ({ at: y(v / 100), word: String(v) })))
const shape = computed(() => {
  const start = props.trial ?? props.before
  let d = `M${x(0)} ${y(props.before)}H${x(props.trial === null ? 1 : 0.5)}`
  if (props.trial !== null) d += `V${y(start)}`
  for (const s of props.steps) d += `H${x(s.trips)}V${y(s.within)}`
  return `${d}H${wide.value - RIGHT}`
})
const last = computed(() => props.steps.at(-1)?.within ?? props.trial ?? props.before)
</script>

<template>
  <div ref="frame">
    <svg :viewBox="`0 0 ${wide} ${HIGH}`" role="img" :aria-label="words.sure" data-learnt>
      <rect :x="LEFT" :y="TOP" :width="wide - LEFT - RIGHT" :height="HIGH - TOP - BELOW" class="frame" />
      <g v-for="t in ys" :key="t.word">
        <path :d="`M${LEFT} ${t.at}H${wide - RIGHT}`" class="grid" />
        <text :x="LEFT - 5" :y="t.at + 4" text-anchor="end" class="axis">{{ t.word }}</text>
      </g>
      <path :d="`${shape}V${HIGH - BELOW}H${x(0)}Z`" class="under" />
      <path :d="shape" class="edge" />
      <text :x="LEFT" y="14" class="say">{{ words.sureAxis(speed) }}</text>
      <text v-if="trial !== null" :x="x(0.5) + 6" :y="y((before + trial) / 2) + 4" class="say halo">
        {{ words.sureTrial }}
      </text>
      <text :x="wide - RIGHT - 4" :y="y(last) - 7" text-anchor="end" class="word halo">
        ± {{ Math.round(100 * last) }} %
      </text>
      <text :x="x(1)" :y="HIGH - BELOW + 17" text-anchor="middle" class="axis">1</text>
      <text v-if="count > 2" :x="x(count)" :y="HIGH - BELOW + 17" text-anchor="middle" class="axis">{{ count }}</text>
      <text :x="wide - RIGHT" :y="HIGH - 5" text-anchor="end" class="say">{{ words.sureTrips }}</text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
.frame {
  fill: var(--sheet);
}
.grid {
  stroke: var(--grid);
}
.axis {
  font: 600 12.5px var(--figures);
  fill: var(--text);
}
.say {
  font: 400 12px var(--labels);
  fill: var(--soft);
}
.word {
  font: 600 15px var(--figures);
  fill: var(--text);
}
.halo {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 4px;
}
.under {
  fill: var(--band);
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
