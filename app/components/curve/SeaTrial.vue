<script setup lang="ts">
import { computed, ref } from 'vue'
import { mdiClose } from '@mdi/js'
import { quantityText, type TrialPoint } from '@remigo/core'
import { t } from '~/messages/trial'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { TRIAL_COLUMNS, useTrial, type TrialColumn } from '~/composables/useTrial'

/** The owner's own runs, typed, pasted or from a file, and the curve that they carry. */
const document = useDocumentStore()
const view = useViewStore()
const { text, fill } = useQuantities()
const { trial, outcome, errors, add, remove, change, type, take, use } = useTrial()
const pasted = ref('')
const picker = ref<HTMLInputElement>()
const shown = (point: TrialPoint, [column, quantity]: typeof TRIAL_COLUMNS[number]) => point[column] === null ? '' : quantityText(point[column], quantity, view.choice).replace(/\u00A0/g, ' ')
const cells = computed(() => trial.value.points.map(point => TRIAL_COLUMNS.map(c => shown(point, c))))
function typed(event: Event, row: number, column: TrialColumn, index: number) {
  const input = event.target as HTMLInputElement
  if (input.value === cells.value[row]![index]) return
  if (!type(row, column, input.value)) input.value = cells.value[row]![index]!
}
function paste() {
  if (take(pasted.value)) pasted.value = ''
}
async function file(event: Event) {
  const input = event.target as HTMLInputElement
  const chosen = input.files?.[0]
  input.value = ''
  if (chosen) take(await chosen.text())
}
const words = computed(() => {
  const fit = outcome.value
  if (fit.outcome === 'refused') return trial.value.points.length === 0 ? [t.sea.none] : [fill(fit.reason)]
  const cruise = document.shown.use.cruiseSpeed
  return [
    t.sea.fitted(text(fit.factor(cruise), 'ratio'), text(fit.spread(cruise), 'ratio')), ...fit.off.map(o => t.sea.off(o.rows.join(', '), text(o.share, 'ratio'))),
    t.sea.honesty(fit.honesty), ...(fit.wants.length ? [`${t.sea.wants} ${fit.wants.join('; ')}.`] : []),
  ]
})
</script>

<template>
  <section class="block" :aria-label="t.sea.head" data-sea-trial>
    <h2 class="section-head">{{ t.sea.head }}<span>{{ t.sea.hint }}</span></h2>
    <div v-if="trial.points.length" class="scroll">
      <table class="table">
        <thead><tr><th /><th v-for="[column] in TRIAL_COLUMNS" :key="column" class="num">{{ t.sea[column] }}</th><th>{{ t.sea.direction }}</th><th>{{ t.sea.note }}</th><th /></tr></thead>
        <tbody>
          <tr v-for="(point, row) in trial.points" :key="row">
            <td class="figures soft">{{ row + 1 }}</td>
            <td v-for="([column], i) in TRIAL_COLUMNS" :key="column"><input :value="cells[row]![i]" class="cell" :data-cell="`${column}-${row}`" :aria-label="`${t.sea[column]}, ${row + 1}`" @change="typed($event, row, column, i)"></td>
            <td><select :value="point.direction" class="cell way" :aria-label="`${t.sea.direction}, ${row + 1}`" @change="change(row, { direction: ($event.target as HTMLSelectElement).value as TrialPoint['direction'] })"><option v-for="(word, way) in t.sea.ways" :key="way" :value="way">{{ word }}</option></select></td>
            <td><input :value="point.note" class="cell note" maxlength="120" :aria-label="`${t.sea.note}, ${row + 1}`" @change="change(row, { note: ($event.target as HTMLInputElement).value })"></td>
            <td><button type="button" class="icon-btn" :aria-label="`${t.sea.remove} ${row + 1}`" @click="remove(row)"><svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiClose" fill="currentColor" /></svg></button></td>
          </tr>
        </tbody>
      </table>
    </div>
    <ul v-if="errors.length" class="errors" role="alert" data-trial-errors><li v-for="e in errors" :key="e">{{ e }}</li></ul>
    <div class="row">
      <button type="button" class="btn" data-add-run @click="add">{{ t.sea.add }}</button>
      <button type="button" class="btn" @click="picker?.click()">{{ t.sea.file }}</button>
      <input ref="picker" type="file" accept=".csv,.tsv,.txt,text/csv" class="visually-hidden" tabindex="-1" :aria-label="t.sea.file" @change="file">
    </div>
    <details>
      <summary>{{ t.sea.paste }}</summary>
      <textarea v-model="pasted" rows="4" class="paste" :aria-label="t.sea.pasted" data-paste />
      <button type="button" class="btn" data-take :disabled="!pasted.trim()" @click="paste">{{ t.sea.take }}</button>
    </details>
    <p class="prose" data-trial-words>{{ words.join(' ') }}</p>
    <ChoiceField v-if="outcome.outcome === 'fitted'" :label="t.sea.use" :options="t.sea.uses" :model-value="trial.use" @update:model-value="use" />
  </section>
</template>

<style scoped>
.scroll { overflow-x: auto; }
.table td { padding: 3px 4px 3px 0; }
.cell { width: 74px; min-height: 30px; padding: 2px 6px; text-align: right; background: var(--sheet); color: var(--text); border: .75px solid var(--rule); border-bottom: 1.5px solid var(--ink); font: 600 15px var(--figures); font-variant-numeric: tabular-nums; }
.way { width: 64px; text-align: left; font: 500 14px var(--labels); }
.note { width: 100%; min-width: 90px; text-align: left; font: 400 14px var(--labels); }
.row { display: flex; flex-wrap: wrap; gap: 8px; margin: 8px 0; }
summary { cursor: pointer; font-size: 13px; color: var(--soft); min-height: 26px; }
.paste { display: block; width: 100%; margin: 4px 0 6px; padding: 6px 8px; background: var(--sheet); color: var(--text); border: .75px solid var(--rule); border-bottom: 1.5px solid var(--ink); font: 500 14px/18px var(--figures); }
.errors { color: var(--clash); font-size: 13px; line-height: 17px; margin: 6px 0; }
.prose { margin-top: 6px; max-width: 64ch; }
@media (pointer: coarse) { .cell { min-height: 44px; } summary { min-height: 44px; } }
</style>
