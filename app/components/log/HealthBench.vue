<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import { watchDebounced } from '@vueuse/core'
import {
  edit,
  JOINT,
  jointRise,
  jointState,
  logDay,
  nextUpgrades,
  packHealth,
  usualOf,
  type Joint,
  type Upgrade,
} from '@remigo/core'
import { healthWords as words } from '~/messages/health'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { useToday } from '~/composables/useToday'
import CellVolts from '~/components/power/CellVolts.vue'
import DueList from './DueList.vue'
import HealthSummary from './HealthSummary.vue'

/** Health of pack and drive by the log, what is due, and what would be worth changing next. */
const document = useDocumentStore()
const answer = useAnswerStore()
const { text } = useQuantities()
const today = useToday()
const health = computed(() => packHealth(document.shown, logDay(document.shown, today.value)))
const depthNow = computed(() => {
  const { energy } = answer.summary
  return energy.available > 0 ? energy.needed / energy.available : null
})
const share = (n: number) => text(n, 'ratio')
const joints = computed(() => document.shown.log.joints)
const setJoints = (to: Joint[]) => document.edit(words.jointChanged, [edit('log.joints', to)])
const addJoint = () => setJoints([...joints.value, { ...usualOf(JOINT.fields), at: today.value } as Joint])
const change = (i: number, part: Record<string, unknown>) =>
  setJoints(joints.value.map((j, k) => (k === i ? { ...j, ...part } : j)))

const upgrades = shallowRef<Upgrade[] | null>(null)
watchDebounced([() => document.shown], () => (upgrades.value = nextUpgrades(document.shown)), {
  debounce: 250,
  immediate: true,
})
const signed = (value: number, quantity: 'energy' | 'price' | 'duration') =>
  `${value < 0 ? '−' : ''}${text(Math.abs(value), quantity)}`
const tryIt = (u: Upgrade) => document.startTrial(`upgrade/${u.id}`, words.upgrades[u.id], u.edits)
</script>

<template>
  <div class="bench log-bench">
    <div class="column">
      <HealthSummary bench />
      <ul class="facts">
        <li>
          {{
            words.twoYears(share(health.inTwoYears.value), share(health.inTwoYears.low), share(health.inTwoYears.high))
          }}
        </li>
        <li v-if="depthNow !== null && health.inTwoYears.value > 0">
          {{ words.outing(share(depthNow), share((depthNow * health.now.value) / health.inTwoYears.value)) }}
        </li>
        <li v-if="health.resistance.length">
          {{ words.resistance }}: <b>{{ text(health.resistance.at(-1)!.value, 'resistance') }}</b>
        </li>
        <li v-if="health.selfDischarge !== null">
          {{ words.self }}: <b>{{ share(health.selfDischarge) }}</b>
        </li>
        <li v-if="health.habits.depth !== null">
          {{ words.depth }}: <b>{{ share(health.habits.depth) }}</b>
        </li>
        <li v-if="health.habits.toFull !== null">
          {{ words.full }}: <b>{{ share(health.habits.toFull) }}</b>
        </li>
        <li v-if="health.habits.lowest !== null">
          {{ words.lowestCharge }}: <b>{{ share(health.habits.lowest) }}</b>
        </li>
      </ul>
      <section>
        <h2 class="section-head">
          {{ words.cells }}<span>{{ words.cellsHint }}</span>
        </h2>
        <CellVolts kind="rest" />
      </section>
      <section data-joints>
        <h2 class="section-head">
          {{ words.joints }}<span>{{ words.jointsHint }}</span>
        </h2>
        <div v-for="(j, i) in joints" :key="i" class="joint">
          <StateMark :state="jointState(j)" />
          <RowFields
            :fields="JOINT.fields"
            :value="{ ...j }"
            :keys="['name', 'at', 'temperature', 'beside', 'current']"
            @change="change(i, $event)"
          />
          <b>{{ words.rise(jointRise(j).toFixed(0)) }}</b>
          <VBtn variant="text" class="small" @click="setJoints(joints.filter((_, k) => k !== i))">
            {{ words.remove(j.name) }}
          </VBtn>
        </div>
        <VBtn data-add-joint @click="addJoint">{{ words.addJoint }}</VBtn>
      </section>
    </div>
    <div class="column">
      <DueList />
      <section class="upgrade" data-upgrade>
        <h2 class="section-head">
          {{ words.upgrade }}<span>{{ words.upgradeHint }}</span>
        </h2>
        <p v-if="!upgrades?.length" class="small soft">{{ upgrades ? words.noTrips : words.working }}</p>
        <dl v-for="u in upgrades ?? []" :key="u.id" :data-upgrade-row="u.id">
          <dt>
            <b>{{ words.upgrades[u.id] }}</b>
            <VBtn @click="tryIt(u)">{{ words.try }}</VBtn>
          </dt>
          <dd>
            <span
              >{{ words.upgradeColumns.saved }} <b>{{ signed(u.saved, 'energy') }}</b></span
            >
            <span
              >{{ words.upgradeColumns.below }} <b>{{ u.below.was }} → {{ u.below.would }}</b></span
            >
            <span
              >{{ words.upgradeColumns.charging }}
              <b>{{ text(u.charging.was, 'duration') }} → {{ text(u.charging.would, 'duration') }}</b></span
            >
            <span
              >{{ words.upgradeColumns.money }} <b>{{ signed(-u.money, 'price') }}</b></span
            >
          </dd>
        </dl>
      </section>
    </div>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 26px;
  padding: 14px 16px 24px;
}
.column > section {
  margin-top: 14px;
}
.facts {
  font-size: 14.5px;
  line-height: 22px;
}
.joint {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 4px 8px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 0.75px solid var(--rule);
}
.joint .v-btn--variant-text {
  grid-column: 2;
  justify-self: start;
}
.upgrade dl {
  padding: 7px 0;
  border-bottom: 0.75px solid var(--rule);
}
.upgrade dt {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
.upgrade dd {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 14px;
  font-size: 13.5px;
  line-height: 19px;
}
@media (max-width: 1099px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
