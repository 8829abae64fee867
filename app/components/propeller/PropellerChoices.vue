<script setup lang="ts">
import { computed } from 'vue'
import { LIMIT_LABELS, propellerChoices, type PropellerChoice, edit } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { driveWords } from '~/messages/drive'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'

/** The fitted propeller beside the best of two to five blades and of the library, tried at a touch. */
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const use = computed(() => document.shown.use)
const rows = computed(() => propellerChoices(document.shown, library.library))
const name = (c: PropellerChoice) =>
  c.name ?? driveWords.blades(c.blades, text(c.diameter, 'smallLength'), text(c.pitch, 'smallLength'))
const tryIt = (c: PropellerChoice) =>
  document.startTrial(`propeller/${c.blades}/${c.diameter}/${c.pitch}`, name(c), [
    edit('design.propeller', c.project.design.propeller),
  ])
</script>

<template>
  <section class="block" :aria-label="driveWords.others" data-propellers>
    <h2 class="section-head">
      {{ driveWords.others }}<span>{{ driveWords.othersHint }}</span>
    </h2>
    <div class="scroll">
      <VTable class="stacked">
        <thead>
          <tr>
            <th />
            <th class="num">{{ driveWords.area }}</th>
            <th class="num">{{ benchWords.propeller.atCruise }}</th>
            <th class="num">{{ driveWords.efficiency }}</th>
            <th class="num">{{ benchWords.propeller.limit }}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in rows" :key="i" :class="{ current: row.fitted }">
            <td class="figures">{{ name(row) }}</td>
            <td class="num">{{ row.areaRatio.toFixed(2) }}</td>
            <td class="num"><FigureValue id="packPower" :of="row.project" :speed="use.cruiseSpeed" /></td>
            <td class="num"><FigureValue id="propellerEfficiency" :of="row.project" :speed="use.cruiseSpeed" /></td>
            <td class="num"><StateMark :state="row.state" :size="13" /> {{ LIMIT_LABELS[row.tightest.name] }}</td>
            <td class="num"><TryButton :fitted="row.fitted" :name="name(row)" @try="tryIt(row)" /></td>
          </tr>
        </tbody>
      </VTable>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
</style>
