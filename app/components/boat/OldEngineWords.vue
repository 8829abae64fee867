<script setup lang="ts">
import { computed } from 'vue'
import { powerAtUsualRpm, powerFromFuel, type PowerRange } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** How many of the old horsepower the hull ever used, by three witnesses: the curve at cruise, the rpm, the fuel. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text, format } = useQuantities()
const engine = computed(() => document.shown.boat.oldEngine)
const range = (r: PowerRange) => `${format(r.low, 'power').text} to ${text(r.high, 'power')}`
const sentences = computed(() => {
  const { ratedPower } = engine.value
  if (!ratedPower) return [boardWords.boat.noEngine]
  const byRpm = powerAtUsualRpm(engine.value),
    byFuel = powerFromFuel(engine.value)
  return [
    boardWords.boat.oldEngine(
      text(ratedPower, 'power'),
      text(answer.summary.cruise.drive.shaftPower / ratedPower, 'ratio'),
    ),
    ...(byRpm ? [boardWords.boat.engineUsed(range(byRpm), text(byRpm.value / ratedPower, 'ratio'))] : []),
    ...(byFuel ? [boardWords.boat.engineFuel(range(byFuel))] : []),
  ]
})
</script>

<template>
  <p class="prose soft" data-old-engine>{{ sentences.join(' ') }}</p>
</template>
