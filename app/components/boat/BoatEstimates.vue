<script setup lang="ts">
import { boardWords } from '~/messages/board'
import { useEstimates } from '~/composables/useEstimates'

/** Form coefficients that few owners know: estimated, marked as such, and open to a better figure. */
const { estimateOf } = useEstimates()
</script>

<template>
  <section class="block" :aria-label="boardWords.boat.estimates">
    <h2 class="section-head">{{ boardWords.boat.estimates }}</h2>
    <p class="small soft">{{ boardWords.boat.estimatesHint }}</p>
    <div class="rows">
      <QuantityField path="boat.prismatic" :estimate="estimateOf('boat.prismatic')" /><QuantityField
        path="boat.midship"
        :estimate="estimateOf('boat.midship')"
        hint=""
      />
      <QuantityField path="boat.waterplane" :estimate="estimateOf('boat.waterplane')" /><QuantityField
        path="boat.lcb"
        :estimate="estimateOf('boat.lcb')"
      />
    </div>
  </section>
</template>
