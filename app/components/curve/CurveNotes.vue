<script setup lang="ts">
import { computed } from 'vue'
import { hasSails, planingReading } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'

/** Beside the curve: how she planes, what the schools of kW a tonne would fit, the propeller towed under sail. */
const answer = useAnswerStore()
const document = useDocumentStore()
const sails = computed(() => hasSails(document.shown.boat))
const state = computed(() => {
  const p = planingReading(answer.model, answer.evaluation.point.speed)
  return !p ? 'none' : p.porpoises ? 'porpoises' : 'planes'
})
</script>

<template>
  <section v-if="answer.model.form.bottom" class="block" :aria-label="benchWords.curve.planing" data-planing>
    <h2 class="section-head">
      {{ benchWords.curve.planing
      }}<span v-if="state === 'porpoises'"
        ><StateMark state="caution" :size="13" /> {{ benchWords.curve.porpoises }}</span
      >
    </h2>
    <p v-if="state === 'none'" class="small">{{ benchWords.curve.noPlane }}</p>
    <template v-else
      ><FigureRow id="planingTrim" /><FigureRow id="porpoisingTrim" /><FigureRow id="wettedKeel" /><FigureRow
        id="trimForward" /><FigureRow id="trimAft"
    /></template>
  </section>
  <section class="block" :aria-label="benchWords.curve.rules">
    <h2 class="section-head">
      {{ benchWords.curve.rules }}<span>{{ benchWords.curve.rulesHint }}</span>
    </h2>
    <FigureRow id="schoolModest" /><FigureRow id="schoolComfortable" /><FigureRow id="schoolAsBefore" />
  </section>
  <section v-if="sails" class="block" :aria-label="benchWords.curve.idle">
    <h2 class="section-head">{{ benchWords.curve.idle }}</h2>
    <FigureRow id="towedLocked" /><FigureRow id="towedFree" /><FigureRow id="towedFolded" />
  </section>
</template>
