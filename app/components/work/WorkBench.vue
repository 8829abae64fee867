<script setup lang="ts">
import { computed, ref, toRaw } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { useDraggedList } from '~/composables/useDraggedList'
import { mdiDragVertical } from '@mdi/js'
import {
  arrivals,
  dayOf,
  edit,
  schedule,
  TASK,
  templateOf,
  usualOf,
  usualTasks,
  workCsv,
  workEvents,
  type Task,
} from '@remigo/core'
import { workWords as words } from '~/messages/work'
import { download, fileOf } from '~/files/download'
import { usePhotos } from '~/composables/usePhotos'
import { useWorkerRun } from '~/composables/useWorkerRun'
import { useDocumentStore } from '~/stores/document'
import { dateText, dayAfter, isoDate } from '~/design/times'

/** The work: what comes after what, what it waits for, and when she is done. */
const document = useDocumentStore()
const { counts: pictures } = usePhotos(() => '')
const yard = computed(() => document.shown.yard)
const plan = computed(() => schedule(document.shown))
const run = useWorkerRun('finish')
const ask = () => yard.value.tasks.length > 0 && run.start(structuredClone(toRaw(document.shown)))
watchDebounced(() => document.shown, ask, { debounce: 200, maxWait: 800 })
ask()
const range = computed(() => run.result.value)
const day = (time: number) => dateText(dayOf(document.shown, time))
/** hours of work: never days, which would be read as days of a calendar */
const hours = (time: number) => `${Number((time / 3600).toFixed(1))} h`
const chain = computed(() => plan.value.tasks.filter(t => t.critical && !t.task.done).length)

const put = (label: string, tasks: Task[]) => document.edit(label, [edit('yard.tasks', tasks)])
const openId = ref<string | null>(null)
const change = (id: string, of: Partial<Task>, label: string) =>
  put(
    label,
    yard.value.tasks.map(t => (t.id === id ? { ...t, ...of } : t)),
  )
const begin = () => put(words.begin, usualTasks(document.shown))
function add() {
  const taken = new Set(yard.value.tasks.map(t => t.id))
  let n = yard.value.tasks.length + 1
  while (taken.has(`own${n}`)) n++
  if (put(words.add, [...yard.value.tasks, { ...usualOf(TASK.fields), id: `own${n}`, name: words.own }]))
    openId.value = `own${n}`
}
function remove(id: string) {
  put(
    words.remove,
    yard.value.tasks.filter(t => t.id !== id).map(t => ({ ...t, after: t.after.filter(a => a !== id) })),
  )
}
function move(from: number, to: number) {
  if (to < 0 || to >= yard.value.tasks.length) return
  const next = [...yard.value.tasks]
  next.splice(to, 0, ...next.splice(from, 1))
  put(next[to]!.name, next)
}
const tick = (t: Task, done: boolean) =>
  change(t.id, { done, doneOn: done ? isoDate(new Date()) : '' }, words.done(t.name))
const nameOf = (id: string) => yard.value.tasks.find(t => t.id === id)?.name ?? id
const list = ref<HTMLElement>()
useDraggedList(list, () => yard.value.tasks, move)
function keys(event: KeyboardEvent, i: number) {
  if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  event.stopPropagation()
  move(i, event.key === 'ArrowUp' ? i - 1 : i + 1)
}
const missing = computed(() => [...arrivals(document.shown)].sort((a, b) => a[1] - b[1]))
const setStart = (date: string) => document.edit(words.start, [edit('yard.start', date)])

const file = computed(() => fileOf(document.shown, 'work'))
const csv = () => download(`${file.value}.csv`, workCsv(document.shown), 'text/csv')
const print = () => window.print()
async function calendar() {
  // only who asks for a calendar loads what writes one
  const { createEvents } = await import('ics')
  const parts = (d: string) => d.split('-').map(Number) as [number, number, number]
  const { value } = createEvents(
    workEvents(document.shown).map(e => ({
      title: `${document.shown.name}: ${e.title}`,
      start: parts(e.from),
      // the day on which it ends is not in an event of whole days
      end: parts(dayAfter(e.until)),
      ...(e.text ? { description: e.text } : {}),
      productId: 'remigo',
    })),
  )
  if (value) download(`${file.value}.ics`, value, 'text/calendar')
}
</script>

<template>
  <div class="work" data-work>
    <div class="work__main">
      <div class="lead">
        <p class="headline" data-work-left>{{ hours(plan.left) }}</p>
        <p class="prose">
          <template v-if="yard.tasks.length > 0"
            ><strong>{{ words.left }}</strong>
            <strong v-if="range" data-work-finish>{{
              words.finish(day(plan.ends), words.between(day(range.low), day(range.high)))
            }}</strong>
            {{ words.said(hours(plan.done), chain) }}</template
          ><template v-else>{{ words.none }}</template>
        </p>
        <RunState :run="run" />
        <div class="tools no-print">
          <VBtn v-if="yard.tasks.length === 0" variant="flat" data-work-begin @click="begin">
            {{ words.begin }}</VBtn><VBtn data-work-add @click="add"> {{ words.add }}</VBtn
          ><VBtn data-work-calendar :disabled="yard.tasks.length === 0" @click="calendar"> {{ words.calendar }}</VBtn
          ><VBtn data-work-csv @click="csv">{{ words.csv }}</VBtn
          ><VBtn @click="print">{{ words.print }}</VBtn>
        </div>
      </div>
      <p v-if="plan.ring.length > 0" class="alarm" role="alert">{{ words.ring }}</p>
      <ol ref="list" class="tasks" :aria-label="words.tasks">
        <li
          v-for="(t, i) in plan.tasks"
          :key="t.task.id"
          :class="{ open: openId === t.task.id, done: t.task.done, critical: t.critical && !t.task.done }"
          :data-task="t.task.id"
        >
          <div class="row">
            <span class="grip no-print" :title="words.move" aria-hidden="true"
              ><svg width="16" height="16" viewBox="0 0 24 24">
                <path :d="mdiDragVertical" fill="currentColor" /></svg
            ></span>
            <VCheckboxBtn
              :model-value="t.task.done"
              :aria-label="words.done(t.task.name)"
              @update:model-value="tick(t.task, $event)"
            />
            <VBtn
              variant="plain"
              class="what"
              :aria-expanded="openId === t.task.id"
              @click="openId = openId === t.task.id ? null : t.task.id"
              @keydown="keys($event, i)"
            >
              <span>{{ t.task.name }}</span>
              <small v-if="t.faults.length > 0" class="bad">{{
                words.fault(t.faults.map(nameOf).join(', '))
              }}</small><small v-else-if="t.task.done">{{
                words.seen(t.task.inspected || templateOf(t.task.id)?.inspect || '', pictures.get(t.task.id) ?? 0)
              }}</small
              ><small v-else-if="t.waits">{{ words.waits(t.waits.parts, day(t.waits.until)) }}</small
              ><small v-else-if="t.task.licensed">{{ words.licensedBy(t.task.by) }}</small>
            </VBtn>
            <span class="hours">{{ words.hours(hours(t.task.least), hours(t.task.most)) }}</span>
            <span class="days">{{
              t.task.done ? words.doneOn(dateText(t.task.doneOn)) : words.days(day(t.starts), day(t.ends))
            }}</span>
          </div>
          <TaskDetails
            v-if="openId === t.task.id"
            :task="t.task"
            :first="i === 0"
            :last="i === plan.tasks.length - 1"
            @change="(of, label) => change(t.task.id, of, label)"
            @move="by => move(i, i + by)"
            @remove="remove(t.task.id)"
          />
        </li>
      </ol>
    </div>
    <div class="work__side">
      <DateField :label="words.start" :value="yard.start" data-field="yard.start" @change="setStart($event)" />
      <QuantityField path="yard.hoursAWeek" />
      <section class="block">
        <h2 class="section-head">{{ words.parts }}</h2>
        <ul v-if="missing.length > 0" class="parts">
          <li v-for="[group, lead] in missing" :key="group">
            <span>{{ group }}</span><b>{{ words.comes(day(lead)) }}</b>
          </li>
        </ul>
        <p v-else class="prose">{{ words.allHere }}</p>
      </section>
      <BoatArchive />
      <p class="small soft">{{ words.how }}</p>
      <p class="caution">{{ words.caution2 }}</p>
    </div>
  </div>
</template>

<style scoped>
.work {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 20px;
  padding: 16px;
}
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 20px;
  align-items: end;
  margin-bottom: 10px;
}
.headline {
  font: 600 50px/54px var(--figures);
  border-bottom: 2px dotted var(--text);
  padding-bottom: 4px;
  white-space: nowrap;
}
.lead strong {
  font-size: 16px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.lead .tools {
  grid-column: 1 / -1;
}
.tasks {
  list-style: none;
  border-top: 1px solid var(--ink);
}
.tasks li {
  border-bottom: 0.75px solid var(--rule);
}
.row {
  display: grid;
  grid-template-columns: 18px 34px minmax(0, 1fr) 92px 92px;
  gap: 8px;
  align-items: center;
  min-height: 42px;
  font-size: 14px;
}
.grip {
  cursor: grab;
  touch-action: none;
}
.what {
  text-align: left;
  line-height: 17px;
  padding: 4px 0;
  min-height: max(40px, var(--touch));
}
.what small {
  display: block;
  font-size: 12px;
  line-height: 15px;
  color: var(--soft);
}
.what .bad {
  color: var(--clash);
}
.hours,
.days {
  text-align: right;
  font: 500 13px/16px var(--figures);
}
.critical .row {
  box-shadow: inset 3px 0 0 var(--ink);
}
.done .what > * > span {
  color: var(--soft);
}
.open .row {
  background: var(--band);
}
.work__side .caution {
  margin-top: 10px;
  border: 1.25px solid var(--ink);
  padding: 6px 10px;
  font-size: 13px;
}
.start {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
}
.parts li {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  min-height: 32px;
  align-items: center;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
}
.parts b {
  font: 500 13px var(--figures);
  text-align: right;
}
.alarm {
  color: var(--clash);
  font-weight: 600;
  margin-bottom: 8px;
}
@media (max-width: 1099px) {
  .work {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 620px) {
  .lead {
    grid-template-columns: minmax(0, 1fr);
  }
  .headline {
    justify-self: start;
  }
  .row {
    grid-template-columns: 18px 34px minmax(0, 1fr) auto;
  }
  .days {
    grid-column: 3 / -1;
    text-align: left;
    padding-bottom: 4px;
  }
}
@media print {
  .work {
    display: block;
    padding: 0;
  }
  .tasks li {
    break-inside: avoid;
  }
}
</style>
