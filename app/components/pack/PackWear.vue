<script setup lang="ts">
import { computed } from 'vue'
import { ageingReport, CHEMISTRIES, END_OF_LIFE, energyBalance, YEAR } from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** How the pack wears at this use, and when an outing no longer fits. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const wear = computed(() => ageingReport(document.shown))
const curves = computed<ChartCurve[]>(() => [
  { name: packWords.leftShare, x: wear.value.left.map((_, i) => i), y: wear.value.left.map(s => 100 * s), width: 2.6 },
])
const needs = computed(() => {
  const { needed, available } = energyBalance(answer.model, answer.summary.cruise.drive)
  return (100 * needed) / available
})
const axes = computed(() => ({
  x: { title: packWords.years, from: 0, to: wear.value.left.length - 1 },
  y: { title: packWords.leftShare, unit: '%', from: Math.max(0, Math.min(70, needs.value - 5)), to: 102 },
}))
/** the two lines would stand on each other: then only the one that matters */
const APART = 6
const across = computed(() => [
  ...(needs.value < 100 && Math.abs(needs.value - 100 * END_OF_LIFE) < APART
    ? []
    : [{ at: 100 * END_OF_LIFE, label: packWords.worn80, dash: 'dash' as const }]),
  ...(needs.value < 100 ? [{ at: needs.value, label: packWords.needs, dash: 'dashdot' as const }] : []),
])
const lead = computed(() => CHEMISTRIES[document.shown.design.pack.cell.chemistry].peukert > 1)
</script>

<template>
  <section class="block" :aria-label="packWords.wear" data-wear>
    <BenchLead figure="packYears" :head="packWords.wearLead">{{ packWords.by[wear.by] }}</BenchLead>
    <PlotChart :label="packWords.wear" :curves="curves" :height="270" :x="axes.x" :y="axes.y" :across="across" />
    <p class="prose">
      {{
        wear.outgrown === 0
          ? packWords.neverFits
          : wear.outgrown === null
            ? packWords.fitsToEnd
            : packWords.outgrown(text(wear.outgrown * YEAR, 'years'))
      }}
      <template v-if="wear.yearsLeft < wear.years">{{
        packWords.yearsLeft(text(wear.yearsLeft * YEAR, 'years'))
      }}</template>
    </p>
    <div class="columns wear">
      <div class="rows"><QuantityField path="use.outings" /></div>
      <div class="rows">
        <FigureRow id="packDepth" /><FigureRow v-if="wear.pricePerEnergy !== null" id="packUsePrice" /><FigureRow
          v-if="lead"
          id="peukertShare"
        />
      </div>
    </div>
    <p class="small soft">{{ packWords.wearCaution }}</p>
  </section>
</template>

<style scoped>
.wear {
  margin: 8px 0;
  align-items: start;
}
</style>
