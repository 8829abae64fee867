<script setup lang="ts">
import { computed } from 'vue'
import {
  BAND,
  chosenUnit,
  driveHeat,
  evaluate,
  edit,
  heatRunOf,
  houseByDrifting,
  measuredOf,
  measuredParts,
  nextPair,
  operatingPoint,
  readingsSay,
  runSpeed,
  speedOf,
  trialCurve,
  toUnit,
  trialHonesty,
  UNITS,
  waterFactor,
  withRuns,
  type HonestWord,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { instrumentWords } from '~/messages/instruments'
import { trialWords as words } from '~/messages/trial'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import { useViewStore } from '~/stores/view'
import { download } from '~/composables/useBoatFiles'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { useSeaTrial } from '~/composables/useSeaTrial'
import { useSimulatedHelm } from '~/composables/useSimulatedHelm'
import InstrumentBand from './InstrumentBand.vue'
import InstrumentCells from './InstrumentCells.vue'
import SteadyStrip from './SteadyStrip.vue'
import TrialChart from './TrialChart.vue'
import TrialKept from './TrialKept.vue'

/** A sea trial: runs at even powers, out and back, taken when steady; the curve answers at once. */
const document = useDocumentStore()
const instruments = useInstrumentStore()
const answer = useAnswerStore()
const view = useViewStore()
const compact = useCompact()
const { text } = useQuantities()
const { trial, plan, samples, now, pairs, longer, take, again, leaveOut, pairAt, stepBy, restart, change } =
  useSeaTrial()
const boat = computed(() => document.shown)

const clock = (s: number) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`
const share = (step: number) =>
  plan.value.speeds ? text(plan.value.speeds[step]!, 'speed') : text(plan.value.steps[step]! / plan.value.most, 'ratio')
/** what is to be set: watts, or a speed */
const asked = (step: number) =>
  plan.value.speeds ? words.setSpeed(share(step)) : words.setPower(text(plan.value.steps[step]!, 'electricPower'))
const degrees = (course: number) => `${String(Math.round((course * 180) / Math.PI + 360) % 360).padStart(3, '0')}°`
const courseOf = (way: 'out' | 'back') => trial.value.course + (way === 'back' ? Math.PI : 0)
/** a run's speed to a hundredth: what the stream does shows there */
const fine = (v: number) => toUnit(v, chosenUnit('speed', view.choice)).toFixed(2)
const hold = computed(() => plan.value.hold + longer.value)
const left = computed(() => (now.value.next ? Math.max(0, hold.value * (1 - now.value.done)) : 0))

// the simulated helm: it sets what the next step asks, or what the lever does
function helm() {
  const { next, stretch } = now.value
  if (!next) return
  const expects = plan.value.steps[next.step]!,
    wanted = plan.value.speeds?.[next.step],
    read = stretch && (stretch.means.water ?? stretch.means.ground),
    power = stretch?.means.power
  // as one at the wheel does: what came of it tells how much more or less a speed wants
  const near = power && Math.abs(Math.log(power / expects)) < 1
  instruments.steer(wanted && read && near ? power * (wanted / read) ** 3 : expects, courseOf(next.way))
}
useSimulatedHelm(() => courseOf(now.value.next?.way ?? 'out'))
function simulated() {
  change({ since: 0, runs: trial.value.simulated ? [] : trial.value.runs })
  helm()
}

const ground = computed(() => samples.value.at(-1)?.values.ground !== undefined || instruments.source === null)
const here = computed(() =>
  samples.value.flatMap(s => {
    const speed = speedOf(s)
    return speed !== undefined && s.values.power !== undefined ? [{ speed, power: s.values.power }] : []
  }),
)
const until = computed(() => {
  const { allDaySpeed } = answer.summary
  const most = allDaySpeed.outcome === 'none' ? boat.value.use.topSpeed : allDaySpeed.speed
  return Math.min(30, 1.15 * Math.max(Math.min(most, 2 * boat.value.use.topSpeed), boat.value.use.cruiseSpeed))
})
const predicted = computed(() => trialCurve(boat.value, until.value))
const after = computed(() => (trial.value.runs.length ? withRuns(boat.value, plan.value, trial.value.runs) : null))
const fitted = computed(() => (after.value ? trialCurve(after.value, until.value) : []))
const coming = computed(() =>
  plan.value.steps.flatMap((power, step) =>
    trial.value.leftOut.includes(step) || pairs.value[step]!.runs.length > 0 ? [] : [{ power, share: share(step) }],
  ),
)
const expected = computed(() => {
  const { next } = now.value
  if (!next) return 0
  const curve = fitted.value.length ? fitted.value : predicted.value,
    wanted = plan.value.steps[next.step]!
  return curve.find(p => p.power >= wanted)?.speed ?? curve.at(-1)!.speed
})

const honest = computed(() => trialHonesty(boat.value, plan.value, trial.value.runs))
function says(word: HonestWord): string {
  if (word.value === null) return words.says.notHeard
  switch (word.id) {
    case 'ways':
      return words.says.ways(word.value, word.beside!)
    case 'steady':
      return words.says.steady(`${fine(word.value)} ${UNITS[chosenUnit('speed', view.choice)].symbol}`)
    case 'wind':
      return words.says.wind(text(word.value, 'speed'), text(word.beside!, 'speed'))
    case 'depth':
      return words.says.depth(text(word.value, 'length'), word.beside!.toFixed(word.beside! < 10 ? 1 : 0))
    default:
      return words.says.number(word.value, word.beside!)
  }
}
const fit = computed(() => {
  const project = after.value
  if (!project) return null
  const { cruiseSpeed } = boat.value.use
  const at = (speed: number) => {
    const of = (p: typeof project) => evaluate(p, speed).point
    return { speed, was: of(boat.value).drive.packPower, is: of(project).drive.packPower }
  }
  const point = operatingPoint(evaluate(project, cruiseSpeed).model, cruiseSpeed)
  const run = measuredOf(project).points.filter(p => p.trip === null)
  const factor = run.reduce((s, p) => s + p.resistance / p.theory, 0) / Math.max(1, run.length)
  const streams = pairs.value.flatMap(p => (p.stream === null ? [] : [p.stream]))
  const wheel = waterFactor(
    pairs.value,
    pairs.value.map(p => {
      const logged = p.runs.map(r => r.means.water)
      return p.paired && logged.every(v => v !== undefined)
        ? logged.reduce((s: number, v) => s + v, 0) / logged.length
        : null
    }),
  )
  return {
    factor,
    within: Math.exp(BAND * point.resistance.powerSigma) - 1,
    at: [at(cruiseSpeed), at(view.speed)].filter((a, i) => i === 0 || Math.abs(a.speed - cruiseSpeed) > 0.1),
    stream: streams.length ? streams.reduce((s, v) => s + v, 0) / streams.length : null,
    wheel,
    weight: readingsSay(project)?.weight ?? null,
  }
})
const reached = computed(() => Math.max(0, ...pairs.value.filter(p => p.runs.length > 0).map(p => p.speed)))
function use() {
  const project = after.value
  if (!project || trial.value.simulated) return
  const edits = [edit('trial', project.trial)]
  if (fit.value?.wheel) edits.push(edit('log.waterFactor', Math.max(0.3, Math.min(2, fit.value.wheel.factor))))
  document.edit(words.used, edits)
  restart()
}
/** what would tell most; worked out when a run came in */
const more = computed(() => (after.value ? nextPair(after.value, plan.value, until.value) : null))
const heat = computed(() => heatRunOf(instruments.trip))
const takeHeat = () =>
  document.edit(words.heatTake, [edit('heat.points', [...boat.value.heat.points, ...heat.value].slice(-500))])
/** slip of the propeller by the fastest pair, where turns are heard; efficiencies where thrust and torque are */
const parts = computed(() => {
  const pair = pairs.value.findLast(p => p.paired),
    { propeller } = boat.value.design
  const mean = (id: 'rpm' | 'shaft' | 'thrust' | 'torque') => {
    const read = pair?.runs.flatMap(r => r.means[id] ?? []) ?? []
    return read.length ? read.reduce((a, b) => a + b, 0) / read.length : null
  }
  const motor = mean('rpm'),
    shaft = mean('shaft') ?? (motor === null ? null : motor / answer.model.totalRatio)
  if (!pair || !shaft || answer.model.propulsor.kind === 'jet') return null
  return measuredParts({
    speed: pair.speed,
    thrust: mean('thrust'),
    torque: mean('torque'),
    shaft,
    power: Math.max(1, pair.power - boat.value.use.houseLoad),
    pitch: propeller.pitch,
    wake: answer.model.interaction.wakeFraction,
  })
})
const drifting = computed(() => houseByDrifting(samples.value))
const limit = computed(() => {
  const ways = driveHeat(answer.model)
  return ways && text(ways.path.limit, 'temperature')
})
function raw() {
  download(`${boat.value.name} raw log.nmea`, instruments.rawLog(), 'text/plain')
}
const SHOW = ['ground', 'water', 'volts', 'amps', 'rpm', 'course', 'winding', 'controller', 'depth'] as const
</script>

<template>
  <div class="trial log-bench" data-trial>
    <InstrumentBand
      :idle="[words.idleLead, words.idleHint]"
      :simulated="[words.simulatedLead, words.simulatedHint]"
      :live="[words.liveLead, words.liveHint]"
      @simulate="simulated"
    />
    <div class="three">
      <section class="runs">
        <div class="count">
          <p class="clock" data-trial-clock>{{ clock(left) }}</p>
          <p v-if="!now.next" class="tell">
            <b>{{ words.allRun }}</b>
          </p>
          <p v-else class="tell" data-trial-now>
            <b>{{ words.toHold(share(now.next.step), words.ways[now.next.way]) }}</b>
            <span v-if="!instruments.source">{{ asked(now.next.step) }}</span>
            <span v-else-if="!now.stretch">{{ words.noReadings }}</span>
            <span v-else-if="!now.onStep">{{ asked(now.next.step) }}</span>
            <span v-else>{{ words.steadyFor(clock(now.stretch.held), clock(hold)) }}</span>
          </p>
        </div>
        <h2 class="section-head">
          {{ words.steps }}<span>{{ ground ? words.overGround : words.throughWater }}</span>
        </h2>
        <ChoiceField
          v-if="trial.runs.length === 0"
          :label="words.stepBy"
          :options="words.by"
          :model-value="trial.by"
          data-step-by
          @update:model-value="stepBy"
        />
        <table class="table steps">
          <thead>
            <tr>
              <th>{{ plan.speeds ? words.speed : words.power }}</th>
              <th class="num">{{ text(1000, 'electricPower').split('\u00A0')[1] ?? 'kW' }}</th>
              <th class="num">{{ words.ways.out }}, {{ degrees(courseOf('out')) }}</th>
              <th class="num">{{ words.ways.back }}, {{ degrees(courseOf('back')) }}</th>
              <th class="num">{{ words.mean }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(p, i) in pairs" :key="i" :class="{ current: now.next?.step === i }" :data-step="i">
              <td class="figures">{{ share(i) }}</td>
              <td class="num figures">{{ text(plan.steps[i]!, 'electricPower').split('\u00A0')[0] }}</td>
              <td v-for="way in ['out', 'back'] as const" :key="way" class="num figures">
                <template v-if="p.runs.some(r => r.way === way)">{{
                  fine(runSpeed(p.runs.findLast(r => r.way === way)!))
                }}</template>
                <span v-else-if="now.next?.step === i && now.next.way === way && now.stretch" class="running">{{
                  clock(now.onStep ? now.stretch.held : 0)
                }}</span>
                <span v-else class="soft word">{{ trial.leftOut.includes(i) ? words.leftOut : words.toCome }}</span>
              </td>
              <td class="num figures">
                <b v-if="p.paired">{{ fine(p.speed) }}</b>
              </td>
            </tr>
          </tbody>
        </table>
        <div class="acts">
          <button type="button" class="btn" :disabled="!now.next" data-longer @click="longer += 60">
            {{ words.longer }}
          </button>
          <button type="button" class="btn" :disabled="!trial.runs.length" data-again @click="again">
            {{ words.again }}
          </button>
          <button type="button" class="btn" :disabled="!now.next" data-leave @click="leaveOut">
            {{ words.leave }}
          </button>
          <button
            type="button"
            class="btn"
            :disabled="!now.next || !now.stretch || now.stretch.held < 20"
            data-take
            @click="take"
          >
            {{ words.takeNow }}
          </button>
        </div>
        <h2 class="section-head">
          {{ words.steadiness }}<span>{{ words.steadinessHint }}</span>
        </h2>
        <SteadyStrip :samples="samples" :stretch="now.stretch" />
        <InstrumentCells :show="SHOW" />
        <p v-if="drifting !== null" class="small">{{ words.drift(text(drifting, 'smallPower')) }}</p>
        <button
          v-if="heat.length && !instruments.simulated"
          type="button"
          class="btn heat"
          data-heat-run
          @click="takeHeat"
        >
          {{ words.heatTake }}
        </button>
        <p v-if="instruments.source || instruments.samples.length" class="small">
          <button type="button" class="link" data-raw @click="raw">{{ instrumentWords.raw }}</button>
        </p>
      </section>
      <section class="middle">
        <h2 class="section-head">
          {{ words.chart }}<span>{{ words.chartHint }}</span>
        </h2>
        <TrialChart
          :predicted="predicted"
          :fitted="fitted"
          :pairs="pairs"
          :coming="coming"
          :here="here"
          :lever="view.speed"
          :high="compact ? 360 : 470"
        />
        <div v-if="now.next" class="next">
          <p>
            <b
              >{{ words.next }}:
              {{ words.nextSay(share(now.next.step), words.ways[now.next.way], degrees(courseOf(now.next.way))) }}</b
            >
            {{
              (plan.speeds ? words.nextSpeed : words.nextDo)(
                trial.runs.length > 0 && trial.runs.at(-1)!.way !== now.next.way,
                text(plan.steps[now.next.step]!, 'electricPower'),
                plan.speeds ? share(now.next.step) : text(expected, 'speed'),
              )
            }}
            <template v-if="limit">{{ words.heat(limit) }}</template>
          </p>
          <button
            v-if="instruments.source === 'simulated'"
            type="button"
            class="btn btn--best"
            data-next-step
            @click="helm"
          >
            {{ words.nextStep }}
          </button>
        </div>
        <p class="small soft look">{{ words.watch }}</p>
      </section>
      <div class="side">
        <h2 class="section-head">
          {{ words.honest }}<span>{{ words.honestHint }}</span>
        </h2>
        <ul class="honest">
          <li v-for="w in honest" :key="w.id" :data-honest="w.id">
            <StateMark :state="w.state" />
            <span
              ><b>{{ words.words[w.id] }}</b
              ><em>{{ says(w) }}</em></span
            >
            <strong :class="w.state">{{
              w.cost > 0.005 ? words.cost(text(w.cost, 'ratio')) : boardWords.states[w.state]
            }}</strong>
          </li>
        </ul>
        <template v-if="fit">
          <h2 class="section-head">
            {{ words.fit }}<span>{{ words.fitHint }}</span>
          </h2>
          <dl class="fit" data-trial-fit>
            <div>
              <dt>{{ words.factor }}</dt>
              <dd>
                {{ fit.factor.toFixed(2) }} <span>± {{ fit.within.toFixed(2) }}</span>
              </dd>
            </div>
            <div v-for="a in fit.at" :key="a.speed">
              <dt>{{ words.at(text(a.speed, 'speed'), text(a.was, 'electricPower')) }}</dt>
              <dd>{{ text(a.is, 'electricPower') }}</dd>
            </div>
            <div v-if="fit.stream !== null">
              <dt>{{ words.stream }}</dt>
              <dd>{{ fit.stream < 0 ? '−' : '' }}{{ text(Math.abs(fit.stream), 'speed') }}</dd>
            </div>
            <div v-if="fit.wheel && Math.abs(fit.wheel.factor - 1) > 0.003">
              <dt>{{ words.logReads(fit.wheel.factor < 1) }}</dt>
              <dd>{{ text(Math.abs(1 - fit.wheel.factor), 'ratio') }}</dd>
            </div>
            <div v-if="fit.weight">
              <dt>{{ words.weight }}</dt>
              <dd>
                {{ text(fit.weight.value, 'mass') }}
                <span>± {{ text((fit.weight.high - fit.weight.low) / 2, 'mass') }}</span>
              </dd>
            </div>
            <template v-if="parts">
              <div>
                <dt>{{ words.slip }}</dt>
                <dd>{{ text(parts.realSlip, 'ratio') }}</dd>
              </div>
              <div v-if="parts.propeller !== null">
                <dt>{{ words.propeller }}</dt>
                <dd>{{ text(parts.propeller, 'ratio') }}</dd>
              </div>
              <div v-if="parts.motor !== null">
                <dt>{{ words.motor }}</dt>
                <dd>{{ text(parts.motor, 'ratio') }}</dd>
              </div>
            </template>
          </dl>
          <button type="button" class="btn btn--best whole" :disabled="trial.simulated" data-use-curve @click="use">
            <span>{{ words.use }}</span><span v-if="trial.simulated">{{ words.useNot }}</span>
          </button>
          <button v-if="more" type="button" class="btn whole" data-more-pair @click="pairAt(more.share, more.speed)">
            <span>{{ words.more(text(more.share, 'ratio')) }}</span><span>{{
              words.cost(text(more.within, 'ratio'))
            }}</span>
          </button>
          <p class="small soft">{{ words.dotted(text(reached, 'speed')) }}</p>
          <button type="button" class="btn whole" data-trial-restart @click="restart">{{ words.begin }}</button>
        </template>
        <TrialKept />
        <p class="small soft">{{ words.readings }}</p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.three {
  display: grid;
  grid-template-columns: minmax(0, 300px) minmax(0, 1fr) minmax(0, 232px);
  gap: 16px;
  padding: 12px 16px 24px;
}
.side {
  border-left: 1px solid var(--rule);
  padding-left: 14px;
}
.count {
  display: flex;
  gap: 14px;
  align-items: end;
  margin-bottom: 10px;
}
.clock {
  font: 600 62px/60px var(--figures);
  border-bottom: 2px dotted var(--text);
  min-width: 108px;
}
.tell {
  font-size: 14px;
  line-height: 18px;
  padding-bottom: 4px;
}
.tell b {
  display: block;
  font-size: 16px;
}
.steps td {
  white-space: nowrap;
  padding: 4px 3px 4px 4px;
}
.steps th {
  padding-left: 4px;
}
.running {
  display: inline-block;
  min-width: 52px;
  padding: 1px 6px;
  border: 2px solid var(--ink);
  background: var(--sheet);
  font-weight: 600;
}
.word {
  font: 400 13px var(--labels);
}
.acts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin: 8px 0 12px;
}
.next {
  display: flex;
  gap: 12px;
  align-items: center;
  border-block: 1.25px solid var(--ink);
  padding: 9px 6px;
  margin-top: 10px;
  background: var(--sheet);
  font-size: 15.5px;
  line-height: 20px;
}
.next p {
  flex: 1;
}
.look {
  margin-top: 8px;
}
.honest li {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14px;
  line-height: 17px;
}
.honest em {
  display: block;
  font-style: normal;
  font-size: 12.5px;
}
.honest strong {
  font-size: 13px;
}
.honest strong.fits {
  color: var(--fits);
}
.honest strong.caution {
  color: var(--tight);
}
.honest strong.stop {
  color: var(--clash);
}
.side .section-head {
  margin-top: 12px;
}
.side .section-head:first-child {
  margin-top: 0;
}
.fit > div {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  padding: 5px 0;
  border-bottom: 0.75px solid var(--rule);
}
.fit dt {
  font-size: 13.5px;
  line-height: 17px;
}
.fit dd {
  font: 600 17px var(--figures);
  white-space: nowrap;
}
.fit dd span {
  font: 500 12px var(--figures);
}
.whole {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  width: 100%;
  margin-top: 8px;
}
.whole span + span {
  font-weight: 400;
  font-size: 12.5px;
}
.small,
.heat {
  margin-top: 6px;
}
@media (max-width: 1099px) {
  .three {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    border: 0;
    padding: 0;
  }
}
</style>
