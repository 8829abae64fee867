<script setup lang="ts">
import { computed } from 'vue'
import { driveWarming, fittedCooling, type Cooling, edit, type ProjectPath, type ValueAt } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'

/**
 * Beside the heat chart: what motor and controller come to, when they must drop, and what each kind of cooling gives.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const cooling = computed(() => fittedCooling(document.shown.design))
const warm = computed(() => driveWarming(answer.model, answer.evaluation.point.drive, answer.evaluation.cruise.drive))
const windingDrops = computed(() => warm.value?.fromCruise.outcome === 'drops')
const drops = computed(
  () => warm.value !== null && (warm.value.fromCruise.outcome !== 'holds' || warm.value.rollback < 1),
)
const set = <P extends ProjectPath>(label: string, path: P, value: ValueAt<P>) =>
  document.edit(label, [edit(path, value)])
</script>

<template>
  <section class="block" :aria-label="driveWords.heatAt" data-heat>
    <h2 class="section-head">{{ driveWords.heatAt }}</h2>
    <FigureRow id="windingTemperature" /><FigureRow id="caseTemperature" /><FigureRow id="controllerTemperature" />
    <template v-if="drops"
      ><FigureRow v-if="windingDrops" id="heatHolds" /><FigureRow id="heatDropPower" /><FigureRow id="heatDropSpeed"
    /></template>
    <p v-else class="small line">{{ driveWords.holdsAll }}</p>
    <FigureRow v-if="cooling !== 'air'" id="coolantFlow" /><FigureRow
      v-if="cooling === 'closed loop'"
      id="hullCooler"
    />
  </section>
  <CoolingBuilt />
  <section class="block" :aria-label="driveWords.coolings">
    <h2 class="section-head">
      {{ driveWords.coolings }}<span>{{ driveWords.coolingsHint }}</span>
    </h2>
    <FigureRow id="coolAir" /><FigureRow id="coolLoop" /><FigureRow id="coolRaw" />
    <ChoiceField
      :label="driveWords.cooling"
      :options="driveWords.coolingKinds"
      :model-value="cooling"
      @update:model-value="set(driveWords.cooling, 'design.cooling', $event as Cooling)"
    />
    <ChoiceField
      :label="driveWords.insulation"
      :options="driveWords.classes"
      :model-value="document.shown.design.motor.insulation"
      @update:model-value="set(driveWords.insulation, 'design.motor.insulation', $event)"
    />
    <div class="rows">
      <QuantityField path="use.ambient" /><QuantityField path="design.controller.rollbackFrom" /><QuantityField
        path="design.controller.rollbackTo"
      />
    </div>
  </section>
</template>

<style scoped>
.line {
  min-height: 33px;
  display: flex;
  align-items: center;
  border-top: 0.75px solid var(--rule);
}
</style>
