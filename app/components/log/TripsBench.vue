<script setup lang="ts">
import { computed, nextTick, ref, shallowRef, useTemplateRef, watch } from 'vue'
import { watchDebounced, useMediaQuery } from '@vueuse/core'
import {
  curveLearnt,
  edit,
  EMPTY_TRIP,
  logWith,
  measuredOf,
  monthTotals,
  trialCurve,
  tripEnergy,
  tripOf,
  tripsCsv,
  tripTotals,
  withEdits,
  withTrips,
  type Trip,
} from '@remigo/core'
import { tripsWords as words } from '~/messages/trips'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import { useViewStore } from '~/stores/view'
import { download, fileOf } from '~/files/download'
import { useRawLog } from '~/composables/useRawLog'
import { useQuantities } from '~/composables/useQuantities'
import LearntChart from './LearntChart.vue'
import LogImport from './LogImport.vue'
import OwnCurve from './OwnCurve.vue'
import TripCalendar from './TripCalendar.vue'
import TripEditor from './TripEditor.vue'
import TripsTotals from './TripsTotals.vue'
import { dateText, isoDate } from '~/design/times'

/** The logbook: trips by hand, from instruments and files; each makes curve and pack more exact. */
const document = useDocumentStore()
const instruments = useInstrumentStore()
const view = useViewStore()
const { text, format } = useQuantities()
const importer = useTemplateRef<InstanceType<typeof LogImport>>('importer')
const boat = computed(() => document.shown)
const trips = computed(() => boat.value.log.trips)
const chosen = ref<string | null>(null)
const trip = computed(() => trips.value.find(t => t.id === chosen.value) ?? null)
const note = ref('')
const FIRST = 7
const all = ref(false)
/** the latest first; sorting by a column is over all of them */
const rows = computed(() => [...trips.value].reverse())
/** one that is open is shown, however old it is */
const perPage = computed(() =>
  all.value || rows.value.findIndex(t => t.id === chosen.value) >= FIRST ? rows.value.length : FIRST,
)
const totals = computed(() => tripTotals(boat.value))
const months = computed(() => monthTotals(boat.value))
const nameOf = (t: Trip) => t.name || [t.from, t.to].filter(Boolean).join(' – ') || words.sources4[t.source]
type Kind = 'distance' | 'energy' | 'energyPerDistance'
const plain = (value: number, quantity: Kind) => (value > 0 ? format(value, quantity).text : '–')
const unitOf = (quantity: Kind) => format(1000, quantity).unit
const energyOf = (t: Trip) => tripEnergy(boat.value, t)
const mileOf = (t: Trip) => (t.distance > 0 ? energyOf(t) / t.distance : 0)
/** the columns: what they are sorted by, and what they say; some only where there is room */
const columns = computed(() => {
  const amount = (key: string, title: string, quantity: Kind, value: (t: Trip) => number, wide = false) => ({
    key,
    title,
    wide,
    value,
    says: (t: Trip) => plain(value(t), quantity),
    align: 'end' as const,
  })
  return [
    { key: 'date', title: words.columns.date, value: (t: Trip) => t.date, says: (t: Trip) => dateText(t.date) || '–' },
    { key: 'name', title: words.columns.name, value: nameOf, says: nameOf },
    amount('distance', unitOf('distance'), 'distance', t => t.distance),
    {
      key: 'time',
      title: words.columns.time,
      value: (t: Trip) => t.time,
      says: (t: Trip) => (t.time > 0 ? (t.time / 3600).toFixed(1) : '–'),
      align: 'end' as const,
    },
    amount('energy', unitOf('energy'), 'energy', energyOf),
    amount('mile', unitOf('energyPerDistance'), 'energyPerDistance', mileOf, true),
    amount('shore', words.sources.shore, 'energy', t => t.shore, true),
    amount('sun', words.sources.sun, 'energy', t => t.sun, true),
    {
      key: 'left',
      title: words.columns.left,
      value: (t: Trip) => t.chargeTo ?? -1,
      says: (t: Trip) => (t.chargeTo === null ? '–' : text(t.chargeTo, 'ratio')),
      align: 'end' as const,
    },
  ].filter(c => !(narrow.value && 'wide' in c && c.wide))
})
const headers = computed(() =>
  columns.value.map(({ key, title, value, ...c }) => ({
    key,
    title,
    value,
    align: 'align' in c ? c.align : undefined,
  })),
)
const narrow = useMediaQuery('(max-width: 1099px)')
const rowOf = ({ item }: { item: Trip }) => ({ class: { current: item.id === chosen.value }, 'data-trip': item.id })

function set(label: string, to: readonly Trip[]) {
  const { log, use } = logWith(boat.value, to)
  return document.edit(label, [edit('log', log), ...(use === boat.value.trial.use ? [] : [edit('trial.use', use)])])
}
function add() {
  const id = `hand-${Date.now()}`
  if (set(words.add, [...trips.value, { ...EMPTY_TRIP, id, date: isoDate(new Date()) }])) chosen.value = id
}
const change = (id: string, part: Record<string, unknown>) =>
  set(
    words.changed,
    trips.value.map(t => (t.id === id ? { ...t, ...part } : t)),
  )
function remove(id: string) {
  set(
    words.removed,
    trips.value.filter(t => t.id !== id),
  )
  chosen.value = null
}
/** Takes trips into the log; whether there was room for them. */
function take(coming: Trip[]): boolean {
  const { trips: merged, added } = withTrips(trips.value, coming)
  if (added > 0) {
    if (!set(words.added(added), merged)) return false
    chosen.value = coming.at(-1)!.id
  }
  note.value = words.added(added)
  return true
}
/** what a simulated boat said is no trip of this one */
const heard = computed(() => instruments.trip.length > 12 && !instruments.simulated)
const raw = useRawLog(() => null)
function logHeard() {
  const made = tripOf(instruments.trip, 'instruments')
  if (!take([made])) return
  void raw.keep(made.id, `${made.date}.nmea`, instruments.rawLog())
  instruments.restart()
}
// the curve and how sure it is: worked out when trips change, not while the lever moves
const until = computed(() => Math.min(30, 1.2 * Math.max(boat.value.use.topSpeed, boat.value.use.cruiseSpeed)))
const curves = computed(() => {
  const project = boat.value
  const theory = withEdits(project, [edit('trial.use', 'theory')])
  const trial = project.trial.points.length && trips.value.length ? withEdits(project, [edit('log.trips', [])]) : null
  return {
    predicted: trialCurve(theory, until.value),
    trial: trial ? trialCurve(trial, until.value) : [],
    now: trialCurve(project, until.value),
    points: measuredOf(project).points,
  }
})
const learnt = shallowRef<ReturnType<typeof curveLearnt> | null>(null)
watchDebounced([() => boat.value.log, () => boat.value.trial], () => (learnt.value = curveLearnt(boat.value)), {
  debounce: 200,
  immediate: true,
})
const within = computed(() => {
  const l = learnt.value
  return l ? `${Math.round(100 * (l.steps.at(-1)?.within ?? l.trial ?? l.before))}\u00A0%` : ''
})
watch(
  () => document.project.id,
  () => {
    chosen.value = null
    note.value = ''
  },
)
/** the whole log is printed */
async function print() {
  all.value = true
  await nextTick()
  window.print()
}
</script>

<template>
  <div class="trips log-bench" data-trips>
    <div class="main">
      <TripsTotals v-if="trips.length" :totals="totals" />
      <p v-else class="prose" data-trips-none>{{ words.none }}</p>
      <div class="tools no-print">
        <h2 class="section-head">{{ words.head }}</h2>
        <VBtn data-add-trip @click="add">{{ words.add }}</VBtn>
        <VBtn v-if="heard" variant="flat" data-log-heard @click="logHeard">
          {{ words.fromInstruments }}
        </VBtn>
        <VBtn :title="words.files" data-read-log @click="importer?.open()">
          {{ words.read }}
        </VBtn>
        <VBtn
          :disabled="!trips.length"
          data-trips-csv
          @click="download(fileOf(boat, 'trips.csv'), tripsCsv(boat), 'text/csv')"
        >
          {{ words.csv }}
        </VBtn>
        <VBtn :disabled="!trips.length" @click="print">{{ words.print }}</VBtn>
      </div>
      <LogImport ref="importer" @trips="take" />
      <p v-if="note" class="small" role="status" data-trips-note>{{ note }}</p>
      <VDataTable
        v-if="trips.length"
        class="log"
        :headers="headers"
        :items="rows"
        :items-per-page="perPage"
        :row-props="rowOf"
        hide-default-footer
      >
        <template v-for="c in columns" :key="c.key" #[`item.${c.key}`]="{ item }">
          <VBtn
            v-if="c.key === 'name'"
            variant="text"
            :aria-expanded="item.id === chosen"
            @click="chosen = item.id === chosen ? null : item.id"
            >{{ nameOf(item) }}</VBtn><template v-else>{{ c.says(item) }}</template>
        </template>
      </VDataTable>
      <p v-if="trips.length > FIRST" class="small">
        <VBtn variant="text" data-trips-all @click="all = !all">
          {{ all ? words.fewer : words.more(trips.length - FIRST, dateText(trips[0]!.date)) }}
        </VBtn>
      </p>
      <TripEditor v-if="trip" :boat="boat" :trip="trip" @change="change(trip.id, $event)" @remove="remove(trip.id)" />
      <div class="charts">
        <section>
          <h2 class="section-head">
            {{ words.curve }}<span>{{ words.curveHint }}</span>
          </h2>
          <OwnCurve
            :project="boat"
            :predicted="curves.predicted"
            :trial="curves.trial"
            :now="curves.now"
            :points="curves.points"
            :lever="view.speed"
            :within="within"
          />
        </section>
        <section v-if="learnt">
          <h2 class="section-head">{{ words.sure }}</h2>
          <LearntChart
            :before="learnt.before"
            :trial="learnt.trial"
            :steps="learnt.steps"
            :speed="text(boat.use.cruiseSpeed, 'speed')"
          />
        </section>
      </div>
      <section v-if="trips.some(t => t.date)" class="months">
        <h2 class="section-head">
          {{ words.calendar }}<span>{{ words.calendarHint }}</span>
        </h2>
        <TripCalendar :trips="trips" :chosen="chosen" @choose="id => (chosen = id)" />
      </section>
      <section v-if="months.length > 1" class="months">
        <h2 class="section-head">
          {{ words.months }}<span>{{ words.monthsHint }}</span>
        </h2>
        <VTable>
          <tbody>
            <tr v-for="m in months" :key="m.month">
              <td>{{ m.month }}</td>
              <td class="num figures">{{ words.tripsCount(m.totals.trips) }}</td>
              <td class="num figures">{{ text(m.totals.distance, 'distance') }}</td>
              <td class="num figures">{{ text(m.totals.time, 'duration') }}</td>
              <td class="num figures">{{ text(m.totals.used, 'energy') }}</td>
            </tr>
          </tbody>
        </VTable>
      </section>
    </div>
    <HealthSummary class="beside" />
  </div>
</template>

<style scoped>
.trips {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 300px);
  gap: 22px;
  padding: 14px 16px 24px;
}
.beside {
  border-left: 1px solid var(--rule);
  padding-left: 20px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: end;
  margin: 12px 0 4px;
}
.tools .section-head {
  flex: 1 1 80px;
}
.log :deep(td:first-child) {
  white-space: nowrap;
}
.log .v-btn--variant-text {
  text-align: left;
}
.charts {
  display: grid;
  grid-template-columns: minmax(0, 1.8fr) minmax(0, 1fr);
  gap: 18px;
  margin-top: 16px;
}
.months {
  margin-top: 16px;
}
@media (max-width: 1099px) {
  .trips,
  .charts {
    grid-template-columns: minmax(0, 1fr);
  }
  .beside {
    border: 0;
    padding: 0;
  }
}
</style>
