<script setup lang="ts">
import { computed, ref } from 'vue'
import { useStorage } from '@vueuse/core'
import { KNOT, OTHER_BOATS, type OtherBoat } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { readFile } from '~/files/readFile'
import { useFilePick } from '~/composables/useFilePick'

/** The "look at similar boats" school: power for each tonne against speed over the root of the waterline. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { text } = useQuantities()
const own = useStorage<OtherBoat[]>('remigo-other-boats', [])
const errors = ref<string[]>([])

const kn = (speed: number, waterline: number) => speed / KNOT / Math.sqrt(waterline)
const scatter = (boats: readonly OtherBoat[], colour: 'soft' | 'fits', name: string) => {
  const all = boats.flatMap(boat =>
    boat.points.map(p => ({
      x: kn(p.speed, boat.lengthWaterline),
      y: p.power / boat.mass,
      name:
        `${boat.name}${boat.kind ? `, ${boat.kind}` : ''}: ` +
        `${text(p.speed, 'speed')}, ${text(p.power, 'electricPower')}`,
    })),
  )
  return { name, x: all.map(a => a.x), y: all.map(a => a.y), names: all.map(a => a.name), points: true, colour }
}
const line = computed(() => {
  const { lengthWaterline } = answer.model.form,
    { mass } = document.shown.boat
  return {
    x: answer.curve.map(p => kn(p.speed, lengthWaterline)),
    of: (f: (p: (typeof answer.curve)[number]) => number) => answer.curve.map(p => f(p) / mass),
  }
})
const curves = computed(() => [
  {
    name: document.shown.name,
    x: line.value.x,
    y: line.value.of(p => p.drive.packPower),
    band: { low: line.value.of(p => p.packPowerLow), high: line.value.of(p => p.packPowerHigh) },
    width: 2.6,
  },
  scatter(OTHER_BOATS, 'soft', benchWords.curve.views.others),
  ...(own.value.length ? [scatter(own.value, 'fits', benchWords.curve.views.others)] : []),
])
const axes = {
  x: { title: benchWords.curve.othersX, from: 0.5, to: 3 },
  y: { title: benchWords.curve.othersY, from: 0.05, to: 6, log: true },
}
const marker = () => {
  const p = answer.evaluation.point
  return {
    x: kn(p.speed, answer.model.form.lengthWaterline),
    y: p.drive.packPower / document.shown.boat.mass,
    tag: text(p.speed, 'speed'),
    value: `${(p.drive.packPower / document.shown.boat.mass).toFixed(2)} kW/t`,
  }
}
async function take(file: File) {
  const table = await readFile(files => files.otherBoats(file))
  errors.value = table.outcome === 'wrong' ? table.errors.map(e => `Line ${e.line}, ${e.column}: ${e.message}`) : []
  if (table.outcome === 'read') own.value = table.boats
}
const pick = useFilePick('.csv,text/csv', files => take(files[0]!))
</script>

<template>
  <div>
    <PlotChart
      :label="benchWords.curve.othersChart"
      :curves="curves"
      :marker="marker"
      :height="380"
      :x="axes.x"
      :y="axes.y"
    />
    <p class="small soft">
      {{ benchWords.curve.others }}
      {{ own.length ? benchWords.curve.othersKept(own.length) : benchWords.curve.othersHint }}
    </p>
    <div class="row">
      <VBtn data-others @click="pick()">{{ benchWords.curve.othersImport }}</VBtn>
      <VBtn v-if="own.length" @click="own = []">{{ benchWords.curve.othersClear }}</VBtn>
    </div>
    <ul v-if="errors.length" class="errors" role="alert">
      <li v-for="e in errors.slice(0, 8)" :key="e">{{ e }}</li>
    </ul>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  gap: 8px;
  margin-top: 6px;
}
.errors {
  color: var(--clash);
  font-size: 13px;
  line-height: 17px;
  margin-top: 6px;
}
</style>
