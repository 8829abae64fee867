<script setup lang="ts">
import { computed } from 'vue'
import { panelFor, regenerationAt, regenerationStart } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useQuantities } from '~/composables/useQuantities'
import { vLive } from '~/directives/live'

/**
 * Watts that the towed propeller gives under sail at the lever's speed, what they cost, and the panels that would do
 * the same.
 */
const answer = useAnswerStore()
const { text } = useQuantities()
const start = computed(() => regenerationStart(answer.model))
const panels = () => {
  const energy = regenerationAt(answer.model, answer.evaluation.point.speed).packPower * 6 * 3600
  return driveWords.regenPanels(text(energy, 'energy'), text(panelFor(energy), 'smallPower'))
}
</script>

<template>
  <section class="block" :aria-label="driveWords.regen" data-regen>
    <h2 class="section-head">
      {{ driveWords.regen }}<span>{{ driveWords.regenHint }}</span>
    </h2>
    <FigureRow id="regenPower" band /><FigureRow id="regenDrag" /><FigureRow id="regenSpeedLost" />
    <p class="small soft">
      {{ start === null ? driveWords.regenNever : driveWords.regenStart(text(start, 'speed')) }}
      <span v-live="panels" />
    </p>
  </section>
</template>
