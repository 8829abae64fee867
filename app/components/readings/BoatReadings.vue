<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { mdiClose } from '@mdi/js'
import { BAND, edit, evaluate, isFarOff, whatNext, withEdits, type Evaluation, type MadeWith } from '@remigo/core'
import { readingWords, rowNumbers } from '~/messages/readings'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { READING_COLUMNS, useReadings } from '~/composables/useReadings'
import ReadingCell from './ReadingCell.vue'
import ReadingSentence from './ReadingSentence.vue'
import ReadingSetups from './ReadingSetups.vue'
import { fileText, MOST_BYTES } from '~/files/fileText'
import { useFilePick } from '~/composables/useFilePick'

/** What the owner knows already, told, typed, pasted or from a file; what it says of her, and what would tell more. */
const words = readingWords.readings
const document = useDocumentStore()
const answer = useAnswerStore()
const { text, fill, format } = useQuantities()
const {
  trial,
  measured,
  errors,
  others,
  holdsHouse,
  house,
  madeNow,
  madeOf,
  setMade,
  setSetup,
  tell,
  add,
  remove,
  change,
  shown,
  type,
  take,
  use,
} = useReadings()
const pasted = ref('')
/** sentences of cells that make no sense, by cell */
const wrong = reactive(new Map<string, string>())
const said = (cell: string, sentence: string | null) =>
  sentence === null ? wrong.delete(cell) : wrong.set(cell, sentence)
/** so many stand there at once: each row is half a dozen fields */
const PER_PAGE = 20
const page = ref(1)
const pages = computed(() => Math.ceil(trial.value.points.length / PER_PAGE))
const from = computed(() => (page.value - 1) * PER_PAGE)
const onPage = computed(() =>
  trial.value.points
    .slice(from.value, from.value + PER_PAGE)
    .map((point, i) => ({ point, row: from.value + i, against: against.value[from.value + i] })),
)
// what was just added is seen
watch(
  () => trial.value.points.length,
  (now, before) => (page.value = Math.max(1, now > before ? pages.value : Math.min(page.value, pages.value))),
)
const sentences = computed(() => [...errors.value, ...wrong.values()])
function paste() {
  if (take(pasted.value)) pasted.value = ''
}
async function file(chosen: File) {
  const read = await fileText(chosen, MOST_BYTES.table)
  if (read.ok) take(read.text)
  else errors.value = [read.message]
}
const pick = useFilePick('.csv,.tsv,.txt,text/csv', files => file(files[0]!))
/** how a row stands to the theory; null for one that says nothing */
const against = computed(() =>
  trial.value.points.map((_, i) => {
    const point = measured.value.points.find(p => p.rows.includes(i + 1))
    return point ? { share: text(point.resistance / point.theory, 'ratio'), far: isFarOff(point) } : null
  }),
)

/** power at cruise as the methods alone give it */
const alone = computed(() => {
  const methods = withEdits(document.shown, [edit('trial.use', 'theory')])
  return evaluate(methods, methods.use.cruiseSpeed)
})
const bandText = ({ cruise }: Pick<Evaluation, 'cruise'>) =>
  `${format(cruise.packPowerLow, 'electricPower').text} to ${text(cruise.packPowerHigh, 'electricPower')}`
/** a share of cruise's resistance that is told */
const TOLD = 0.01
const changed = computed(() => {
  if (trial.value.use === 'theory' || !measured.value.posterior) return []
  const factor = answer.summary.cruise.resistance.centre / alone.value.cruise.resistance.centre
  const away = text(Math.abs(factor - 1), 'ratio')
  const { seaMargin } = document.shown.use
  return [
    Math.abs(factor - 1) < TOLD ? words.same : factor > 1 ? words.more(away) : words.less(away),
    words.narrowed(bandText(alone.value), bandText({ cruise: answer.summary.cruise })),
    ...(seaMargin > 0 ? [words.margin(text(seaMargin, 'ratio'))] : []),
  ]
})
const remarks = computed(() => [
  ...measured.value.points
    .filter(isFarOff)
    .map(p => words.off(rowNumbers(p.rows), text(p.resistance / p.theory, 'ratio'))),
  ...measured.value.unread.map(u => words.unread(u.row, fill(u.reason))),
  ...(measured.value.honesty.wants.length ? [`${words.wants} ${measured.value.honesty.wants.join('; ')}.`] : []),
])

const next = computed(() => {
  const { sigma, steps } = whatNext(document.shown)
  const wide = (s: number) => text(Math.exp(BAND * s) - 1, 'ratio')
  const { cruiseSpeed, topSpeed } = document.shown.use
  const speeds = { cruise: text(cruiseSpeed, 'speed'), top: text(topSpeed, 'speed') }
  return steps
    .filter(s => s.sigma < (1 - TOLD) * sigma)
    .slice(0, 3)
    .map(s => ({
      what: s.what,
      name: words.steps[s.what](s.what === 'top' ? speeds.top : speeds.cruise),
      change: words.change(wide(sigma), wide(s.sigma)),
    }))
})
</script>

<template>
  <section class="block" :aria-label="words.head" data-readings>
    <h2 class="section-head">
      {{ words.head }}<span>{{ words.hint }}</span>
    </h2>
    <ReadingSentence :take="tell" />
    <p v-if="!trial.points.length" class="prose" data-reading-words>{{ words.none }}</p>
    <VTable v-if="trial.points.length" class="runs">
      <thead>
        <tr>
          <th />
          <th v-for="column in READING_COLUMNS" :key="column" class="num" :class="column">
            {{ words.columns[column] }}
          </th>
          <th>{{ words.direction }}</th>
          <th class="num">{{ words.against }}</th>
          <th>{{ words.note }}</th>
          <th />
        </tr>
      </thead>
      <tbody v-for="{ point, row, against: told } in onPage" :key="row">
        <tr>
          <td class="figures soft">{{ row + 1 }}</td>
          <td v-for="column in READING_COLUMNS" :key="column" :data-head="words.columns[column]" :class="column">
            <ReadingCell
              :shown="shown(point, column)"
              :name="`${column}-${row}`"
              :label="`${words.columns[column]}, ${row + 1}`"
              :take="typed => type(row, column, typed)"
              @wrong="said(`${column}-${row}`, $event)"
            />
          </td>
          <td :data-head="words.direction">
            <PickField
              bare
              class="way"
              :label="`${words.direction}, ${row + 1}`"
              :model-value="point.direction"
              :items="words.ways"
              @update:model-value="change(row, { direction: $event })"
            />
          </td>
          <td :data-head="words.against" class="num figures" :class="{ far: told?.far }">
            {{ told?.share ?? '–' }}
          </td>
          <td :data-head="words.note">
            <WordField
              bare
              class="note"
              :most="120"
              :label="`${words.note}, ${row + 1}`"
              :value="point.note"
              @change="change(row, { note: $event })"
            />
          </td>
          <td>
            <VBtn icon variant="plain" :aria-label="`${words.remove} ${row + 1}`" @click="remove(row)">
              <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
                <path :d="mdiClose" fill="currentColor" />
              </svg>
            </VBtn>
          </td>
        </tr>
        <tr class="with">
          <td />
          <td :colspan="READING_COLUMNS.length + 4">
            <PickField
              class="made"
              :label="words.made"
              :model-value="madeOf(row).made"
              :items="words.madeWith"
              :data-made="row"
              @update:model-value="setMade(row, { made: $event as MadeWith })"
            /><PickField
              class="sea"
              :label="words.sea"
              :model-value="point.sea"
              :items="words.seas"
              :data-sea="row"
              @update:model-value="change(row, { sea: $event })"
            />
          </td>
        </tr>
      </tbody>
    </VTable>
    <VPagination
      v-if="pages > 1"
      v-model="page"
      :length="pages"
      :disabled="wrong.size > 0"
      :title="wrong.size > 0 ? words.mendFirst : undefined"
      :aria-label="words.pages"
      data-reading-pages
    />
    <ReadingSetups v-if="trial.points.length" :trial="trial" :measured="measured" @change="setSetup" />
    <ul v-if="sentences.length" class="errors" role="alert" data-reading-errors>
      <li v-for="e in sentences" :key="e">{{ e }}</li>
    </ul>
    <p v-if="changed.length" class="prose lead" data-reading-words>{{ changed.join(' ') }}</p>
    <p v-for="r in trial.points.length ? remarks : []" :key="r" class="prose" data-reading-remark>{{ r }}</p>
    <template v-if="trial.points.length">
      <ChoiceField
        :label="words.use"
        :options="words.uses"
        :model-value="trial.use"
        data-reading-use
        @update:model-value="use"
      />
      <ChoiceField
        v-if="document.shown.use.houseLoad > 0"
        :label="words.house"
        :options="{ yes: words.houseYes(text(document.shown.use.houseLoad, 'smallPower')), no: words.houseNo }"
        :model-value="holdsHouse ? 'yes' : 'no'"
        data-reading-house
        @update:model-value="house($event === 'yes')"
      />
      <p v-if="others" class="prose" data-other-drive>
        {{ words.other }}
        <VBtn @click="madeNow">{{ words.madeNow }}</VBtn>
      </p>
    </template>
    <div class="row">
      <VBtn data-add-run @click="add">{{ words.add }}</VBtn>
      <VBtn data-readings-file @click="pick()">{{ words.file }}</VBtn>
    </div>
    <FoldedPart :title="words.paste">
      <summary>{{ words.paste }}</summary>
      <VTextarea v-model="pasted" :rows="4" :aria-label="words.pasted" data-paste />
      <VBtn data-take :disabled="!pasted.trim()" @click="paste">
        {{ words.takeRows }}
      </VBtn>
    </FoldedPart>
    <template v-if="next.length">
      <h3 class="section-head">
        {{ words.next }}<span>{{ words.nextHint }}</span>
      </h3>
      <ol class="next" data-what-next>
        <li v-for="step in next" :key="step.what">
          <span>{{ step.name }}</span><span class="figures">{{ step.change }}</span>
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
.runs :deep(table) {
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
  .runs tr:has(+ .with) {
    border-bottom: 0;
  }
  .runs .with {
    grid-template-columns: 24px minmax(0, 1fr);
  }
  .runs .with td:first-child {
    grid-row: auto;
  }
  .runs .with td {
    border-bottom: 0;
  }
  .runs td[data-head]::before {
    content: attr(data-head);
    display: block;
    font-size: 12px;
    color: var(--soft);
  }
}
.v-table td {
  padding: 3px 4px 3px 0;
}
@media (min-width: 561px) {
  .runs .read {
    width: 26%;
  }
  .runs .speed {
    width: 82px;
  }
}
.with td {
  border-bottom: 0.75px solid var(--rule);
  padding-bottom: 6px;
}
.with td > * {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  margin-right: 18px;
  font-size: 13px;
  color: var(--soft);
}
.far {
  color: var(--clash);
  font-weight: 600;
}
.lead {
  font-weight: 600;
}
.next li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
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
</style>
