<script setup lang="ts">
import { computed } from 'vue'
import { HULL_TYPES } from '@remigo/core'
import { m } from '~/messages'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useEstimates } from '~/composables/useEstimates'
import { useQuantities } from '~/composables/useQuantities'

/** The boat's fields: hull, drive line, old engine, water. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const { estimateOf } = useEstimates()
const boat = computed(() => document.shown.boat)
const engine = computed(() => {
  const { ratedPower } = boat.value.oldEngine
  if (!ratedPower) return m.boat.noEngine
  return m.boat.oldEngine(text(ratedPower, 'power'), text(answer.summary.cruise.drive.shaftPower / ratedPower, 'ratio'))
})
const types = Object.fromEntries(HULL_TYPES.map(t => [t.id, t.label])) as Record<string, string>
const set = (label: string, path: string, value: unknown) => document.edit(label, [{ path, value }])
</script>

<template>
  <div class="columns">
    <section class="block" :aria-label="m.boat.dimensions">
      <h2 class="section-head">{{ m.boat.dimensions }}</h2>
      <TextField path="name" :label="m.boat.name" :most="60" />
      <ChoiceField :label="m.boat.hullType" :options="types" :model-value="boat.hullType" @update:model-value="set(m.boat.hullType, 'boat.hullType', $event)" />
      <div class="rows">
        <QuantityField path="boat.lengthOverAll" /><QuantityField path="boat.lengthWaterline" optional :estimate="estimateOf('boat.lengthWaterline')" />
        <QuantityField path="boat.beam" /><QuantityField path="boat.beamWaterline" optional :estimate="estimateOf('boat.beamWaterline')" />
        <QuantityField path="boat.draught" /><QuantityField path="boat.mass" /><QuantityField path="boat.massUncertainty" />
      </div>
      <ChoiceField v-if="boat.hullType === 'keelYacht'" :label="m.boat.keel" :options="m.boat.keels" :model-value="boat.keel" @update:model-value="set(m.boat.keel, 'boat.keel', $event)" />
    </section>
    <div>
      <section class="block" :aria-label="m.boat.drive">
        <h2 class="section-head">{{ m.boat.drive }}</h2>
        <ChoiceField :label="m.boat.driveKind" :options="m.boat.drives" :model-value="boat.drive.kind" @update:model-value="set(m.boat.driveKind, 'boat.drive.kind', $event)" />
        <div class="rows">
          <QuantityField v-if="boat.drive.kind === 'sailDrive'" path="boat.drive.legRatio" />
          <QuantityField path="boat.drive.greatestDiameter" /><QuantityField path="boat.drive.shaftDepth" />
        </div>
      </section>
      <section class="block" :aria-label="m.boat.engine">
        <h2 class="section-head">{{ m.boat.engine }}</h2>
        <div class="rows"><QuantityField path="boat.oldEngine.ratedPower" /><QuantityField path="boat.oldEngine.mass" /></div>
        <p class="prose soft">{{ engine }}</p>
      </section>
      <section class="block" :aria-label="m.boat.water">
        <ChoiceField :label="m.boat.water" :options="m.boat.waters" :model-value="boat.water" @update:model-value="set(m.boat.water, 'boat.water', $event)" />
        <div class="rows"><QuantityField path="boat.waterTemperature" /></div>
      </section>
      <TextField path="story" :label="m.boat.story" :most="600" :lines="4" optional />
    </div>
  </div>
</template>
