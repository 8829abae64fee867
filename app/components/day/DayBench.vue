<script setup lang="ts">
import { computed, ref } from 'vue'
import { useTimeoutFn } from '@vueuse/core'
import { clockText, dayCsv, dayWorked, edit, legsAlong, routeGpx, SKIES, type Day } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { download, fileOf } from '~/files/download'
import { useDayLegs } from '~/composables/useDayLegs'
import { useDayReport } from '~/composables/useDayReport'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { readFile } from '~/files/readFile'
import { useFilePick } from '~/composables/useFilePick'

/** A day on the water: its legs, what is left at the berth, when to turn home, whether to go. */
const document = useDocumentStore()
const { text } = useQuantities()
const { run, report, leg: chosen, home } = useDayReport()
const { running } = run
const day = computed(() => document.shown.day)
const legs = computed(() => day.value.legs)
const { add, back, change, choose, duplicate, move, remove } = useDayLegs(chosen)

let clockVisit = Symbol('departs')
const endVisit = useTimeoutFn(() => (clockVisit = Symbol('departs')), 1500)
function depart(time: number) {
  document.edit(words.departs, [edit('day.departs', Math.min(86_340, Math.max(0, time)))], clockVisit)
  endVisit.start()
}
const setDate = (date: string) => document.edit(words.date, [edit('day.date', date)])
const setSky = (sky: string) => document.edit(words.sky.label, [edit('day.sky', sky as Day['sky'])])
const skies = Object.fromEntries(SKIES.map(s => [s, words.sky.options[s]])) as Record<Day['sky'], string>

const fileNews = ref('')
async function read(file: File) {
  const found = await readFile(files => files.gpx(file))
  if (!found.ok) {
    fileNews.value = `${words.readFailed} ${found.message}`
    return
  }
  const next = legsAlong(found.points, document.shown.use.cruiseSpeed).map(l => ({
    ...l,
    stream: day.value.streams.length > 0 ? 1 : 0,
  }))
  const { latitude, longitude, name } = found.points[0]!
  document.edit(words.read, [
    edit('day.legs', next),
    edit('use.place.latitude', latitude),
    edit('use.place.longitude', longitude),
    ...(name ? [edit('day.berth', name)] : []),
  ])
  fileNews.value = words.readDone(found.kind, next.length)
  choose(0)
}
const pick = useFilePick('.gpx,application/gpx+xml,text/xml', files => read(files[0]!))
const file = computed(() => fileOf(document.shown, `day-${day.value.date}`))
const csv = () => report.value && download(`${file.value}.csv`, dayCsv(report.value.points), 'text/csv')
const gpx = () => download(`${file.value}.gpx`, routeGpx(document.shown), 'application/gpx+xml')
const print = () => window.print()

const under = computed(
  () =>
    report.value?.legs.reduce((sum, l, i) => sum + (legs.value[i]?.does === 'goes' ? l.arrives - l.departs : 0), 0) ??
    0,
)
const worked = computed(() => (report.value ? dayWorked(document.shown, report.value) : null))
</script>

<template>
  <div class="day" data-day>
    <GoOrStay v-if="report && worked" :project="document.shown" :report="report" :worked="worked" />
    <div class="day__main">
      <div class="lead">
        <p class="figure" :class="{ soft: running && !report }" data-day-left>
          <WorkedValue v-if="worked" :worked="worked.left" size="bench" /><template v-else>–<span>%</span></template>
        </p>
        <p v-if="report" class="prose">
          <strong v-if="report.outcome === 'home'">{{
            words.left(
              words.range(`${Math.round(100 * report.leftLow)}`, `${Math.round(100 * report.leftHigh)} %`),
              clockText(report.points.at(-1)!.time),
            )
          }}</strong><strong v-else>{{ words.stopped }}</strong>
          {{
            words.sum(
              text(report.distance, 'distance'),
              text(under, 'duration'),
              text(report.energy.drive + report.energy.house, 'energy'),
              report.energy.sun > 0 ? text(report.energy.sun, 'energy') : '',
            )
          }}
        </p>
        <p v-else-if="legs.length === 0" class="prose">{{ words.noLegs }}</p>
        <RunState :run="run" :says="report ? undefined : words.working" />
        <div class="tools no-print">
          <VBtn data-add-leg @click="add()">{{ words.add }}</VBtn><VBtn
            data-add-wait
            @click="add({ does: 'waits', duration: 3600, speed: 0, stream: 0 })"
          >
            {{ words.wait }}</VBtn
          ><VBtn v-if="legs.length > 0" data-and-home @click="back">{{ words.back }}</VBtn
          ><VBtn data-read-gpx @click="pick()">{{ words.read }}</VBtn>
        </div>
      </div>
      <p v-if="fileNews" class="small news" role="status">{{ fileNews }}</p>
      <DayChart
        v-if="report"
        :report="report"
        :legs="legs"
        :chosen="chosen"
        :departs="day.departs"
        @choose="choose"
        @depart="depart"
      />
      <ul v-if="report && report.bites.length" class="bites" data-bites>
        <li v-for="(b, i) in report.bites" :key="i">
          <StateMark :state="b.why === 'empty' || b.why === 'stream' ? 'stop' : 'caution'" :size="14" />
          {{
            words.biteLine(
              b.leg + 1,
              clockText(b.from),
              text(Math.max(60, b.until - b.from), 'shortTime'),
              words.bite[b.why],
              text(b.slowest, 'speed'),
            )
          }}
        </li>
      </ul>
      <DayLegs
        v-if="legs.length > 0"
        :day="day"
        :report="report"
        :chosen="chosen"
        @choose="choose"
        @change="change"
        @remove="remove"
        @duplicate="duplicate"
        @move="move"
      />
      <DayWater />
      <DayEnergy v-if="report && worked" :report="report" :worked="worked" />
    </div>
    <div class="day__side">
      <div class="departs">
        <span>{{ words.departs }}</span>
        <span class="clock"
          ><VBtn class="no-print" :aria-label="words.earlier" @click="depart(day.departs - 900)"> −</VBtn
          ><ClockField
            bare
            :label="words.departs"
            :value="day.departs"
            data-field="day.departs"
            @change="depart($event)"
          /><VBtn class="no-print" :aria-label="words.later" @click="depart(day.departs + 900)"> + </VBtn></span
        >
        <span>{{ words.date }}</span>
        <DateField bare :label="words.date" :value="day.date" data-field="day.date" @change="setDate($event)" />
      </div>
      <DayPlan
        v-if="legs.length > 0"
        :report="report"
        :day="day"
        :chosen="chosen"
        :home="home"
        @choose="choose"
        @draw="add({ ...$event })"
        @home="home = $event"
      />
      <div class="fields">
        <QuantityField path="day.charge" /><template v-if="document.shown.design.charging.supply === 'generator'"
          ><QuantityField path="day.generatorStart" /><QuantityField path="day.generatorStop" /></template
        ><QuantityField path="day.zone" :estimate="words.noStream" />
        <QuantityField path="day.fetch" :estimate="words.notGiven" />
        <ChoiceField
          :label="words.visibility"
          :options="words.visibilities"
          :columns="2"
          :model-value="day.visibility"
          @update:model-value="document.edit(words.visibility, [edit('day.visibility', $event)])"
        />
        <ChoiceField :label="words.sky.label" :options="skies" :model-value="day.sky" @update:model-value="setSky" />
        <QuantityField path="use.place.latitude" /><QuantityField path="use.place.longitude" />
      </div>
      <div class="tools no-print">
        <VBtn data-day-gpx @click="gpx">{{ words.gpx }}</VBtn><VBtn data-day-csv :disabled="!report" @click="csv">
          {{ words.csv }}</VBtn
        ><VBtn @click="print">{{ words.print }}</VBtn>
      </div>
    </div>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 16px;
  padding: 16px;
}
.day__main {
  min-width: 0;
}
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 24px;
  align-items: end;
  margin-bottom: 12px;
}
.figure {
  font: 600 58px/58px var(--figures);
  border-bottom: 2px dotted var(--text);
  padding-bottom: 6px;
  min-width: 116px;
}
.figure span {
  font-size: 30px;
  margin-left: 6px;
  font-weight: 500;
}
.lead .prose strong {
  display: block;
  font-size: 17px;
}
.lead .tools {
  grid-column: 1 / -1;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 8px;
}
.news {
  margin-bottom: 8px;
}
.bites {
  margin: 8px 0;
}
.bites li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  font-size: 13.5px;
}
.departs {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px;
  align-items: center;
  margin-bottom: 12px;
}
.clock {
  display: flex;
  gap: 4px;
}
.departs .picked-field {
  width: 132px;
}
.fields {
  margin-top: 14px;
}
@media (max-width: 1099px) {
  .day {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (min-width: 1700px) {
  .day {
    grid-template-columns: minmax(0, 1fr) 420px;
  }
}
@media print {
  .day {
    display: block;
    padding: 0;
  }
}
</style>
