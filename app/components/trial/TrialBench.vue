<script setup lang="ts">
import { computed } from 'vue'
import {
  chosenUnit,
  driveHeat,
  edit,
  heatRunOf,
  houseByDrifting,
  runSpeed,
  speedOf,
  trialCurve,
  toUnit,
  trialHonesty,
  withRuns,
} from '@remigo/core'
import { instrumentWords } from '~/messages/instruments'
import { trialWords as words } from '~/messages/trial'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import { useViewStore } from '~/stores/view'
import { download, fileOf } from '~/files/download'
import { useCompact } from '~/composables/useCompact'
import { useQuantities } from '~/composables/useQuantities'
import { useSeaTrial } from '~/composables/useSeaTrial'
import { useSimulatedHelm } from '~/composables/useSimulatedHelm'
import InstrumentBand from './InstrumentBand.vue'
import InstrumentCells from './InstrumentCells.vue'
import SteadyStrip from './SteadyStrip.vue'
import TrialByHand from './TrialByHand.vue'
import TrialChart from './TrialChart.vue'
import TrialFit from './TrialFit.vue'
import TrialHonesty from './TrialHonesty.vue'
import TrialKept from './TrialKept.vue'

/** A sea trial: runs at even powers, out and back, taken when steady; the curve answers at once. */
const document = useDocumentStore()
const instruments = useInstrumentStore()
const answer = useAnswerStore()
const view = useViewStore()
const compact = useCompact()
const { text } = useQuantities()
const {
  trial,
  plan,
  samples,
  now,
  pairs,
  longer,
  take,
  byHand,
  pasted,
  again,
  leaveOut,
  pairAt,
  stepBy,
  restart,
  change,
} = useSeaTrial()
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

const heat = computed(() => heatRunOf(instruments.trip))
const takeHeat = () => document.edit(words.heatTake, [edit('heat.points', [...boat.value.heat.points, ...heat.value])])
const drifting = computed(() => houseByDrifting(samples.value))
const limit = computed(() => {
  const ways = driveHeat(answer.model)
  return ways && text(ways.path.limit, 'temperature')
})
function raw() {
  download(fileOf(boat.value, 'instruments.nmea'), instruments.rawLog(), 'text/plain')
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
        <VTable class="steps">
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
        </VTable>
        <div class="acts">
          <VBtn :disabled="!now.next" data-longer @click="longer += 60">
            {{ words.longer }}
          </VBtn>
          <VBtn :disabled="!trial.runs.length" data-again @click="again">
            {{ words.again }}
          </VBtn>
          <VBtn :disabled="!now.next" data-leave @click="leaveOut">
            {{ words.leave }}
          </VBtn>
          <VBtn :disabled="!now.next || !now.stretch || now.stretch.held < 20" data-take @click="take">
            {{ words.takeNow }}
          </VBtn>
        </div>
        <FoldedPart v-if="!instruments.simulated" :title="words.hand" :open="!instruments.source">
          <TrialByHand
            :next="now.next && { share: share(now.next.step), way: words.ways[now.next.way] }"
            :take="byHand"
            :paste="pasted"
          />
        </FoldedPart>
        <h2 class="section-head">
          {{ words.steadiness }}<span>{{ words.steadinessHint }}</span>
        </h2>
        <SteadyStrip :samples="samples" :stretch="now.stretch" />
        <InstrumentCells :show="SHOW" />
        <p v-if="drifting !== null" class="small">{{ words.drift(text(drifting, 'smallPower')) }}</p>
        <VBtn v-if="heat.length && !instruments.simulated" class="heat" data-heat-run @click="takeHeat">
          {{ words.heatTake }}
        </VBtn>
        <p v-if="instruments.source || instruments.samples.length" class="small">
          <VBtn variant="text" data-raw @click="raw">{{ instrumentWords.raw }}</VBtn>
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
          <VBtn v-if="instruments.source === 'simulated'" variant="flat" data-next-step @click="helm">
            {{ words.nextStep }}
          </VBtn>
        </div>
        <p class="small soft look">{{ words.watch }}</p>
      </section>
      <div class="side">
        <TrialHonesty :words-of="trialHonesty(boat, plan, trial.runs)" />
        <TrialFit
          v-if="after"
          :boat="boat"
          :after="after"
          :plan="plan"
          :pairs="pairs"
          :until="until"
          :simulated="trial.simulated"
          @pair="pairAt"
          @restart="restart"
        />
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
.side .section-head {
  margin-top: 12px;
}
.side .section-head:first-child {
  margin-top: 0;
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
