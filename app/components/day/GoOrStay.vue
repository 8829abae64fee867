<script setup lang="ts">
import { computed } from 'vue'
import {
  clockText,
  daysOfTwenty,
  dayVerdict,
  keepsAshore,
  type DayCure,
  type DayReport,
  type DayWorked,
  type Project,
  type Weighed,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { dayWords as words } from '~/messages/day'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** Whether to go: one word with its reason, what speaks against it and for it, what is open, and what was tried. */
const props = defineProps<{ project: Project; report: DayReport; worked: DayWorked }>()
const document = useDocumentStore()
const answer = useAnswerStore()
const library = useLibraryStore()
const view = useViewStore()
const { fill, text } = useQuantities()
const said = computed(() => dayVerdict(props.project, props.report, library.library))
/** more than these help nobody */
const MOST_CURES = 3
const MARKS = { go: 'fits', notThis: 'stop', stay: 'stop', notYet: 'note' } as const
/** a word where a number would say more than is known */
const percent = (chance: number) =>
  chance > 0.99 ? words.sure : chance < 0.01 ? words.never : text(Math.round(100 * chance) / 100, 'ratio')
const chance = computed(() => percent(props.report.chance))
const openChance = (event: MouseEvent) => {
  view.working = { worked: props.worked.chance, anchor: event.currentTarget as HTMLElement }
}
const rowsOf = (...states: Weighed['state'][]) =>
  said.value.weighed
    .filter(w => states.includes(w.state))
    .sort((a, b) => Number(b.state === 'stop') - Number(a.state === 'stop'))
const groups = computed(() =>
  [
    { id: 'against' as const, rows: rowsOf('stop', 'caution') },
    { id: 'open' as const, rows: rowsOf('note') },
  ].filter(g => g.rows.length > 0),
)
const inFavour = computed(() => rowsOf('fits'))
/** a clash of the drive has its own cures; no plan of the day mends it */
const clash = computed(() => answer.findings.findings.find(keepsAshore))
const mends = computed(() => clash.value?.fixes.slice(0, 1) ?? [])
const cures = computed(() => props.report.cures.slice(0, MOST_CURES - mends.value.length))
const wordOf = (cure: DayCure) => words.verdict[clash.value ? 'stay' : cure.verdict]
/** days of twenty, drawn as hulls at the berth: above the reserve, into it */
const hulls = computed(() => {
  const above = daysOfTwenty(props.report.chance)
  return Array.from({ length: 20 }, (_, i) => i < above)
})
const tryIt = (cure: DayCure) => document.startTrial(`day-${cure.id}`, fill(cure.label), cure.edits)
</script>

<template>
  <section class="card" :aria-label="words.verdict[said.verdict]" data-go-or-stay :data-verdict="said.verdict">
    <div class="word">
      <h2 :class="said.verdict">
        <StateMark :state="MARKS[said.verdict]" :size="30" />{{ words.verdict[said.verdict] }}
      </h2>
      <p class="why" data-verdict-why>{{ fill(said.why) }}.</p>
      <p class="hulls" aria-hidden="true">
        <svg v-for="(above, i) in hulls" :key="i" width="21" height="11" viewBox="0 0 21 11" :class="{ above }">
          <path d="M1 2.5H20L17 9.5H4.5Z" />
        </svg>
      </p>
      <p class="small">
        {{ words.chanceLead }} <VBtn variant="text" data-chance @click="openChance">{{ chance }}</VBtn>.
        {{ words.hulls }}
      </p>
      <p v-if="report.turn && worked.turn && !report.turn.anywhere" class="small" data-last-turn>
        {{ words.turn(clockText(report.turn.time)) }} {{ words.turnWith }}
        <WorkedValue :worked="worked.turn" size="inline" /> {{ words.turnOrMore }}
      </p>
      <template v-if="inFavour.length > 0">
        <h3>{{ words.groups.inFavour }}</h3>
        <ul class="for">
          <li v-for="w in inFavour" :key="w.id" :data-weighed="w.id">
            <StateMark :state="w.state" :size="15" />
            <span
              ><b>{{ words.weighed[w.id] }}:</b> {{ fill(w.text) }}</span
            >
          </li>
        </ul>
      </template>
    </div>
    <div class="weighed">
      <template v-for="g in groups" :key="g.id">
        <h3>{{ words.groups[g.id] }}</h3>
        <ul>
          <li v-for="w in g.rows" :key="w.id" :data-weighed="w.id">
            <StateMark :state="w.state" :size="15" />
            <b>{{ words.weighed[w.id] }}</b>
            <span
              ><span class="visually-hidden">{{ boardWords.states[w.state] }}: </span>{{ fill(w.text) }}
              <DayOpen v-if="w.state === 'note'" :id="w.id"
            /></span>
          </li>
        </ul>
      </template>
    </div>
    <div v-if="cures.length + mends.length > 0" class="cures" data-day-cures>
      <h3>{{ words.cures }}</h3>
      <VBtn
        v-for="(m, i) in mends"
        :key="`m${i}`"
        class="cure"
        :variant="i === 0 ? 'flat' : 'outlined'"
        data-cure="clash"
        @click="document.startTrial(`day-mend-${i}`, fill(m.label), m.edits)"
      >
        <b>{{ fill(m.label) }}</b>
        <small>{{ words.mends(clash!.title) }}</small>
      </VBtn>
      <VBtn
        v-for="(c, i) in cures"
        :key="c.id"
        class="cure"
        :variant="i === 0 && mends.length === 0 ? 'flat' : 'outlined'"
        :data-cure="c.id"
        @click="tryIt(c)"
      >
        <b>{{ fill(c.label) }}</b>
        <span>{{ words.cureGives(chance, percent(c.chance), wordOf(c)) }}</span>
        <small>{{ words.cureHome(clockText(c.arrives), text(c.left, 'ratio')) }}</small>
      </VBtn>
      <p class="small">{{ words.curesHint }}</p>
    </div>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(290px, 1fr));
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  grid-column: 1 / -1;
}
.card > div {
  padding: 12px 14px;
  min-width: 0;
}
.card > div + div {
  border-left: 0.75px solid var(--rule);
}
h2 {
  display: flex;
  gap: 12px;
  align-items: center;
  font: 600 46px/48px var(--figures);
}
.why {
  font: 600 16px/20px var(--labels);
  margin: 6px 0 8px;
}
.why::first-letter {
  text-transform: uppercase;
}
.hulls {
  display: grid;
  grid-template-columns: repeat(10, 21px);
  gap: 3px 4px;
  margin: 8px 0;
}
.hulls path {
  fill: none;
  stroke: var(--tight);
  stroke-width: 1.25;
}
.hulls .above path {
  fill: var(--ink);
  stroke: var(--ink);
}
h3 {
  font: 600 13.5px/18px var(--labels);
  margin-top: 8px;
}
h3:first-child {
  margin-top: 0;
}
li {
  display: grid;
  grid-template-columns: 18px 76px minmax(0, 1fr);
  gap: 6px;
  align-items: start;
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 13.5px;
  line-height: 17px;
}
li b {
  line-height: 17px;
}
.for li {
  grid-template-columns: 18px minmax(0, 1fr);
  padding: 3px 0;
  border-bottom: 0;
}
.small {
  margin: 4px 0;
}
.cure {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  width: 100%;
  height: auto;
  padding: 8px 10px;
  margin-top: 8px;
  text-align: left;
  line-height: 18px;
  white-space: normal;
}
.cure span {
  font-family: var(--figures);
  font-weight: 600;
  text-align: right;
}
.cure small {
  grid-column: 1 / -1;
  font-size: 12.5px;
}
@media (max-width: 1000px) {
  .card {
    grid-template-columns: minmax(0, 1fr);
  }
  .card > div + div {
    border-left: 0;
    border-top: 0.75px solid var(--rule);
  }
}
@media print {
  .cures .cure {
    display: none;
  }
}
</style>
