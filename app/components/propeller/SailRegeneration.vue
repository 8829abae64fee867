<script setup lang="ts">
import { computed } from 'vue'
import { panelFor, regenerationAt, regenerationStart, DAY } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { vLive } from '~/directives/live'

/**
 * Watts that the towed propeller gives under sail at the lever's speed, what they cost, and the panels that would do
 * the same.
 */
defineProps<{ sails: boolean }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const start = computed(() => regenerationStart(answer.model))
const panels = () => {
  const energy = regenerationAt(answer.model, answer.evaluation.point.speed).packPower * 6 * 3600
  return driveWords.regenPanels(text(energy, 'energy'), text(panelFor(energy), 'smallPower'))
}
/** at anchor or on a mooring the stream turns the propeller, with no hull's wake before it */
const moored = computed(() => {
  const stream = document.shown.use.mooredStream
  const { packPower } = regenerationAt(answer.model, stream)
  return driveWords.moored(text(stream, 'speed'), text(packPower, 'smallPower'), text(packPower * DAY, 'energy'))
})
</script>

<template>
  <section v-if="sails" class="block" :aria-label="driveWords.regen" data-regen>
    <h2 class="section-head">
      {{ driveWords.regen }}<span>{{ driveWords.regenHint }}</span>
    </h2>
    <FigureRow id="regenPower" band /><FigureRow id="regenDrag" /><FigureRow id="regenSpeedLost" />
    <p class="small soft">
      {{ start === null ? driveWords.regenNever : driveWords.regenStart(text(start, 'speed')) }}
      <span v-live="panels" />
    </p>
  </section>
  <section v-if="answer.model.propulsor.kind !== 'jet'" class="block" :aria-label="driveWords.mooredHead" data-moored>
    <h2 class="section-head">{{ driveWords.mooredHead }}</h2>
    <QuantityField path="use.mooredStream" />
    <p class="small soft">{{ moored }}</p>
  </section>
</template>
