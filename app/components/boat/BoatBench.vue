<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useStages } from '~/composables/useStages'

/**
 * What the boat is: her speed, her story, what follows from her dimensions; the fields come a moment later on the first
 * view.
 */
const BoatFields = defineAsyncComponent(() => import('./BoatFields.vue'))
const BoatEstimates = defineAsyncComponent(() => import('./BoatEstimates.vue'))
const answer = useAnswerStore()
const document = useDocumentStore()
const { stage } = useStages()
const LEADS = { steep: boardWords.boat.leadSteep, hullSpeed: boardWords.boat.leadHull, top: boardWords.boat.leadTop }
/** a hull that her own wave holds back; one on the plane, or a slender pair, is not */
const bound = computed(() => answer.model.hullType.waveBound)
const payoff = computed(() => answer.summary.payoff)
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead figure="payoffSpeed">
        <template #head
          ><FigureSentence v-if="bound" :words="boardWords.boat.leadHead" :figures="['hullSpeed']" /><template v-else>{{
            boardWords.boat.leadPaid
          }}</template></template
        >
        <FigureSentence
          :words="LEADS[payoff.reason]"
          :figures="['payoffSpeed', { id: 'effectivePower', speed: payoff.speed }]"
        />
      </BenchLead>
      <p v-if="document.shown.story" class="story prose">{{ document.shown.story }}</p>
      <BoatFields v-if="stage >= 3" />
    </div>
    <div class="bench__side">
      <VBtn variant="flat" to="/start" class="start" data-start>{{ boardWords.boat.start }}</VBtn>
      <section class="block" :aria-label="boardWords.boat.derived">
        <h2 class="section-head">{{ boardWords.boat.derived }}</h2>
        <FigureRow v-if="bound" id="hullSpeed" /><FigureRow id="displacedVolume" /><FigureRow
          id="wettedSurface"
        /><FigureRow v-if="bound" id="waveLength" /><FigureRow id="froude" />
      </section>
      <BoatEstimates v-if="stage >= 3 && answer.model.hullType.asks.includes('coefficients')" />
    </div>
  </div>
</template>

<style scoped>
.story {
  max-width: 64ch;
  border-left: 2px solid var(--ink);
  padding-left: 12px;
}
.start {
  width: 100%;
}
</style>
