<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { mdiClose } from '@mdi/js'
import { keptText, TRIAL_POINT, type TrialPoint } from '@remigo/core'
import { trialWords } from '~/messages/trial'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { TRIAL_COLUMNS, useTrial, type TrialColumn } from '~/composables/useTrial'
import TrialCell from './TrialCell.vue'

/** The owner's own runs, typed, pasted or from a file, and the curve that they carry. */
const document = useDocumentStore()
const view = useViewStore()
const { text, fill } = useQuantities()
const { trial, outcome, errors, others, holdsHouse, house, madeNow, add, remove, change, type, take, use } = useTrial()
const pasted = ref('')
const picker = ref<HTMLInputElement>()
const shown = (point: TrialPoint, column: TrialColumn) => {
  const value = point[column]
  return value === null ? '' : keptText(TRIAL_POINT.fields[column], value, view.choice).replace(/\u00A0/g, ' ')
}
const cells = computed(() => trial.value.points.map(point => TRIAL_COLUMNS.map(c => shown(point, c))))
/** sentences of cells that make no sense, by cell */
const wrong = reactive(new Map<string, string>())
const said = (cell: string, sentence: string | null) =>
  sentence === null ? wrong.delete(cell) : wrong.set(cell, sentence)
const sentences = computed(() => [...errors.value, ...wrong.values()])
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
  if (fit.outcome === 'refused') return trial.value.points.length === 0 ? [trialWords.sea.none] : [fill(fit.reason)]
  const cruise = document.shown.use.cruiseSpeed
  return [
    trialWords.sea.fitted(text(fit.factor(cruise), 'ratio'), text(fit.spread(cruise), 'ratio')),
    ...fit.off.map(o => trialWords.sea.off(o.rows.join(', '), text(o.share, 'ratio'))),
    trialWords.sea.honesty(fit.honesty),
    ...(fit.wants.length ? [`${trialWords.sea.wants} ${fit.wants.join('; ')}.`] : []),
  ]
})
</script>

<template>
  <section class="block" :aria-label="trialWords.sea.head" data-sea-trial>
    <h2 class="section-head">
      {{ trialWords.sea.head }}<span>{{ trialWords.sea.hint }}</span>
    </h2>
    <table v-if="trial.points.length" class="table runs">
      <thead>
        <tr>
          <th />
          <th v-for="column in TRIAL_COLUMNS" :key="column" class="num">{{ TRIAL_POINT.fields[column].label }}</th>
          <th>{{ trialWords.sea.direction }}</th>
          <th>{{ trialWords.sea.note }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="(point, row) in trial.points" :key="row">
          <td class="figures soft">{{ row + 1 }}</td>
          <td v-for="(column, i) in TRIAL_COLUMNS" :key="column" :data-head="TRIAL_POINT.fields[column].label">
            <TrialCell
              :shown="cells[row]![i]!"
              :name="`${column}-${row}`"
              :label="`${TRIAL_POINT.fields[column].label}, ${row + 1}`"
              :take="words => type(row, column, words)"
              @wrong="said(`${column}-${row}`, $event)"
            />
          </td>
          <td :data-head="trialWords.sea.direction">
            <select
              :value="point.direction"
              class="cell way"
              :aria-label="`${trialWords.sea.direction}, ${row + 1}`"
              @change="
                change(row, { direction: ($event.target as HTMLSelectElement).value as TrialPoint['direction'] })
              "
            >
              <option v-for="(word, way) in trialWords.sea.ways" :key="way" :value="way">{{ word }}</option>
            </select>
          </td>
          <td :data-head="trialWords.sea.note">
            <input
              :value="point.note"
              class="cell note"
              maxlength="120"
              :aria-label="`${trialWords.sea.note}, ${row + 1}`"
              @change="change(row, { note: ($event.target as HTMLInputElement).value })"
            />
          </td>
          <td>
            <button
              type="button"
              class="icon-btn"
              :aria-label="`${trialWords.sea.remove} ${row + 1}`"
              @click="remove(row)"
            >
              <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
                <path :d="mdiClose" fill="currentColor" />
              </svg>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <ul v-if="sentences.length" class="errors" role="alert" data-trial-errors>
      <li v-for="e in sentences" :key="e">{{ e }}</li>
    </ul>
    <div class="row">
      <button type="button" class="btn" data-add-run @click="add">{{ trialWords.sea.add }}</button>
      <button type="button" class="btn" @click="picker?.click()">{{ trialWords.sea.file }}</button>
      <input
        ref="picker"
        type="file"
        accept=".csv,.tsv,.txt,text/csv"
        class="visually-hidden"
        tabindex="-1"
        :aria-label="trialWords.sea.file"
        @change="file"
      />
    </div>
    <details>
      <summary>{{ trialWords.sea.paste }}</summary>
      <textarea v-model="pasted" rows="4" class="paste" :aria-label="trialWords.sea.pasted" data-paste />
      <button type="button" class="btn" data-take :disabled="!pasted.trim()" @click="paste">
        {{ trialWords.sea.take }}
      </button>
    </details>
    <p class="prose" data-trial-words>{{ words.join(' ') }}</p>
    <template v-if="trial.points.length">
      <ChoiceField
        v-if="document.shown.use.houseLoad > 0"
        :label="trialWords.sea.house"
        :options="{
          yes: trialWords.sea.houseYes(text(document.shown.use.houseLoad, 'smallPower')),
          no: trialWords.sea.houseNo,
        }"
        :model-value="holdsHouse ? 'yes' : 'no'"
        data-trial-house
        @update:model-value="house($event === 'yes')"
      />
      <p v-if="others" class="prose" data-other-drive>
        {{ trialWords.sea.other }}
        <button type="button" class="btn" @click="madeNow">{{ trialWords.sea.madeNow }}</button>
      </p>
    </template>
    <ChoiceField
      v-if="outcome.outcome === 'fitted'"
      :label="trialWords.sea.use"
      :options="trialWords.sea.uses"
      :model-value="trial.use"
      @update:model-value="use"
    />
  </section>
</template>

<style scoped>
.runs {
  table-layout: fixed;
}
.runs th:first-child {
  width: 20px;
}
.runs th:last-child {
  width: 34px;
}
@media (max-width: 560px) {
  .runs thead {
    display: none;
  }
  .runs tr {
    display: grid;
    grid-template-columns: 24px repeat(3, minmax(0, 1fr));
    gap: 4px;
    padding: 6px 0;
    border-bottom: 0.75px solid var(--rule);
  }
  .runs td {
    display: block;
    border: 0;
    padding: 0;
  }
  .runs td:first-child {
    grid-row: span 3;
  }
  .runs td[data-head]::before {
    content: attr(data-head);
    display: block;
    font-size: 12px;
    color: var(--soft);
  }
}
.table td {
  padding: 3px 4px 3px 0;
}
.cell {
  width: 100%;
  min-height: 30px;
  padding: 2px 6px;
  text-align: right;
  background: var(--sheet);
  color: var(--text);
  border: 0.75px solid var(--rule);
  border-bottom: 1.5px solid var(--ink);
  font: 600 15px var(--figures);
}

.way {
  text-align: left;
  font: 500 14px var(--labels);
}
.note {
  text-align: left;
  font: 400 14px var(--labels);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
}
summary {
  cursor: pointer;
  font-size: 13px;
  color: var(--soft);
  min-height: 26px;
}
.paste {
  display: block;
  width: 100%;
  margin: 4px 0 6px;
  padding: 6px 8px;
  background: var(--sheet);
  color: var(--text);
  border: 0.75px solid var(--rule);
  border-bottom: 1.5px solid var(--ink);
  font: 500 14px/18px var(--figures);
}
.errors {
  color: var(--clash);
  font-size: 13px;
  line-height: 17px;
  margin: 6px 0;
}
.prose {
  margin-top: 6px;
  max-width: 64ch;
}
@media (pointer: coarse) {
  .cell {
    min-height: 44px;
  }
  summary {
    min-height: 44px;
  }
}
</style>
