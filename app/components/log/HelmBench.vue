<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useWakeLock } from '@vueuse/core'
import { helmView, tripOf, type InstrumentId, type QuantityId } from '@remigo/core'
import { helmWords as words } from '~/messages/helm'
import { trialWords } from '~/messages/trial'
import { useDocumentStore } from '~/stores/document'
import { useInstrumentStore } from '~/stores/instruments'
import { useQuantities } from '~/composables/useQuantities'
import { useSimulatedHelm } from '~/composables/useSimulatedHelm'
import ChargeGauge from '~/components/under/ChargeGauge.vue'
import PlanRow from '~/components/under/PlanRow.vue'
import InstrumentBand from '~/components/trial/InstrumentBand.vue'

/** What the instruments say, in figures for arm’s length: speed, power, charge, miles left, what matters now. */
const document = useDocumentStore()
const instruments = useInstrumentStore()
const { text, format, fill } = useQuantities()
const COURSE = Math.PI / 4
const { drive } = useSimulatedHelm(() => COURSE)
const lock = useWakeLock()
onMounted(() => {
  if (lock.isSupported.value) void lock.request('screen').catch(() => undefined)
})

const trip = computed(() => tripOf(instruments.trip, 'instruments'))
const planned = computed(() =>
  document.shown.day.legs.reduce(
    (s, l) => s + (l.does === 'goes' ? (l.measure === 'distance' ? l.distance : l.duration * l.speed) : 0),
    0,
  ),
)
const toGo = computed(() => (planned.value > 0 ? Math.max(0, planned.value - trip.value.distance) : null))
const view = computed(() => helmView(document.shown, instruments.samples, toGo.value))
const speed = computed(() => format(view.value.ground, 'speed'))
const power = computed(() => format(view.value.power, 'electricPower'))
const left = computed(() =>
  view.value.left !== null && Number.isFinite(view.value.left) ? format(view.value.left, 'distance') : null,
)
/** what is read is filled; what has become old is greyed, with its age */
const look = (id: InstrumentId, value: number | null) => (value !== null ? 'read' : view.value.aged[id] ? 'old' : '')
const ageOf = (id: InstrumentId) => {
  const old = view.value.aged[id]
  return old ? ` ${words.old(text(old.age, 'seconds'))}` : ''
}
const shownOld = (id: InstrumentId, quantity: QuantityId) => {
  const old = view.value.aged[id]
  return old ? format(old.value, quantity).text : '–'
}
</script>

<template>
  <div class="helm" :class="{ simulated: instruments.simulated }" data-helm>
    <InstrumentBand
      :idle="['', words.none]"
      :simulated="[trialWords.simulatedLead, words.lever]"
      :live="[trialWords.liveLead, '']"
      @simulate="drive"
    />
    <div class="cells">
      <div class="speed">
        <p class="huge" data-helm-speed>
          <span class="value" :class="look('ground', view.ground)">{{
            view.ground === null ? shownOld('ground', 'speed') : speed.text
          }}</span><span>{{ speed.unit }}</span>
        </p>
        <p>
          {{ words.ground }}{{ ageOf('ground')
          }}<template v-if="view.water !== null">, {{ words.water(text(view.water, 'speed')) }}</template>
        </p>
      </div>
      <div>
        <p>{{ words.power }}</p>
        <p class="large" data-helm-power>
          <span class="value" :class="look('power', view.power)">{{
            view.power === null ? '–' : power.text
          }}</span><span>{{ power.unit }}</span>
        </p>
        <p v-if="ageOf('power')">{{ ageOf('power') }}</p>
        <p v-if="view.time !== null && Number.isFinite(view.time)">{{ words.time(text(view.time, 'duration')) }}</p>
      </div>
      <div>
        <p>{{ words.charge }}</p>
        <p class="large" data-helm-charge>
          <span class="value" :class="look('charge', view.charge)">{{
            view.charge === null ? '–' : Math.round(100 * view.charge)
          }}</span><span>%</span>
        </p>
        <ChargeGauge :charge="view.charge" :levels="view.levels" />
      </div>
      <div>
        <p>{{ words.left }}</p>
        <p class="large" data-helm-left>
          <template v-if="left"
            ><span class="value read">{{ left.text }}</span
            ><span>{{ left.unit }}</span></template
          ><template v-else>{{ view.left === null ? '–' : '∞' }}</template>
        </p>
        <p v-if="view.empty !== null && Number.isFinite(view.empty)" data-helm-empty>
          {{ words.toEmpty(text(view.empty, 'distance')) }}
        </p>
        <p>{{ toGo === null ? words.noPlan : words.toGo(text(toGo, 'distance')) }}</p>
      </div>
      <div>
        <p>{{ words.winding }}</p>
        <p class="medium">{{ view.winding === null ? '–' : text(view.winding, 'temperature') }}</p>
        <p>{{ words.controller }}</p>
        <p class="medium">{{ view.controller === null ? '–' : text(view.controller, 'temperature') }}</p>
      </div>
      <div class="so-far">
        <p>{{ words.trip }}</p>
        <p class="medium" data-helm-trip>{{ text(trip.distance, 'distance') }}</p>
        <p>{{ text(trip.used, 'energy') }}, {{ text(trip.time, 'shortTime') }}</p>
        <VBtn :disabled="!instruments.trip.length" @click="instruments.restart()">
          {{ words.restart }}
        </VBtn>
      </div>
    </div>
    <PlanRow />
    <ul class="says" aria-live="polite" data-helm-says>
      <li v-for="s in view.says" :key="s.id">
        <StateMark :state="s.state" :size="24" /><span>{{ fill(s.text) }}</span>
      </li>
      <li v-if="instruments.source && view.fine">
        <StateMark state="fits" :size="24" /><span>{{ words.fine }}</span>
      </li>
    </ul>
    <p class="small soft foot">{{ words.leftHow }}. {{ lock.isActive.value ? words.awake : words.mayDim }}</p>
  </div>
</template>

<style scoped>
.cells {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  border-bottom: 1px solid var(--ink);
}
.cells > div {
  padding: 10px 16px;
  border-right: 1px solid var(--ink);
  border-top: 1px solid var(--ink);
  margin-top: -1px;
  font-size: 15px;
  line-height: 20px;
}
.speed {
  grid-column: span 2;
}
.so-far {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
}
.so-far .v-btn {
  margin-left: auto;
}
.huge {
  font: 600 132px/120px var(--figures);
}
.large {
  font: 600 62px/64px var(--figures);
}
.medium {
  font: 600 32px/38px var(--figures);
}
.huge span,
.large span {
  font-size: 0.36em;
  font-weight: 500;
  margin-left: 8px;
}
.huge .value,
.large .value {
  font-size: 1em;
  font-weight: 600;
  margin-left: 0;
}
.value.read {
  display: inline-block;
  background: var(--ink);
  color: var(--sheet);
  padding: 0 0.08em;
  line-height: 1;
}
.value.old {
  color: var(--soft);
  background: repeating-linear-gradient(-45deg, var(--rule) 0 1px, transparent 1px 7px);
}
.says li {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 10px 16px;
  border-bottom: 1px solid var(--rule);
  font-size: 18px;
  line-height: 23px;
}
.foot {
  padding: 8px 16px 20px;
}
@media (max-width: 700px) {
  .cells {
    grid-template-columns: 1fr 1fr;
  }
  .cells > div {
    padding: 8px 10px;
  }
  .huge {
    font-size: 96px;
    line-height: 92px;
  }
  .large {
    font-size: 46px;
    line-height: 50px;
  }
}
</style>
