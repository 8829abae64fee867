<script setup lang="ts">
import type { PlacedTag } from '@remigo/core'
import { wiringWords } from '~/messages/wiring'
import { useAnswerStore } from '~/stores/answer'
import { useQuantities } from '~/composables/useQuantities'

/** Amps at the lever's speed, on tags at the cables that carry them. */
defineProps<{ tags: PlacedTag[] }>()
const answer = useAnswerStore()
const { text } = useQuantities()
const amps = (tag: PlacedTag) => {
  const { packCurrent, phaseCurrent } = answer.evaluation.point.drive
  return text(tag.of === 'pack' ? packCurrent : phaseCurrent, 'current')
}
const words = (tag: PlacedTag) => `${amps(tag)} ${tag.of === 'pack' ? wiringWords.packTag : wiringWords.phaseTag}`
/** px of a tag from its letters, with room at both sides */
const wide = (tag: PlacedTag) => 10 + 6.1 * words(tag).length
</script>

<template>
  <g class="tags" data-lever-amps>
    <g v-for="(tag, i) in tags" :key="i">
      <path :d="`M${tag.x} ${tag.y}V${tag.wire}`" class="stem" />
      <circle :cx="tag.x" :cy="tag.wire" r="4" class="dot" />
      <rect :x="tag.x - wide(tag) / 2" :y="tag.y - 9" :width="wide(tag)" height="18" class="tag" />
      <text :x="tag.x" :y="tag.y + 4" text-anchor="middle" class="amps">{{ words(tag) }}</text>
    </g>
  </g>
</template>

<style scoped>
.tag,
.dot {
  fill: var(--signal);
}
.stem {
  stroke: var(--signal);
  stroke-width: 2;
}
.amps {
  font: 600 12px var(--labels);
  fill: var(--on-signal);
}
</style>
