<script setup lang="ts">
import { computed } from 'vue'
import { jetChoices, LIMIT_LABELS, type JetSpec, edit } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'

/** The jet: in the bottom to scale, at the lever, and the library's others tried at a touch. */
const answer = useAnswerStore()
const document = useDocumentStore()
const library = useLibraryStore()
const use = computed(() => document.shown.use)
const rows = computed(() => jetChoices(document.shown, library.library.jets))
const tryJet = (jet: JetSpec) => document.startTrial(`jet/${jet.id}`, jet.name, [edit('design.jet', jet)])
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <BenchLead figure="propellerEfficiency">{{ benchWords.jet.lead }} {{ answer.model.interaction.basis }}</BenchLead>
      <JetDrawing />
      <section class="block" :aria-label="benchWords.jet.jets">
        <h2 class="section-head">
          {{ benchWords.jet.jets }}<span>{{ benchWords.jet.jetsHint }}</span>
        </h2>
        <VTable data-jets>
          <thead>
            <tr>
              <th>{{ boardWords.parts.jet }}</th>
              <th class="num">{{ benchWords.propeller.atCruise }}</th>
              <th class="num">rpm</th>
              <th class="num">{{ benchWords.propeller.limit }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.jet.id" :class="{ current: row.fitted }">
              <td>{{ row.jet.name }}</td>
              <td class="num"><FigureValue id="packPower" :of="row.project" :speed="use.cruiseSpeed" /></td>
              <td class="num"><FigureValue id="propellerRpm" :of="row.project" :speed="use.topSpeed" /></td>
              <td class="num">
                <StateMark :state="row.state" :size="13" />
                <FigureValue v-if="row.tightest.share <= 9" id="ratingUse" :of="row.project" :speed="use.topSpeed" />
                {{ LIMIT_LABELS[row.tightest.name] }}
              </td>
              <td class="num"><TryButton :fitted="row.fitted" :name="row.jet.name" @try="tryJet(row.jet)" /></td>
            </tr>
          </tbody>
        </VTable>
      </section>
      <ThrustChart />
      <p class="small soft">{{ benchWords.jet.caution }}</p>
    </div>
    <div class="bench__side">
      <section :aria-label="benchWords.jet.dims">
        <h2 class="section-head with-hold">{{ benchWords.jet.dims }} <HoldPin part="propeller" /></h2>
        <div class="rows">
          <QuantityField path="design.jet.impellerDiameter" /><QuantityField
            path="design.jet.nozzleDiameter"
          /><QuantityField path="design.jet.ratedPower" /><QuantityField path="design.jet.ratedRpm" /><QuantityField
            path="design.jet.pumpEfficiency"
          /><QuantityField
            path="boat.drive.greatestDiameter"
            :label="boardWords.boat.largestImpeller"
            :hint="boardWords.boat.largestImpellerHint"
          />
        </div>
      </section>
      <section class="block" :aria-label="benchWords.propeller.numbers">
        <h2 class="section-head">{{ benchWords.propeller.numbers }}</h2>
        <FigureRow id="thrust" /><FigureRow id="propellerRpm" /><FigureRow id="deliveredPower" /><FigureRow
          id="jetVelocity"
        /><FigureRow id="suctionSpeed" /><FigureRow id="quayThrust" /><FigureRow id="windThrust" />
      </section>
    </div>
  </div>
</template>
