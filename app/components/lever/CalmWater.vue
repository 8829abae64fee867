<script setup lang="ts">
import { computed } from 'vue'
import { edit } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** Lifts the sea margin at one touch, as a trial: owners speak of miles and hours in calm water. */
const KEY = 'calm-water'
const document = useDocumentStore()
const { text } = useQuantities()
const calm = computed(() => document.trial?.key === KEY)
const margin = computed(() => document.project.use.seaMargin)
function toggle() {
  if (calm.value) document.putBack()
  else document.startTrial(KEY, boardWords.lever.calm, [edit('use.seaMargin', 0)])
}
</script>

<template>
  <VBtn v-if="margin > 0" variant="plain" class="calm" :aria-pressed="calm" data-calm @click="toggle">
    {{ calm ? boardWords.lever.calmNow : boardWords.lever.sea(text(margin, 'ratio')) }}
  </VBtn>
</template>

<style scoped>
.calm {
  grid-row: 3;
  margin: 2px 8px 8px 11px;
  min-height: max(28px, var(--touch));
  border: 1.25px solid var(--ink);
  font-size: 12.5px;
  line-height: 15px;
}
.calm[aria-pressed='true'] {
  background: var(--ink);
  color: var(--sheet);
}
</style>
