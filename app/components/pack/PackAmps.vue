<script setup lang="ts">
import { computed } from 'vue'
import { evaluate } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { vLive } from '~/directives/live'

/** Amps of the pack at the lever or at a given speed, as a bar against what the cells give all day (the tick). */
const props = defineProps<{ label: string; speed?: number }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const MOST = 1.25
const amps = computed(
  () => (props.speed === undefined ? answer.evaluation : evaluate(document.shown, props.speed)).point.drive.packCurrent,
)
const share = computed(() => Math.min(MOST, amps.value / answer.model.pack.current) / MOST)
const state = computed(() =>
  amps.value > answer.model.pack.currentPeak ? 'stop' : amps.value > answer.model.pack.current ? 'caution' : 'fits',
)
</script>

<template>
  <p>
    {{ label }} <FigureValue id="packCurrent" :speed="speed" class="amp" /> <StateMark :state="state" :size="13" /><span
      class="visually-hidden"
      >{{ boardWords.states[state] }}</span
    >
  </p>
  <div class="bar"><i v-live:transform="() => `scaleX(${share})`" /><b /></div>
</template>

<style scoped>
p {
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 13px;
  margin-top: 5px;
}
.amp {
  margin-left: auto;
}
.bar {
  position: relative;
  height: 10px;
  border: 1px solid var(--ink);
  background: var(--sheet);
}
.bar i {
  position: absolute;
  inset: 0;
  background: var(--ink);
  transform-origin: left;
}
.bar b {
  position: absolute;
  left: 80%;
  top: 0;
  bottom: 0;
  width: 2px;
  background: var(--text);
}
</style>
