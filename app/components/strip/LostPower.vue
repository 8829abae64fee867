<script setup lang="ts">
import { useAnswerStore } from '~/stores/answer'
import { useQuantities } from '~/composables/useQuantities'
import { vLive } from '~/directives/live'
import { STAGES } from './stages'

/** What is lost between a stage and the next. */
const props = defineProps<{ index: number }>()
const answer = useAnswerStore()
const { difference } = useQuantities()
const lost = () => {
  const { point } = answer.evaluation
  return difference(STAGES[props.index + 1]!.power(point) - STAGES[props.index]!.power(point), 'electricPower').text
}
</script>

<template>
  <span v-live="lost" class="lost" />
</template>

<style scoped>
.lost {
  position: absolute;
  right: -28px;
  width: 56px;
  height: 14px;
  contain: size layout;
  bottom: -25px;
  text-align: center;
  z-index: 1;
  font: 500 12px/14px var(--figures);
  color: var(--text);
}
</style>
