<script setup lang="ts">
import { computed } from 'vue'
import { boardWords } from '~/messages/board'
import { driveWords } from '~/messages/drive'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** How true the coupling must run, and what the old gears are for: words for the build. */
const document = useDocumentStore()
const { text } = useQuantities()
const drive = computed(() => document.shown.boat.drive)
/** one thousandth of the flange (common practice); flanges of small shafts are about 100 mm */
const notes = computed(() => driveWords.couplingNotes(text(0.1e-3, 'gap')))
const runsTrue = computed(() => {
  const { flange, runOut } = drive.value
  return flange !== null && runOut !== null && runOut <= flange / 1000
})
</script>

<template>
  <section
    v-if="drive.kind !== 'pod' && drive.kind !== 'outboard'"
    class="block"
    :aria-label="driveWords.coupling"
    data-coupling
  >
    <h2 class="section-head">{{ driveWords.coupling }}</h2>
    <div class="rows">
      <QuantityField path="boat.drive.flange" :estimate="boardWords.boat.notKnown" /><QuantityField
        path="boat.drive.runOut"
        :estimate="boardWords.boat.notKnown"
      />
    </div>
    <p v-if="runsTrue" class="small">{{ driveWords.runOutFine }}</p>
    <ul class="small">
      <li v-for="note in notes" :key="note">{{ note }}</li>
      <li v-if="drive.kind !== 'jet'">{{ driveWords.gears[drive.astern] }}</li>
    </ul>
  </section>
</template>

<style scoped>
li {
  padding: 5px 0;
  border-top: 0.75px solid var(--rule);
  font-size: 13px;
  line-height: 17px;
}
</style>
