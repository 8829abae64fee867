<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue'
import { useStorage } from '@vueuse/core'
import { INSTRUMENT_IDS, INSTRUMENTS, UNITS, unitsOf, type InstrumentId, type LogColumn, type Trip } from '@remigo/core'
import { proxy } from 'comlink'
import type { LogFileNews, LogFileQuestion, LogFileReader } from '~/workers/logFile'
import { startWorker, type WorkerLine } from '~/workers/startWorker'
import { tripsWords as words } from '~/messages/trips'
import { useInstrumentStore } from '~/stores/instruments'
import { useViewStore } from '~/stores/view'
import { plainData } from '~/stores/plainData'
import TransducerNames from '~/components/trial/TransducerNames.vue'
import { useFilePick } from '~/composables/useFilePick'

/** A file of instruments, tracks or trips: read in a worker; what its columns hold is shown before it is taken. */
const emit = defineEmits<{ trips: [trips: Trip[]] }>()
const instruments = useInstrumentStore()
const view = useViewStore()
const progress = ref<number | null>(null)
const errors = ref<string[]>([])
const said = ref('')
const unknown = ref<string[]>([])
const asked = ref<{ file: File; columns: LogColumn[]; rows: string[][] } | null>(null)
/** mappings by the headings of the file */
const known = useStorage<Record<string, LogColumn[]>>('remigo-log-columns', {})
let line: WorkerLine<LogFileReader> | null = null
let file: File | null = null

async function read(chosen: File, columns?: LogColumn[]) {
  file = chosen
  errors.value = []
  said.value = ''
  unknown.value = []
  progress.value = 0
  // a file that is still being read is left
  line?.end()
  const mine = (line = startWorker<LogFileReader>('logFile'))
  const question: LogFileQuestion = {
    file: chosen,
    names: plainData({ ...instruments.names }),
    choice: plainData(view.choice),
    ...(columns ? { columns: plainData(columns) } : {}),
  }
  const tell = proxy((share: number) => {
    if (line === mine && progress.value !== null) progress.value = share
  })
  const news = await mine
    .ask(reader => reader.read(question, tell))
    .catch((error: Error): LogFileNews => ({ outcome: 'wrong', errors: [words.wrong(error.message)] }))
  if (line === mine) take(news)
}
function take(news: LogFileNews) {
  progress.value = null
  if (news.outcome === 'wrong') errors.value = news.errors
  else if (news.outcome === 'columns') {
    const before = known.value[news.columns.map(c => c.heading).join('|')]
    if (before) void read(file!, before)
    else asked.value = { file: file!, columns: news.columns, rows: news.rows }
  } else {
    const { kind, lines, left, first } = news.says
    unknown.value = news.says.unknown
    said.value = [words.says[kind](lines, left), first].filter(Boolean).join(' ')
    emit('trips', news.trips)
  }
}
function chosen(it: File) {
  asked.value = null
  void read(it)
}
const pick = useFilePick('.gpx,.csv,.tsv,.txt,.log,.nmea,.xml,text/csv,text/plain,application/gpx+xml', files =>
  chosen(files[0]!),
)
/** what a column may be, as one choice: a reading in a unit, a time, a date, nothing */
const choices = computed(() => [
  { value: 'none', title: words.nothing },
  ...(['iso', 'unix', 'unixMs', 'clock', 'seconds', 'minutes'] as const).map(as => ({
    value: `time/${as}`,
    title: `${words.time}, ${as === 'unixMs' ? 'unix ms' : as}`,
  })),
  { value: 'date', title: words.date },
  ...INSTRUMENT_IDS.flatMap(id =>
    unitsOf(id).map(u => ({ value: `reading/${id}/${u}`, title: `${INSTRUMENTS[id].label}, ${UNITS[u].symbol}` })),
  ),
])
const valueOf = ({ column }: LogColumn) =>
  column.is === 'reading'
    ? `reading/${column.what}/${column.unit === 'share' ? 'percent' : column.unit}`
    : column.is === 'time'
      ? `time/${column.as}`
      : column.is
function choose(i: number, value: string) {
  const [is, what, unit] = value.split('/')
  const column = (
    is === 'reading' ? { is, what: what as InstrumentId, unit } : is === 'time' ? { is, as: what } : { is }
  ) as LogColumn['column']
  asked.value!.columns = asked.value!.columns.map((c, k) => (k === i ? { ...c, column, guessed: false } : c))
}
function confirm() {
  const { file: of, columns } = asked.value!
  known.value = { ...known.value, [columns.map(c => c.heading).join('|')]: columns }
  asked.value = null
  void read(of, columns)
}
onScopeDispose(() => line?.end())
defineExpose({ open: pick })
</script>

<template>
  <div class="import">
    <p v-if="progress !== null" role="status">
      {{ words.reading }} <VProgressLinear :model-value="100 * progress" :aria-label="words.reading" />
    </p>
    <p v-if="said" class="small" role="status">{{ said }}</p>
    <TransducerNames :unknown="unknown" />
    <ul v-if="errors.length" class="errors" role="alert">
      <li v-for="e in errors" :key="e">{{ e }}</li>
    </ul>
    <section v-if="asked" class="map" data-columns>
      <h3 class="section-head">
        {{ words.map }}<span>{{ words.mapHint }}</span>
      </h3>
      <ul>
        <li v-for="(c, i) in asked.columns" :key="i">
          <PickField
            :label="c.heading"
            :model-value="valueOf(c)"
            :items="choices"
            @update:model-value="choose(i, $event)"
          />
          <span class="small soft"
            >{{ asked.rows.map(r => r[i]).join(' · ') }}<b v-if="c.guessed">, {{ words.guessed }}</b></span
          >
        </li>
      </ul>
      <VBtn variant="flat" data-columns-take @click="confirm">{{ words.takes }}</VBtn>
      <VBtn @click="asked = null">{{ words.cancel }}</VBtn>
    </section>
  </div>
</template>

<style scoped>
.errors {
  color: var(--clash);
  font-size: 14px;
}
.map {
  margin: 8px 0;
}
.map ul {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 8px 14px;
  margin-bottom: 8px;
}
.map label {
  display: grid;
  gap: 2px;
  font-size: 13px;
}
.map .small {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.v-btn + .v-btn {
  margin-left: 8px;
}
</style>
