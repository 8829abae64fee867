<script setup lang="ts">
import { computed } from 'vue'
import { reductionChoices, type ReductionChoice, edit } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { boardWords } from '~/messages/board'
import { driveWords } from '~/messages/drive'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** Direct drive, the best belt and the best gear for this motor, each with the propeller that suits it. */
const document = useDocumentStore()
const { text } = useQuantities()
const use = computed(() => document.shown.use)
const rows = computed(() => reductionChoices(document.shown))
const name = ({ reduction }: ReductionChoice) =>
  reduction.kind === 'direct'
    ? benchWords.motor.kinds.direct
    : `${benchWords.motor.kinds[reduction.kind]} ${reduction.ratio} : 1`
const tryIt = (c: ReductionChoice) =>
  document.startTrial(`reduction/${c.reduction.kind}`, name(c), [
    edit('design.reduction', c.reduction),
    edit('design.propeller', c.project.design.propeller),
  ])
</script>

<template>
  <section class="block" :aria-label="driveWords.reductions" data-reductions>
    <h2 class="section-head">
      {{ driveWords.reductions }}<span>{{ driveWords.reductionsHint }}</span>
    </h2>
    <VTable>
      <thead>
        <tr>
          <th />
          <th />
          <th class="num">{{ benchWords.propeller.atCruise }}</th>
          <th class="num">{{ boardWords.parts.propeller.toLowerCase() }}</th>
          <th class="num">{{ driveWords.lost }}</th>
          <th class="num">{{ driveWords.price }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.reduction.kind" :class="{ current: row.fitted }">
          <td><StateMark :state="row.holds ? 'fits' : 'caution'" :size="13" /></td>
          <td>
            {{ name(row) }}<span class="soft noise">{{ driveWords.noises[row.noise] }}</span>
          </td>
          <td class="num"><FigureValue id="packPower" :of="row.project" :speed="use.cruiseSpeed" /></td>
          <td class="num"><FigureValue id="propellerEfficiency" :of="row.project" :speed="use.cruiseSpeed" /></td>
          <td class="num">{{ text(row.loss, 'smallPower') }}</td>
          <td class="num">
            {{ text(row.price, 'price') }}<small class="soft weight">{{ text(row.mass, 'partMass') }}</small>
          </td>
          <td class="num"><TryButton :fitted="row.fitted" :name="name(row)" @try="tryIt(row)" /></td>
        </tr>
      </tbody>
    </VTable>
  </section>
</template>

<style scoped>
.noise {
  display: block;
  font-size: 12.5px;
  line-height: 15px;
}
.weight {
  display: block;
  font: 400 12px/14px var(--labels);
}
</style>
