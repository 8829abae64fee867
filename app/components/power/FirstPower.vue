<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { mdiLockOutline } from '@mdi/js'
import {
  edit,
  firstPower,
  powerCsv,
  withReading,
  WRITERS,
  type PowerGroup,
  type PowerReading,
  type PowerStepState,
} from '@remigo/core'
import { powerWords as words } from '~/messages/firstPower'
import { download } from '~/composables/useBoatFiles'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { vKept } from '~/directives/kept'

/** The first power-up in the order of danger: what is read, what is accepted, what is locked. */
const document = useDocumentStore()
const { text } = useQuantities()
const power = computed(() => firstPower(document.shown))
const who = ref<PowerReading['who']>('owner')
/** the group that the hand opened; else the one in which the next step is */
const opened = ref<PowerGroup | null>(null)
watch(
  () => document.project.id,
  () => (opened.value = null),
)
const here = computed(() => opened.value ?? power.value.next?.group ?? 'firstTrip')
const openStep = ref<string | null>(null)

const write = (s: PowerStepState, change: Partial<PowerReading>) =>
  document.edit(words.read(s.step.title), [
    edit(
      'yard.readings',
      withReading(document.shown, s.step.id, { who: who.value, at: new Date().toISOString().slice(0, 16), ...change }),
    ),
  ])
const takeBack = (s: PowerStepState) =>
  document.edit(words.takeBack, [
    edit(
      'yard.readings',
      document.shown.yard.readings.filter(r => r.step !== s.step.id),
    ),
  ])
const show = (s: PowerStepState, value: number) => text(value, s.step.quantity!)
const accepted = ({ step }: PowerStepState) => {
  if (step.quantity === null) return ''
  const of = (v: number) => text(v, step.quantity!)
  return step.low === null
    ? words.atMost(of(step.high!))
    : step.high === null
      ? words.atLeast(of(step.low))
      : words.accepted(of(step.low), of(step.high))
}
const mark = (s: PowerStepState) =>
  (({ open: 'note', fits: 'fits', tight: 'caution', stop: 'stop', overridden: 'caution', locked: 'note' }) as const)[
    s.state
  ]
const clock = (at: string) => at.replace('T', ' ')
const lockedWhy = (after: PowerGroup | null) => {
  const group = power.value.groups.find(g => g.id === after)
  return group ? words.opens(words.groups[group.id], group.steps.length - group.done) : ''
}
const dots = computed(() =>
  power.value.groups.map(g => g.steps.map(s => ({ id: s.step.id, state: s.state, next: s.step === power.value.next }))),
)
const csv = () => download(`${document.shown.name.toLowerCase()}-first-power.csv`, powerCsv(document.shown), 'text/csv')
const print = () => window.print()
</script>

<template>
  <div class="power" data-first-power>
    <div class="power__main">
      <div class="lead">
        <p class="figure" data-power-done>
          {{ power.done }}<span>{{ words.of(power.total) }}</span>
        </p>
        <div>
          <p class="prose">
            <strong data-power-next>{{ power.next ? words.next(power.next.title) : words.all }}</strong>
          </p>
          <p class="dots" aria-hidden="true">
            <span v-for="(g, i) in dots" :key="i"
              ><i v-for="d in g" :key="d.id" :class="[d.state, { next: d.next }]"
            /></span>
          </p>
        </div>
      </div>
      <section
        v-for="(g, n) in power.groups"
        :key="g.id"
        class="group"
        :class="{ here: here === g.id }"
        :aria-label="words.groups[g.id]"
        :data-power-group="g.id"
      >
        <button type="button" class="head" :aria-expanded="here === g.id" @click="opened = g.id">
          <b>{{ n + 1 }}</b>
          <span>{{ words.groups[g.id] }}</span>
          <em v-if="g.locked"
            ><svg width="14" height="14" viewBox="0 0 24 24" aria-hidden="true">
              <path :d="mdiLockOutline" fill="currentColor" />
            </svg>
            {{ lockedWhy(g.after) }}</em
          ><em v-else>{{ words.done(g.done, g.steps.length) }}</em>
        </button>
        <ul class="steps" :class="{ shut: here !== g.id }">
          <li
            v-for="s in g.steps"
            :key="s.step.id"
            :class="[s.state, { chosen: openStep === s.step.id, next: s.step === power.next }]"
            :data-power-step="s.step.id"
          >
            <div class="row">
              <button
                type="button"
                class="what"
                :aria-expanded="openStep === s.step.id"
                @click="openStep = openStep === s.step.id ? null : s.step.id"
              >
                <span>{{ s.step.title }}</span>
                <small>{{ s.reading?.at ? words.by(words.who[s.reading.who], clock(s.reading.at)) : s.step.by }}</small>
              </button>
              <template v-if="s.step.cells"
                ><span class="read">{{ s.value === null ? '–' : show(s, s.value) }}</span
                ><span class="range">{{ accepted(s) }}</span></template
              ><template v-else-if="s.step.quantity"
                ><PowerInput
                  class="read"
                  :label="s.step.title"
                  :quantity="s.step.quantity"
                  :value="s.value"
                  :disabled="g.locked"
                  @change="write(s, { value: $event, done: $event !== null })"
                /><span class="range">{{ accepted(s) }}</span></template
              ><label v-else class="tick ink-check"
                ><input
                  type="checkbox"
                  :checked="s.reading?.done ?? false"
                  :disabled="g.locked"
                  @change="write(s, { done: ($event.target as HTMLInputElement).checked })"
                /><span class="visually-hidden">{{ words.tick(s.step.title) }}</span></label
              >
              <span class="state" :class="mark(s)"
                ><StateMark :state="mark(s)" :size="15" /> {{ words.states[s.state] }}</span
              >
            </div>
            <div v-if="openStep === s.step.id || s.state === 'stop'" class="more">
              <p v-if="s.step.why">{{ words.why(s.step.why) }}</p>
              <p>{{ words.look(s.step.look) }}</p>
              <p v-if="s.step.licensed">
                <b>{{ words.licensed }}</b>
              </p>
              <CellVolts v-if="s.step.cells" :kind="s.step.cells" />
              <label class="why"
                ><span
                  >{{ words.passedBecause }} <small class="soft">{{ words.passedHint }}</small></span
                ><input
                  v-kept="s.reading?.why ?? ''"
                  class="ink-input"
                  maxlength="300"
                  :data-power-why="s.step.id"
                  :disabled="g.locked"
                  @change="write(s, { why: ($event.target as HTMLInputElement).value.trim() })" /></label
              ><label class="why"
                ><span>{{ words.note }}</span
                ><input
                  v-kept="s.reading?.note ?? ''"
                  class="ink-input"
                  maxlength="300"
                  @change="write(s, { note: ($event.target as HTMLInputElement).value.trim() })"
              /></label>
              <TaskPhotos :task="`power/${s.step.id}`" />
              <button v-if="s.reading" type="button" class="btn" @click="takeBack(s)">{{ words.takeBack }}</button>
            </div>
          </li>
        </ul>
      </section>
      <p class="sign only-print">{{ words.sign }}</p>
      <div class="foot no-print">
        <span>{{ words.writtenBy }}</span>
        <span class="choice" role="group" :aria-label="words.writtenBy"
          ><button
            v-for="w in WRITERS"
            :key="w"
            type="button"
            class="btn"
            :class="{ 'btn--best': who === w }"
            :aria-pressed="who === w"
            @click="who = w"
          >
            {{ words.who[w] }}
          </button></span
        >
        <span class="small soft">{{ words.clock }}</span>
        <span class="room" />
        <button type="button" class="btn" data-power-csv @click="csv">{{ words.csv }}</button><button
          type="button"
          class="btn"
          @click="print"
        >
          {{ words.print }}
        </button>
      </div>
    </div>
    <div class="power__side">
      <CellGrid v-for="kind in ['rest', 'load'] as const" :key="kind" :kind="kind" />
      <section class="danger" data-live>
        <h2>{{ words.live[power.live] }}</h2>
        <p>{{ words.caution(text(power.shortCircuit, 'current')) }}</p>
        <p class="small">{{ words.ashore }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.power {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 248px;
  gap: 16px;
  padding: 16px;
}
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 20px;
  align-items: end;
  margin-bottom: 10px;
}
.figure {
  font: 600 58px/58px var(--figures);
  border-bottom: 2px dotted var(--text);
  padding-bottom: 6px;
}
.figure span {
  font-size: 30px;
  font-weight: 500;
  margin-left: 8px;
}
.lead strong {
  font-size: 17px;
}
.dots {
  display: flex;
  flex-wrap: wrap;
  gap: 3px 8px;
  margin-top: 6px;
}
.dots span {
  display: flex;
  gap: 2px;
}
.dots i {
  width: 8px;
  height: 12px;
  border: 1.25px solid var(--ink);
}
.dots .fits,
.dots .tight,
.dots .overridden {
  background: var(--ink);
}
.dots .stop {
  background: var(--clash);
}
.dots .next {
  height: 17px;
  margin-top: -5px;
}
.group {
  border-top: 1px solid var(--ink);
}
.head {
  display: grid;
  grid-template-columns: 28px minmax(0, auto) minmax(0, 1fr);
  gap: 6px;
  align-items: center;
  width: 100%;
  min-height: 40px;
  text-align: left;
  font-size: 14.5px;
}
.head b {
  font-family: var(--figures);
}
.head em {
  font-style: normal;
  text-align: right;
  font-size: 13px;
}
.head em svg {
  vertical-align: -2px;
}
.here > .head {
  background: var(--ink);
  color: var(--sheet);
  font-weight: 600;
  padding: 0 8px;
  margin: 0 -8px;
  width: calc(100% + 16px);
}
.here > .head em {
  font-weight: 400;
}
.steps.shut {
  display: none;
}
.steps li {
  border-top: 0.75px solid var(--rule);
}
.steps li.next {
  background: var(--band);
  margin: 0 -8px;
  padding: 0 8px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 92px 108px 84px;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.what {
  text-align: left;
  font-size: 14px;
  line-height: 18px;
  padding: 4px 0;
}
.what small {
  display: block;
  color: var(--text);
  font-size: 12px;
}
.read {
  text-align: right;
  font-family: var(--figures);
}
.range {
  font-size: 12.5px;
  line-height: 15px;
}
.tick {
  grid-column: 2 / 4;
  justify-self: start;
  min-height: max(40px, var(--touch));
}
.state {
  display: flex;
  gap: 5px;
  align-items: center;
  font-size: 13px;
}
.state.fits {
  color: var(--fits);
}
.state.caution {
  color: var(--tight);
}
.state.stop {
  color: var(--clash);
  font-weight: 600;
}
.more {
  padding: 2px 0 12px 12px;
  font-size: 13.5px;
}
.more p {
  margin-bottom: 4px;
  max-width: 64ch;
}
.why {
  display: grid;
  gap: 2px;
  margin: 6px 0;
  font-size: 12.5px;
  max-width: 480px;
}
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: center;
  border-top: 1px solid var(--ink);
  padding-top: 10px;
}
.choice {
  display: flex;
}
.foot .room {
  flex: 1;
}

.danger {
  border: 1.25px solid var(--ink);
  background: var(--sheet);
  padding: 10px 12px;
  font-size: 13.5px;
  line-height: 18px;
}
.danger h2 {
  font: 600 15px/19px var(--labels);
  margin-bottom: 4px;
}
.only-print {
  display: none;
}
@media (max-width: 1099px) {
  .power {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 620px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .what {
    grid-column: 1 / -1;
  }
  .range {
    justify-self: start;
  }
  .read {
    justify-self: start;
    width: 124px;
  }
  .tick {
    grid-column: 1;
  }
  .head {
    grid-template-columns: 28px minmax(0, 1fr);
  }
  .head em {
    grid-column: 2;
    text-align: left;
    padding-bottom: 6px;
  }
}
@media print {
  .power {
    display: block;
    padding: 0;
  }
  .steps.shut {
    display: block;
  }
  .group {
    break-inside: avoid-page;
  }
  .only-print {
    display: block;
    white-space: pre;
    margin-top: 48px;
    border-top: 1px solid var(--ink);
    padding-top: 4px;
  }
}
</style>
