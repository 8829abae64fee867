<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { clockText, edit, HERE, wayBack, type DayRun } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { underWords as words } from '~/messages/under'
import { pathOf } from '~/benches'
import { useHere } from '~/composables/useHere'
import { useQuantities } from '~/composables/useQuantities'
import { useRestingSpeed } from '~/composables/useRestingSpeed'
import { useWorkerRun } from '~/composables/useWorkerRun'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import ChargeGauge from './ChargeGauge.vue'

/** The day from where she is, in figures that the helm reads at arm's length. */
const document = useDocumentStore()
const { text, format } = useQuantities()
const { here, restart } = useHere()
const day = computed(() => document.shown.day)
const leg = computed(() => day.value.legs[here.value.leg])
const speed = useRestingSpeed()
const run = useWorkerRun('helm')
const ask = () => {
  if (!leg.value) return
  run.start({ project: structuredClone(toRaw(document.shown)), here: { ...toRaw(here.value) }, speed: speed.value })
}
watchDebounced([() => document.shown, here, speed], ask, { debounce: 120, maxWait: 500 })
ask()
const said = computed(() => (leg.value ? run.result.value : null))

/** what an instrument says leads; the plan stands beside it */
const instruments = useInstrumentStore()
const measured = computed(() => instruments.latest?.values.ground ?? null)
const percent = (share: number) => text(share, 'ratio')
const ground = computed(() => format(said.value?.ground ?? 0, 'speed'))
const miles = computed(() =>
  said.value && Number.isFinite(said.value.left) ? format(said.value.left, 'distance') : null,
)
const signed = (v: number) => `${v >= 0 ? '+' : '−'}${text(Math.abs(v), 'speed')}`
const stateOf = (left: number, bad: number, outcome: DayRun['outcome']) => {
  const reserve = said.value!.levels.reserve
  return outcome !== 'home' || left < reserve ? 'stop' : bad < reserve ? 'caution' : 'fits'
}
const compass = (course: number) => `${String(Math.round((course * 180) / Math.PI) % 360).padStart(3, '0')}°`

// the way of the day as a line of legs
const lengths = computed(() =>
  day.value.legs.map(l =>
    l.does === 'goes' ? Math.max(1, l.measure === 'distance' ? l.distance : l.duration * l.speed) : 0,
  ),
)
const whole = computed(() =>
  Math.max(
    1,
    lengths.value.reduce((a, b) => a + b, 0),
  ),
)
const WIDE = 360,
  EDGE = 14
const x = (m: number) => EDGE + (Math.min(m, whole.value) / whole.value) * (WIDE - 2 * EDGE)
const ends = computed(() => {
  let sum = 0
  return [0, ...lengths.value.map(l => (sum += l))]
})
const at = computed(() => (ends.value[here.value.leg] ?? 0) + (leg.value?.does === 'goes' ? here.value.along : 0))
const turnAt = computed(() =>
  said.value?.turn && !said.value.turn.anywhere ? at.value + said.value.turn.distance : null,
)

const setHere = (change: Record<string, unknown>) => (here.value = { ...here.value, ...change })
function now() {
  const clock = new Date()
  setHere({ time: clock.getHours() * 3600 + clock.getMinutes() * 60 })
}
const lastLeg = computed(() => here.value.leg >= day.value.legs.length - 1)
function done() {
  const arrived = said.value
  here.value = {
    ...here.value,
    leg: here.value.leg + 1,
    along: 0,
    time:
      arrived && arrived.ground > 0
        ? Math.min(86_399, here.value.time + arrived.legLeft / arrived.ground)
        : here.value.time,
  }
}
/** what is left of the day becomes the way home */
function turnHome() {
  const legs = day.value.legs,
    ran = { legs: lengths.value.map((distance, i) => ({ distance, water: legs[i]!.speed })) } as unknown as DayRun
  const back = wayBack(legs, ran, here.value)
  const kept = legs.slice(0, here.value.leg)
  const cut =
    leg.value!.does === 'goes' ? [{ ...leg.value!, measure: 'distance' as const, distance: here.value.along }] : []
  const next = [...kept, ...cut, ...back.map((l, i) => ({ ...l, to: i === back.length - 1 ? day.value.berth : '' }))]
  if (!document.edit(words.turned, [edit('day.legs', next)])) return
  here.value = { ...here.value, leg: kept.length + cut.length, along: 0 }
}
/** the legs of the day, as one names them afloat */
const legNames = computed(() =>
  day.value.legs.map((l, value) => ({
    value,
    title: [value + 1, l.to, l.does === 'waits' && words.waits].filter(Boolean).join(', '),
  })),
)
</script>

<template>
  <div class="under" data-under>
    <div v-if="!leg" class="empty">
      <p class="prose">{{ words.noLegs }}</p>
      <VBtn :to="{ path: pathOf('day'), query: $route.query }">{{ words.toDay }}</VBtn>
    </div>
    <template v-else>
      <div class="helm">
        <div class="speed">
          <p class="big" :class="{ planned: measured === null }" data-under-ground>
            <template v-if="measured !== null"
              ><b class="read">{{ format(measured, 'speed').text }}</b
              ><span>{{ format(measured, 'speed').unit }}</span></template
            ><template v-else
              >{{ ground.text }}<span>{{ ground.unit }}</span></template
            >
          </p>
          <p class="beside">
            {{ words.overGround }}
            <span v-if="measured === null" class="plan-tag">{{ words.planned }}</span><span v-else class="plan-tag">{{
              words.plannedIs(`${ground.text} ${ground.unit}`)
            }}</span
            ><br /><b>{{ words.water(text(said?.water ?? 0, 'speed')) }}</b
            ><br />
            <b>{{ words.stream(signed(said?.stream ?? 0)) }}</b>
          </p>
        </div>
        <svg class="way" :viewBox="`0 0 ${WIDE} 62`" role="img" :aria-label="words.way">
          <text :x="EDGE" y="14">{{ day.berth }}</text>
          <text :x="WIDE - EDGE" y="14" text-anchor="end">{{ day.legs.at(-1)?.to || day.berth }}</text>
          <path :d="`M${x(0)} 44H${x(whole)}`" class="line" />
          <path :d="`M${x(0)} 44H${x(at)}`" class="ran" />
          <circle v-for="(e, i) in ends" :key="i" :cx="x(e)" cy="44" r="4.5" class="stop" />
          <g v-if="turnAt !== null">
            <path :d="`M${x(turnAt)} 24V58`" class="turn" />
            <text
              :x="x(turnAt)"
              y="30"
              :text-anchor="x(turnAt) > WIDE / 2 ? 'end' : 'start'"
              :dx="x(turnAt) > WIDE / 2 ? -5 : 5"
            >
              {{ words.lastTurn }}
            </text>
          </g>
          <path :d="`M${x(at) - 8} 44l8 -8l8 8l-8 8z`" class="her" />
        </svg>
        <div v-if="said" class="cells">
          <div>
            <p>{{ words.milesLeft }}</p>
            <p class="mid" data-under-miles>
              <template v-if="miles"
                >{{ miles.text }}<span>{{ miles.unit }}</span></template
              ><template v-else>∞</template>
            </p>
            <p v-if="Number.isFinite(said.empty)" data-under-empty>
              {{ words.toEmpty(text(said.empty, 'distance')) }}
            </p>
            <p v-if="Number.isFinite(said.leftBad)">
              {{ words.badly(text(said.leftBad, 'distance')) }}, {{ words.berthIs(text(said.berth, 'distance')) }}
            </p>
          </div>
          <div>
            <p>{{ words.charge }}</p>
            <p class="mid">{{ Math.round(100 * here.charge) }}<span>%</span></p>
            <ChargeGauge :charge="here.charge" :levels="said.levels" />
            <p v-if="said.planCharge !== null && said.planTime !== null" class="small">
              {{ words.plan(percent(said.planCharge), clockText(said.planTime)) }}
            </p>
          </div>
        </div>
        <RunState v-if="!said" :run="run" :says="words.working" />
        <ul v-if="said" class="rows">
          <li data-under-turn>
            <StateMark :state="said.turn ? 'fits' : 'stop'" :size="22" />
            <span
              ><b>{{ words.turn }}</b
              ><em>{{
                !said.turn
                  ? words.turnGone
                  : said.turn.anywhere
                    ? words.turnAnywhere
                    : words.turnIn(
                        text(said.turn.distance, 'distance'),
                        text(said.water, 'speed'),
                        percent(said.turn.charge),
                      )
              }}</em></span
            >
            <strong v-if="said.turn && !said.turn.anywhere">{{ clockText(said.turn.time) }}</strong>
          </li>
          <li>
            <svg width="26" height="26" viewBox="-13 -13 26 26" aria-hidden="true">
              <circle r="11.5" class="rose" />
              <path
                v-if="(said.next ?? leg).does === 'goes'"
                d="M0 -9L4 5L0 2L-4 5Z"
                class="her"
                :transform="`rotate(${((said.next ?? leg).course * 180) / Math.PI})`"
              />
            </svg>
            <span v-if="said.next"
              ><b>{{ words.next(said.next.does === 'goes' ? compass(said.next.course) : '') }}</b
              ><em>{{
                said.next.does === 'goes'
                  ? words.nextWay(text(said.next.distance, 'distance'), said.next.to)
                  : words.nextWait(text(said.next.duration, 'duration'), said.next.to)
              }}</em></span
            ><span v-else
              ><b>{{ words.lastLeg }}</b></span
            >
            <span v-if="leg.does === 'goes'" class="right"
              >{{ words.legIn(leg.to) }} <b>{{ text(said.legLeft, 'distance') }}</b></span
            >
          </li>
          <li data-under-plan>
            <StateMark :state="stateOf(said.planned.left, said.planned.leftBad, said.planned.outcome)" :size="22" />
            <span
              ><b>{{ said.planned.outcome === 'home' ? words.home(clockText(said.planned.arrives)) : words.notHome }}</b
              ><em
                >{{ boardWords.states[stateOf(said.planned.left, said.planned.leftBad, said.planned.outcome)] }},
                {{ words.bad(percent(said.planned.leftBad)) }}</em
              ></span
            >
            <strong>{{ percent(said.planned.left) }}</strong>
          </li>
        </ul>
        <div v-if="said" class="acts">
          <VBtn variant="flat" data-turn-home :disabled="said.berth <= 0" @click="turnHome">
            <span>{{ words.turnNow }}</span><span>{{
              said.homeNow.outcome === 'home'
                ? words.arrives(clockText(said.homeNow.arrives), percent(said.homeNow.left))
                : words.notHome
            }}</span></VBtn
          ><VBtn data-leg-done :disabled="lastLeg" @click="done">{{ words.done }}</VBtn>
        </div>
      </div>
      <div class="where">
        <h2 class="section-head">
          {{ words.where }}<span class="small soft"> {{ words.whereHint }}</span>
        </h2>
        <PickField
          class="pick"
          :label="words.leg"
          :model-value="here.leg"
          :items="legNames"
          data-under-leg
          @update:model-value="setHere({ leg: $event, along: 0 })"
        />
        <RowFields
          :fields="HERE.fields"
          :value="{ ...here }"
          :keys="leg.does === 'goes' ? ['along', 'time', 'charge'] : ['time', 'charge']"
          :clocks="['time']"
          @change="setHere"
        />
        <div class="tools">
          <VBtn @click="now">{{ words.now }}</VBtn><VBtn data-under-restart @click="restart">
            {{ words.restart }}
          </VBtn>
        </div>
        <p class="small soft">{{ words.how }}</p>
      </div>
    </template>
  </div>
</template>

<style scoped>
.under {
  display: grid;
  grid-template-columns: minmax(0, 520px) minmax(0, 1fr);
  gap: 24px;
  padding: 12px 16px 24px;
}
.empty .v-btn {
  margin-top: 10px;
}
.speed {
  display: flex;
  align-items: end;
  gap: 14px;
}
.big {
  font: 600 104px/100px var(--figures);
}
.big span,
.mid span {
  font-size: 0.4em;
  font-weight: 500;
  margin-left: 6px;
}
.beside {
  font-size: 16px;
  line-height: 22px;
  padding-bottom: 8px;
}
.way {
  display: block;
  width: 100%;
  background: var(--water);
  border-block: 1px solid var(--ink);
  margin-top: 6px;
}
.way text {
  font: 400 13px var(--labels);
  fill: var(--text);
}
.line {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.ran {
  stroke: var(--ink);
  stroke-width: 6;
}
.stop {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.turn {
  stroke: var(--text);
  stroke-width: 3;
  stroke-dasharray: 5 3;
}
.her {
  fill: var(--text);
}
.rose {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.cells {
  display: grid;
  grid-template-columns: 1fr 1fr;
  border-bottom: 1px solid var(--ink);
}
.cells > div {
  padding: 10px 12px 10px 0;
  font-size: 14px;
  line-height: 18px;
}
.cells > div + div {
  border-left: 1px solid var(--ink);
  padding-left: 12px;
}
.mid {
  font: 600 54px/58px var(--figures);
}
.planned {
  outline: 1.25px dashed var(--soft);
  outline-offset: 2px;
}
.plan-tag {
  border: 1.25px dashed var(--soft);
  padding: 0 6px;
  font-size: 13px;
}
.read {
  background: var(--ink);
  color: var(--sheet);
  padding: 0 0.1em;
}
.rows li {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 60px;
  border-bottom: 1px solid var(--ink);
  font-size: 17px;
  line-height: 21px;
}
.rows em {
  display: block;
  font-style: normal;
  font-size: 15px;
}
.rows strong {
  font: 600 30px/34px var(--figures);
}
.right {
  text-align: right;
  font-size: 15px;
}
.acts {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  margin-top: 10px;
}
.acts .v-btn {
  min-height: 64px;
  font-size: 17px;
}
.where {
  max-width: 480px;
}
.where .section-head .small {
  display: block;
  font-weight: 400;
}
.pick {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
  margin: 8px 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 10px 0;
}
@media (max-width: 1099px) {
  .under {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
