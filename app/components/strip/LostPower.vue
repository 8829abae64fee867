<script setup lang="ts">
import { computed } from 'vue'
import { useAnswerStore } from '~/stores/answer'
import { useQuantities } from '~/composables/useQuantities'
import { STAGES } from './stages'

/** What is lost between a stage and the next. */
const props = defineProps<{ index: number }>()
const answer = useAnswerStore()
const { format } = useQuantities()
const lost = computed(() => {
  const { point } = answer.evaluation
  return format(STAGES[props.index]!.power(point) - STAGES[props.index + 1]!.power(point), 'electricPower').text
})
</script>

<template>
  <span class="lost">−{{ lost }}</span>
</template>

<style scoped>
.lost { position: absolute; right: 0; bottom: -25px; transform: translateX(50%); z-index: 1; font: 500 12px/14px var(--figures); font-variant-numeric: tabular-nums; color: var(--text); background: var(--paper); padding: 0 3px; }
</style>
