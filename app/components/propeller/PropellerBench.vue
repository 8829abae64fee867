<script setup lang="ts">
import { computed } from 'vue'
import { bestPitch, hasSails, LIMIT_LABELS, pitchChoices, edit } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** The propeller: in its place to scale, at the lever, and other pitches tried at a touch. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const use = computed(() => document.shown.use)
const rows = computed(() => pitchChoices(document.shown))
const best = computed(() => bestPitch(document.shown))
const sails = computed(() => hasSails(document.shown.boat))
const limited = computed(
  () => ({ efficiency: '', shaftSpeed: benchWords.propeller.bestHint, series: '' })[best.value.limitedBy],
)
function tryPitch(pitch: number) {
  document.startTrial(`pitch/${pitch}`, `${benchWords.propeller.pitch} ${text(pitch, 'smallLength')}`, [
    edit('design.propeller.pitch', pitch),
  ])
}
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead figure="propellerEfficiency"
        >{{ benchWords.propeller.lead }} {{ answer.model.interaction.basis }}</BenchLead
      >
      <PropellerDrawing />
      <section class="block" :aria-label="benchWords.propeller.sizes">
        <h2 class="section-head">
          {{ benchWords.propeller.sizes }}<span>{{ benchWords.propeller.sizesHint }}</span>
        </h2>
        <VTable data-pitches>
          <thead>
            <tr>
              <th>{{ benchWords.propeller.pitch }}</th>
              <th class="num">{{ benchWords.propeller.atCruise }}</th>
              <th class="num">rpm</th>
              <th class="num">{{ benchWords.propeller.limit }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.pitch" :class="{ current: row.fitted }">
              <td class="figures">{{ text(row.pitch, 'smallLength') }}</td>
              <td class="num"><FigureValue id="packPower" :of="row.project" :speed="use.cruiseSpeed" /></td>
              <td class="num"><FigureValue id="propellerRpm" :of="row.project" :speed="use.topSpeed" /></td>
              <td class="num">
                <StateMark :state="row.state" :size="13" />
                <FigureValue v-if="row.tightest.share <= 9" id="ratingUse" :of="row.project" :speed="use.topSpeed" />
                {{ LIMIT_LABELS[row.tightest.name] }}
              </td>
              <td class="num">
                <TryButton :fitted="row.fitted" :name="text(row.pitch, 'smallLength')" @try="tryPitch(row.pitch)" />
              </td>
            </tr>
          </tbody>
        </VTable>
      </section>
      <PropellerDesigns />
      <PropellerChoices />
      <ThrustChart />
      <OneStopped />
    </div>
    <div class="bench__side">
      <section :aria-label="benchWords.propeller.dims">
        <h2 class="section-head with-hold">{{ benchWords.propeller.dims }} <HoldPin part="propeller" /></h2>
        <div class="rows">
          <QuantityField path="design.propeller.diameter" /><QuantityField
            path="design.propeller.pitch"
          /><QuantityField path="design.propeller.blades" /><QuantityField
            path="design.propeller.areaRatio"
          /><QuantityField path="boat.drive.greatestDiameter" />
        </div>
        <PropellerKind />
        <VBtn variant="flat" class="wide" data-best-pitch @click="tryPitch(best.pitch)">
          <span>{{ benchWords.propeller.best }}</span><span class="price">{{ text(best.pitch, 'smallLength') }}</span>
        </VBtn>
        <p class="small soft">{{ limited || benchWords.propeller.bestHint }}</p>
      </section>
      <section class="block" :aria-label="benchWords.propeller.numbers">
        <h2 class="section-head">{{ benchWords.propeller.numbers }}</h2>
        <FigureRow id="thrust" /><FigureRow id="propellerRpm" /><FigureRow id="deliveredPower" /><FigureRow
          id="slip"
        /><FigureRow id="realSlip" /><FigureRow id="areaNeeded" /><FigureRow id="bladeLoading" /><FigureRow
          id="quayThrust"
        /><FigureRow id="windThrust" />
      </section>
      <SailRegeneration :sails="sails" />
    </div>
  </div>
</template>

<style scoped>
.wide {
  width: 100%;
  margin: 8px 0 4px;
}
</style>
