<script setup lang="ts">
import { computed } from 'vue'
import { hasLeg, propellerDesigns, type PropellerDesign, edit } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { driveWords } from '~/messages/drive'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** A propeller designed anew: for the turns there are, for the place there is, or free of both. */
const document = useDocumentStore()
const { text } = useQuantities()
const use = computed(() => document.shown.use)
const leg = computed(() => hasLeg(document.shown.boat.drive.kind))
const rows = computed(() => propellerDesigns(document.shown))
const size = (d: PropellerDesign) => `${text(d.diameter, 'smallLength')} × ${text(d.pitch, 'smallLength')}`
const gears = ({ reduction: { kind, ratio } }: PropellerDesign) =>
  kind === 'direct' ? benchWords.motor.kinds.direct : `${benchWords.motor.kinds[kind]} ${ratio} : 1`
function tryIt({ basis, project }: PropellerDesign) {
  document.startTrial(`design/${basis}`, `${driveWords.designs}: ${driveWords.bases[basis].toLowerCase()}`, [
    edit('design.propeller', project.design.propeller),
    edit('design.reduction', project.design.reduction),
  ])
}
</script>

<template>
  <section class="block" :aria-label="driveWords.designs" data-propeller-designs>
    <h2 class="section-head">
      {{ driveWords.designs }}<span>{{ driveWords.designsHint }}</span>
    </h2>
    <div class="scroll">
      <VTable class="stacked">
        <thead>
          <tr>
            <th />
            <th class="num">{{ driveWords.turns }}</th>
            <th class="num">{{ driveWords.reduction }}</th>
            <th class="num">{{ driveWords.efficiency }}</th>
            <th class="num">{{ benchWords.propeller.atCruise }}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.basis">
            <td>
              <span class="figures">{{ size(row) }}</span>
              <span class="soft small"
                >{{ driveWords.bases[row.basis] }},
                {{ driveWords.basisHints[leg && row.basis === 'place' ? 'turns' : row.basis] }}</span
              >
            </td>
            <td class="num">{{ text(row.shaftSpeed, 'rotation') }}</td>
            <td class="num">{{ gears(row) }}</td>
            <td class="num"><FigureValue id="propellerEfficiency" :of="row.project" :speed="use.cruiseSpeed" /></td>
            <td class="num">
              <StateMark :state="row.state" :size="13" />
              <FigureValue id="packPower" :of="row.project" :speed="use.cruiseSpeed" />
            </td>
            <td class="num"><TryButton :fitted="false" :name="size(row)" @try="tryIt(row)" /></td>
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
