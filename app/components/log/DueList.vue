<script setup lang="ts">
import { computed, ref } from 'vue'
import { dateOfDay, doneDue, DUE, dueNow, edit, hoursRun, logDay, usualDue, type Due, type DueNow } from '@remigo/core'
import { healthWords as words } from '~/messages/health'
import { useDocumentStore } from '~/stores/document'
import { download, fileOf } from '~/files/download'
import { useQuantities } from '~/composables/useQuantities'
import { useToday } from '~/composables/useToday'
import { dateText } from '~/design/times'

/** What is due, the most pressing first: ticked when done, changed where it stands. */
const props = defineProps<{ few?: number }>()
const document = useDocumentStore()
const { text } = useQuantities()
const today = useToday()
/** the log may be of a later day than this machine's clock */
const day = computed(() => logDay(document.shown, today.value))
const date = computed(() => (day.value === null ? today.value : dateOfDay(day.value)))
const all = computed(() => dueNow(document.shown, day.value))
const rows = computed(() => (props.few ? all.value.slice(0, props.few) : all.value))
const open = ref<number | null>(null)
const set = (label: string, due: Due[]) => document.edit(label, [edit('log.due', due)])
const list = computed(() => document.shown.log.due)
const change = (index: number, part: Record<string, unknown>) =>
  set(
    words.due,
    list.value.map((d, i) => (i === index ? { ...d, ...part } : d)),
  )
const done = ({ due, index }: DueNow) =>
  set(
    words.dueDone(due.name),
    list.value.map((d, i) => (i === index ? doneDue(document.shown, d, date.value) : d)),
  )
function remove(index: number) {
  open.value = null
  set(
    words.due,
    list.value.filter((_, i) => i !== index),
  )
}
function add() {
  set(words.addDue, [
    ...list.value,
    {
      id: `own-${Date.now()}`,
      name: words.addDue,
      by: 'months',
      every: 12,
      doneOn: date.value,
      doneHours: hoursRun(document.shown),
      doneTrips: document.shown.log.trips.length,
      date: '',
      note: '',
    },
  ])
  open.value = list.value.length - 1
}
const usual = () =>
  set(words.usual, [
    ...list.value,
    ...usualDue(document.shown, date.value).filter(d => !list.value.some(l => l.id === d.id)),
  ])
const FAR = 1e4
function left(d: DueNow): string {
  const n = Math.abs(d.left)
  if (d.due.by !== 'date' && d.in === 'days' && d.date === '' && d.left < 0) return words.never
  if (!Number.isFinite(n) || n > FAR * 3600) return '–'
  const what =
    d.in === 'days' ? words.days(Math.round(n)) : d.in === 'trips' ? words.trips(Math.round(n)) : text(n, 'duration')
  return n < 0.5 && d.in !== 'time' ? words.now : d.left < 0 ? words.late(what) : words.in(what)
}
const STATE = { late: 'stop', soon: 'caution', later: 'fits' } as const
const how = ({ due }: DueNow) =>
  [words.every[due.by](String(due.every)), due.doneOn ? words.last(dateText(due.doneOn)) : '']
    .filter(Boolean)
    .join(', ')
async function calendar() {
  const { createEvents } = await import('ics')
  const { value } = createEvents(
    all.value
      .filter(d => d.date)
      .map(d => ({
        title: `${document.shown.name}: ${d.due.name}`,
        start: d.date.split('-').map(Number) as [number, number, number],
        duration: { days: 1 },
        ...(d.due.note ? { description: d.due.note } : {}),
        productId: 'remigo',
      })),
  )
  if (value) download(fileOf(document.shown, 'due.ics'), value, 'text/calendar')
}
const KEYS = computed(
  () => (by: Due['by']) => (by === 'date' ? ['name', 'by', 'date', 'note'] : ['name', 'by', 'every', 'doneOn', 'note']),
)
</script>

<template>
  <section class="due" data-due>
    <h2 class="section-head">
      {{ words.due }}<span>{{ words.hoursRun((hoursRun(document.shown) / 3600).toFixed(1)) }}</span>
    </h2>
    <p v-if="!all.length" class="small soft">{{ words.dueNone }}</p>
    <ul>
      <li v-for="d in rows" :key="d.index" :data-due-row="d.due.id">
        <StateMark :state="STATE[d.state]" />
        <span class="what">
          <VBtn
            variant="plain"
            class="name"
            :aria-label="words.edit(d.due.name)"
            :aria-expanded="open === d.index"
            @click="open = open === d.index ? null : d.index"
          >
            {{ d.due.name }}</VBtn><em>{{ how(d) }}</em>
        </span>
        <strong :class="d.state">{{ left(d) }}</strong>
        <VBtn
          variant="plain"
          class="tick"
          :aria-label="words.dueDone(d.due.name)"
          :title="words.done"
          @click="done(d)"
        />
        <div v-if="open === d.index" class="more">
          <RowFields
            :fields="DUE.fields"
            :value="{ ...d.due }"
            :dates="['date', 'doneOn']"
            :keys="KEYS(d.due.by)"
            :options="words.by"
            @change="change(d.index, $event)"
          />
          <VBtn variant="text" class="small" @click="remove(d.index)">{{ words.remove(d.due.name) }}</VBtn>
        </div>
      </li>
    </ul>
    <div class="acts">
      <VBtn data-due-usual @click="usual">{{ words.usual }}</VBtn>
      <VBtn data-due-add @click="add">{{ words.addDue }}</VBtn>
      <VBtn v-if="all.some(d => d.date)" data-due-calendar @click="calendar">
        {{ words.calendar }}
      </VBtn>
    </div>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto 26px;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
  line-height: 17px;
}
.what em {
  display: block;
  font-style: normal;
  font-size: 12.5px;
  color: var(--soft);
}
.name {
  text-align: left;
  min-height: 24px;
}
strong {
  font-size: 13.5px;
  text-align: right;
}
strong.late {
  color: var(--clash);
}
strong.soon {
  color: var(--tight);
}
.tick {
  width: 24px;
  height: 24px;
  border: 1.5px solid var(--ink);
  background: var(--sheet);
}
.more {
  grid-column: 1 / -1;
  padding: 6px 0 8px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.small {
  margin-top: 6px;
}
@media (pointer: coarse) {
  .tick {
    width: 44px;
    height: 44px;
  }
  li {
    grid-template-columns: 18px minmax(0, 1fr) auto 44px;
  }
  .name {
    min-height: 44px;
  }
}
</style>
