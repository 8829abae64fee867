<script setup lang="ts">
import { DAY_LOAD, DAY_STREAM, DAY_WIND, edit, usualOf, type HouseUse, type Stream, type WindHour } from '@remigo/core'
import { dayWords as words } from '~/messages/day'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** What the day meets: streams, the wind by hour, and what runs in the house. */
const document = useDocumentStore()
const { text } = useQuantities()
/** Usual loads of a cruising boat, W, and the share of the time that they run (common practice). */
const USUAL: HouseUse[] = [
  { name: words.loadNames[0], power: 45, when: 'always', share: 1 },
  { name: words.loadNames[1], power: 25, when: 'under way', share: 1 },
  { name: words.loadNames[2], power: 40, when: 'under way', share: 1 },
  { name: words.loadNames[3], power: 25, when: 'by night', share: 0.5 },
  { name: words.loadNames[4], power: 5, when: 'by night', share: 1 },
]
const setStreams = (streams: Stream[]) => document.edit(words.streams, [edit('day.streams', streams)])
const setWind = (wind: WindHour[]) => document.edit(words.wind, [edit('day.wind', wind)])
const setLoads = (loads: HouseUse[]) => document.edit(words.loads, [edit('day.loads', loads)])
const changed = <T,>(all: readonly T[], at: number, change: Record<string, unknown>): T[] =>
  all.map((one, i) => (i === at ? { ...one, ...change } : one))
const without = <T,>(all: readonly T[], at: number): T[] => all.filter((_, i) => i !== at)

function addStream() {
  const { streams, legs } = document.shown.day
  const next = [
    ...streams,
    { ...usualOf(DAY_STREAM.fields), name: streams.length === 0 ? 'Everywhere' : `Place ${streams.length + 1}` },
  ]
  // the first stream is that of every leg, until a leg says otherwise
  document.edit(words.addStream, [
    edit('day.streams', next),
    ...(streams.length === 0
      ? [
          edit(
            'day.legs',
            legs.map(l => (l.does === 'goes' ? { ...l, stream: 1 } : l)),
          ),
        ]
      : []),
  ])
}
function removeStream(at: number) {
  const { streams, legs } = document.shown.day
  document.edit(words.taken, [
    edit('day.streams', without(streams, at)),
    edit(
      'day.legs',
      legs.map(l => ({ ...l, stream: l.stream === at + 1 ? 0 : l.stream > at + 1 ? l.stream - 1 : l.stream })),
    ),
  ])
}
function addWind() {
  const { wind, departs } = document.shown.day
  const last = wind.at(-1)
  setWind([
    ...wind,
    last
      ? { ...last, at: Math.min(86_340, last.at + 3 * 3600) }
      : { ...usualOf(DAY_WIND.fields), at: Math.round(departs / 3600) * 3600 },
  ])
}
const streamKeys = (s: Stream) =>
  s.kind === 'tide'
    ? ['name', 'kind', 'set', 'rate', 'neaps', 'springs', 'highWater', 'turns', 'rule']
    : ['name', 'kind', 'set', 'rate']
</script>

<template>
  <section data-day-water>
    <h2 class="section-head">{{ words.streams }}</h2>
    <fieldset v-for="(s, i) in document.shown.day.streams" :key="`s${i}`" class="entry">
      <legend class="visually-hidden">{{ s.name }}</legend>
      <RowFields
        :fields="DAY_STREAM.fields"
        :value="s"
        :keys="streamKeys(s)"
        :clocks="['highWater']"
        :options="words.options"
        @change="setStreams(changed(document.shown.day.streams, i, $event))"
      />
      <VBtn class="no-print" @click="removeStream(i)">{{ words.taken }}</VBtn>
    </fieldset>
    <VBtn class="no-print" data-add-stream @click="addStream">{{ words.addStream }}</VBtn>
    <h2 class="section-head block">{{ words.wind }}</h2>
    <fieldset v-for="(w, i) in document.shown.day.wind" :key="`w${i}`" class="entry">
      <legend class="visually-hidden">{{ words.wind }} {{ i + 1 }}</legend>
      <RowFields
        :fields="DAY_WIND.fields"
        :value="w"
        :keys="['at', 'from', 'speed']"
        :clocks="['at']"
        @change="setWind(changed(document.shown.day.wind, i, $event))"
      />
      <VBtn class="no-print" @click="setWind(without(document.shown.day.wind, i))">
        {{ words.taken }}
      </VBtn>
    </fieldset>
    <VBtn class="no-print" data-add-wind @click="addWind">{{ words.addWind }}</VBtn>
    <h2 class="section-head block">{{ words.loads }}</h2>
    <p v-if="document.shown.day.loads.length === 0" class="small">
      {{ words.noLoads(text(document.shown.use.houseLoad, 'smallPower')) }}
    </p>
    <fieldset v-for="(l, i) in document.shown.day.loads" :key="`l${i}`" class="entry">
      <legend class="visually-hidden">{{ l.name }}</legend>
      <RowFields
        :fields="DAY_LOAD.fields"
        :value="l"
        :keys="['name', 'power', 'when', 'share']"
        @change="setLoads(changed(document.shown.day.loads, i, $event))"
      />
      <VBtn class="no-print" @click="setLoads(without(document.shown.day.loads, i))">
        {{ words.taken }}
      </VBtn>
    </fieldset>
    <div class="tools no-print">
      <VBtn data-add-load @click="setLoads([...document.shown.day.loads, usualOf(DAY_LOAD.fields)])">
        {{ words.addLoad }}</VBtn><VBtn
        v-if="document.shown.day.loads.length === 0"
        data-usual-loads
        @click="setLoads(USUAL)"
      >
        {{ words.usualLoads }}
      </VBtn>
    </div>
  </section>
</template>

<style scoped>
.entry {
  border: 0;
  border-top: 0.75px solid var(--rule);
  padding: 8px 0;
  display: flex;
  gap: 10px;
  align-items: end;
  justify-content: space-between;
}
.tools {
  display: flex;
  gap: 6px;
}
@media (max-width: 699px) {
  .entry {
    flex-direction: column;
    align-items: stretch;
  }
}
</style>
