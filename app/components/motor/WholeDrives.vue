<script setup lang="ts">
import { computed } from 'vue'
import { continuousNeed, DRIVE_OF_MOUNT, isOwn, putOnBoat, wholeDriveOf, type WholeDriveSpec } from '@remigo/core'
import { fewOf } from '~/design/figures/fewOf'
import { driveWords } from '~/messages/drive'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'

/** Outboards, pods and sail drives sold as one with motor, controller, leg and propeller, where she is driven so. */
const answer = useAnswerStore()
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const fitted = computed(() => wholeDriveOf(document.shown.design))
const need = computed(() => {
  const { top, cruise } = answer.summary
  return continuousNeed(cruise.drive.deliveredPower, top.drive.deliveredPower, document.shown.use.headroom)
})
/** what another would be by its room, volts and power alone */
function wouldBe(whole: WholeDriveSpec) {
  const { drive } = document.shown.boat,
    { pack } = answer.model
  if (whole.diameter > drive.greatestDiameter) return 'stop'
  if (whole.greatestVoltage < pack.fullVoltage || whole.leastVoltage > pack.nominalVoltage) return 'stop'
  return whole.ratedPower * drive.count < need.value ? 'caution' : 'fits'
}
const rows = computed(() =>
  fewOf(
    library.library.wholeDrives
      .filter(w => DRIVE_OF_MOUNT[w.mount] === document.shown.boat.drive.kind)
      .map(whole => ({
        whole,
        price: whole.price,
        own: isOwn(whole),
        fitted: whole.id === fitted.value?.id,
        state: whole.id === fitted.value?.id ? answer.stateOf('motor') : wouldBe(whole),
      })),
  ),
)
function tryIt(whole: (typeof rows.value)[number]['whole']) {
  const edits = putOnBoat('wholeDrive', whole, document.shown)
  if (edits) document.startTrial(whole.id, whole.name, edits)
}
</script>

<template>
  <section v-if="rows.length" class="block" :aria-label="driveWords.wholeDrives" data-whole-drives>
    <h2 class="section-head">
      {{ driveWords.wholeDrives
      }}<NuxtLink class="link" to="/library?kind=wholeDrive">{{ driveWords.allWholeDrives }}</NuxtLink>
    </h2>
    <p class="prose">{{ driveWords.wholeDrivesHint }}</p>
    <VTable>
      <tbody>
        <tr v-for="row in rows" :key="row.whole.id" :class="{ current: row.fitted }">
          <td><StateMark :state="row.state" :size="13" /></td>
          <td>
            {{ row.whole.name
            }}<span v-if="row.state" class="visually-hidden"> {{ boardWords.states[row.state] }}</span>
          </td>
          <td class="num">{{ text(row.whole.ratedVoltage, 'voltage') }}</td>
          <td class="num">{{ text(row.whole.thrust, 'force') }}</td>
          <td class="num">{{ text(row.whole.mass, 'partMass') }}</td>
          <td class="num">{{ text(row.whole.price, 'price') }}</td>
          <td class="num"><TryButton :fitted="row.fitted" :name="row.whole.name" @try="tryIt(row.whole)" /></td>
        </tr>
      </tbody>
    </VTable>
  </section>
</template>
