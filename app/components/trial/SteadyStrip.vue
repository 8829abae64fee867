<script setup lang="ts">
import { computed, ref } from 'vue'
import { useElementSize } from '@vueuse/core'
import { speedOf, STEADY, type Sample, type SteadyStretch } from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useQuantities } from '~/composables/useQuantities'
import { line } from '~/components/day/chartPaths'

/** Speed of the last three minutes, and the part of them that is steady. */
const props = defineProps<{ samples: readonly Sample[]; stretch: SteadyStretch | null }>()
const { text } = useQuantities()
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const LOOK = 180,
  HIGH = 112
const wide = computed(() => Math.max(240, width.value || 300))
const until = computed(() => props.samples.at(-1)?.time ?? 0)
const x = (time: number) => Math.max(0, wide.value * (1 - (until.value - time) / LOOK))
const read = computed(() =>
  props.samples
    .filter(s => until.value - s.time <= LOOK && speedOf(s) !== undefined)
    .map(s => ({ time: s.time, v: speedOf(s)! })),
)
const middle = computed(() => props.stretch?.means.ground ?? props.stretch?.means.water ?? read.value.at(-1)?.v ?? 0)
const span = computed(() => {
  const off = Math.max(4 * STEADY.speed, ...read.value.map(r => Math.abs(r.v - middle.value)))
  return Math.min(off, 12 * STEADY.speed)
})
const y = (v: number) => HIGH / 2 - (Math.max(-1, Math.min(1, (v - middle.value) / span.value)) * (HIGH - 26)) / 2 + 6
const path = computed(() => line(read.value.map(r => ({ x: x(r.time), y: y(r.v) }))))
const from = computed(() => (props.stretch ? x(props.stretch.from) : wide.value))
const clock = (s: number) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`
</script>

<template>
  <div ref="frame">
    <svg :viewBox="`0 0 ${wide} ${HIGH}`" role="img" :aria-label="words.steadiness">
      <rect width="100%" :height="HIGH" class="frame" />
      <rect :x="from" y="0" :width="wide - from" :height="HIGH" class="held" />
      <path
        :d="`M${from} ${y(middle + STEADY.speed)}H${wide}M${from} ${y(middle - STEADY.speed)}H${wide}`"
        class="edge"
      />
      <path :d="path" class="speed" />
      <text v-if="stretch && wide - from > 130" :x="Math.max(from + 6, 6)" y="15" class="word">
        {{ words.heldWithin(clock(stretch.held), text(stretch.speedWithin, 'speed')) }}
      </text>
      <text x="5" :y="HIGH - 6" class="say">{{ words.ago }}</text>
      <text :x="wide - 5" :y="HIGH - 6" text-anchor="end" class="say">{{ words.nowAxis }}</text>
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
  stroke: var(--rule);
}
.held {
  fill: var(--fits-wash);
}
.edge {
  stroke: var(--fits);
  stroke-width: 1.25;
  stroke-dasharray: 5 4;
}
.speed {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.75;
}
.word {
  font: 600 12.5px var(--labels);
  fill: var(--text);
}
.say {
  font: 400 12px var(--labels);
  fill: var(--soft);
}
</style>
