<script setup lang="ts">
import { computed } from 'vue'
import {
  BAND,
  edit,
  evaluate,
  measuredOf,
  measuredParts,
  nextPair,
  operatingPoint,
  readingsSay,
  waterFactor,
  type Project,
  type TrialPair,
  type TrialPlan,
} from '@remigo/core'
import { trialWords as words } from '~/messages/trial'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** What the runs so far make of the curve, the weight, the stream and the log, and what to do with it. */
const props = defineProps<{
  boat: Project
  /** the boat with these runs */
  after: Project
  plan: TrialPlan
  pairs: readonly TrialPair[]
  /** m/s that the curve goes up to */
  until: number
  simulated: boolean
}>()
const emit = defineEmits<{ pair: [share: number, speed: number]; restart: [] }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()

const fit = computed(() => {
  const project = props.after
  const { cruiseSpeed } = props.boat.use
  const at = (speed: number) => {
    const of = (p: typeof project) => evaluate(p, speed).point
    return { speed, was: of(props.boat).drive.packPower, is: of(project).drive.packPower }
  }
  const point = operatingPoint(evaluate(project, cruiseSpeed).model, cruiseSpeed)
  const run = measuredOf(project).points.filter(p => p.trip === null)
  const factor = run.reduce((s, p) => s + p.resistance / p.theory, 0) / Math.max(1, run.length)
  const streams = props.pairs.flatMap(p => (p.stream === null ? [] : [p.stream]))
  const wheel = waterFactor(
    props.pairs,
    props.pairs.map(p => {
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
const reached = computed(() => Math.max(0, ...props.pairs.filter(p => p.runs.length > 0).map(p => p.speed)))
function use() {
  if (props.simulated) return
  const edits = [edit('trial', props.after.trial)]
  if (fit.value.wheel) edits.push(edit('log.waterFactor', Math.max(0.3, Math.min(2, fit.value.wheel.factor))))
  document.edit(words.used, edits)
  emit('restart')
}
/** what would tell most; worked out when a run came in */
const more = computed(() => nextPair(props.after, props.plan, props.until))
/** slip of the propeller by the fastest pair, where turns are heard; efficiencies where thrust and torque are */
const parts = computed(() => {
  const pair = props.pairs.findLast(p => p.paired),
    { propeller } = props.boat.design
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
    power: Math.max(1, pair.power - props.boat.use.houseLoad),
    pitch: propeller.pitch,
    wake: answer.model.interaction.wakeFraction,
  })
})
</script>

<template>
  <section>
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
    <VBtn variant="flat" class="whole" :disabled="simulated" data-use-curve @click="use">
      <span>{{ words.use }}</span><span v-if="simulated">{{ words.useNot }}</span>
    </VBtn>
    <VBtn v-if="more" class="whole" data-more-pair @click="emit('pair', more.share, more.speed)">
      <span>{{ words.more(text(more.share, 'ratio')) }}</span><span>{{ words.cost(text(more.within, 'ratio')) }}</span>
    </VBtn>
    <p class="small soft">{{ words.dotted(text(reached, 'speed')) }}</p>
    <VBtn class="whole" data-trial-restart @click="emit('restart')">{{ words.begin }}</VBtn>
  </section>
</template>

<style scoped>
.section-head {
  margin-top: 12px;
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
.small {
  margin-top: 6px;
}
</style>
