<script setup lang="ts">
import { computed } from 'vue'
import {
  chargeReport,
  chargerCounts,
  chargerFits,
  chargeStart,
  hasSails,
  SHORE_PLUGS,
  withEdits,
  type ChargerSpec,
  edit,
  isOwn,
} from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { chargingWords } from '~/messages/charging'
import { supplyWords } from '~/messages/supply'
import { sunWords } from '~/messages/sun'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { fewOf } from '~/design/figures/fewOf'
import { useQuantities } from '~/composables/useQuantities'
import ChargeChart from '~/components/charging/ChargeChart.vue'

/** Charging at the berth: how long, what decides, what another charger buys, and chargers to try. */
const answer = useAnswerStore()
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const charging = computed(() => document.shown.design.charging)
const curve = computed(() => chargeReport(document.shown))
const counts = computed(() => chargerCounts(document.shown))
const all = computed(() => library.library.chargers)
/** why nothing flows */
const never = computed(() => {
  const { limit } = chargeStart(document.shown)
  return limit in chargingWords.never
    ? chargingWords.never[limit as keyof typeof chargingWords.never]
    : chargingWords.never.other
})
const sails = computed(() => hasSails(document.shown.boat) && answer.model.propulsor.kind !== 'jet')
const rows = computed(() =>
  fewOf(
    all.value.map(charger => ({
      charger,
      price: charger.price,
      own: isOwn(charger),
      fitted: charger.id === charging.value.charger.id,
      state: chargerFits(charger, answer.model.pack.fullVoltage) ? ('fits' as const) : ('stop' as const),
    })),
  ),
)
const tryCharger = (charger: ChargerSpec) =>
  document.startTrial(charger.id, charger.name, [edit('design.charging.charger', charger)])
const tryCount = (count: number) =>
  document.startTrial(`chargers/${count}`, chargingWords.count(count), [edit('design.charging.count', count)])
const plug = computed(
  () =>
    SHORE_PLUGS.find(p => p.voltage === charging.value.shoreVoltage && p.current === charging.value.shoreCurrent)?.id ??
    '',
)
function choosePlug(id: string) {
  const found = SHORE_PLUGS.find(p => p.id === id)
  if (found)
    document.edit(found.label, [
      edit('design.charging.shoreVoltage', found.voltage),
      edit('design.charging.shoreCurrent', found.current),
    ])
}
const toggle = (what: 'sun' | 'sailing') =>
  document.edit(supplyWords[what], [edit(`design.charging.${what}`, !charging.value[what])])
/** the boat with one, two, three chargers: what their hours are worked out on */
const boats = computed(() => counts.value.map(r => withEdits(document.shown, [edit('design.charging.count', r.count)])))
</script>

<template>
  <div class="bench" data-charging>
    <div class="bench__main">
      <BenchLead v-if="curve.toEnd" figure="chargeTime" :head="chargingWords.limits[curve.limit]">{{
        chargingWords.lead(
          text(charging.from, 'ratio'),
          curve.end > 0.995 ? chargingWords.full : text(curve.end, 'ratio'),
          chargingWords.where[charging.supply],
        )
      }}</BenchLead>
      <p v-else class="prose never" role="status">{{ never }}</p>
      <ChargeChart />
      <section class="block" :aria-label="chargingWords.counts" data-counts>
        <h2 class="section-head">
          {{ chargingWords.counts }}<span>{{ chargingWords.countsHint }}</span>
        </h2>
        <VTable>
          <thead>
            <tr>
              <th />
              <th class="num">{{ chargingWords.toEighty }}</th>
              <th class="num">{{ chargingWords.toEnd }}</th>
              <th>{{ chargingWords.decides }}</th>
              <th class="num">{{ chargingWords.price }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in counts" :key="r.count" :class="{ current: r.fitted }">
              <td>{{ chargingWords.count(r.count) }}</td>
              <td class="num">
                <FigureValue v-if="r.curve.toEighty" id="chargeEighty" :of="boats[r.count - 1]" /><template v-else
                  >–</template
                >
              </td>
              <td class="num">
                <FigureValue v-if="r.curve.toEnd" id="chargeTime" :of="boats[r.count - 1]" /><template v-else
                  >–</template
                >
              </td>
              <td class="soft">{{ r.curve.limit }}</td>
              <td class="num">{{ text(r.price, 'price') }}</td>
              <td class="num">
                <TryButton :fitted="r.fitted" :name="chargingWords.count(r.count)" @try="tryCount(r.count)" />
              </td>
            </tr>
          </tbody>
        </VTable>
      </section>
      <section class="block" :aria-label="chargingWords.chargers" data-chargers>
        <h2 class="section-head">
          {{ chargingWords.chargers
          }}<NuxtLink class="link" to="/library?kind=charger">{{ benchWords.motor.all }}</NuxtLink>
        </h2>
        <VTable>
          <tbody>
            <tr v-for="row in rows" :key="row.charger.id" :class="{ current: row.fitted }">
              <td><StateMark :state="row.state" :size="13" /></td>
              <td>
                {{ row.charger.name
                }}<small class="soft">{{ row.charger.listens ? chargingWords.listens : chargingWords.deaf }}</small>
              </td>
              <td class="num">{{ text(row.charger.power, 'electricPower') }}</td>
              <td class="num">{{ text(row.charger.price, 'price') }}</td>
              <td class="num">
                <TryButton :fitted="row.fitted" :name="row.charger.name" @try="tryCharger(row.charger)" />
              </td>
            </tr>
          </tbody>
        </VTable>
      </section>
      <p class="small caution">{{ chargingWords.caution }}</p>
    </div>
    <div class="bench__side">
      <section :aria-label="chargingWords.numbers">
        <h2 class="section-head">{{ chargingWords.numbers }}</h2>
        <FigureRow id="chargePower" /><FigureRow id="shorePower" /><FigureRow
          v-if="curve.toEighty"
          id="chargeEighty"
        /><FigureRow v-if="curve.toEnd" id="chargeTime" /><FigureRow id="chargeBought" />
      </section>
      <section class="block" :aria-label="supplyWords.supply" data-sources>
        <ChoiceField
          :label="supplyWords.supply"
          :options="supplyWords.supplies"
          :model-value="charging.supply"
          @update:model-value="document.edit(supplyWords.supply, [edit('design.charging.supply', $event)])"
        />
        <div v-if="charging.supply === 'generator'" class="rows">
          <QuantityField path="design.charging.generatorPower" /><QuantityField
            path="design.charging.generatorShare"
          /><QuantityField path="design.charging.generatorFuel" /><FigureRow id="chargeFuel" />
        </div>
        <h2 class="section-head helps">
          {{ supplyWords.helps
          }}<NuxtLink class="link small" to="/days/year" data-to-sun>{{ supplyWords.sunBench }}</NuxtLink>
        </h2>
        <VCheckboxBtn
          :model-value="charging.sun"
          :label="supplyWords.sun"
          data-help="sun"
          @update:model-value="toggle('sun')"
        />
        <template v-if="charging.sun">
          <PickField
            :label="supplyWords.month"
            :model-value="charging.month"
            :items="sunWords.months.map((title, value) => ({ value, title }))"
            @update:model-value="document.edit(supplyWords.month, [edit('design.charging.month', $event)])"
          />
          <FigureRow v-if="document.shown.design.solar.fitted" id="chargeSun" />
          <p v-else class="small soft">{{ sunWords.none }}</p>
        </template>
        <VCheckboxBtn
          v-if="sails || charging.sailing"
          :model-value="charging.sailing"
          :label="supplyWords.sailing"
          data-help="sailing"
          @update:model-value="toggle('sailing')"
        />
        <FigureRow v-if="charging.sailing && answer.model.propulsor.kind !== 'jet'" id="chargeSailing" />
        <QuantityField path="use.houseLoad" />
      </section>
      <HouseBattery />
      <section class="block" :aria-label="chargingWords.berth">
        <h2 class="section-head">{{ chargingWords.berth }}</h2>
        <ChoiceField
          :label="chargingWords.inlet"
          :options="chargingWords.inlets"
          :model-value="charging.inlet"
          @update:model-value="document.edit(chargingWords.inlet, [edit('design.charging.inlet', $event)])"
        />
        <PickField
          v-if="charging.inlet !== 'carType'"
          :label="supplyWords.plug"
          :model-value="plug"
          :items="[{ value: '', title: supplyWords.other }, ...SHORE_PLUGS.map(p => ({ value: p.id, title: p.label }))]"
          data-plug
          @update:model-value="choosePlug($event)"
        />
        <div class="rows">
          <QuantityField path="design.charging.shoreVoltage" /><QuantityField
            path="design.charging.shoreCurrent"
          /><QuantityField path="design.charging.continuous" /><QuantityField
            path="design.charging.from"
          /><QuantityField path="design.charging.coldest" />
        </div>
      </section>
      <section class="block" :aria-label="chargingWords.charger">
        <h2 class="section-head with-hold">{{ chargingWords.charger }} <HoldPin part="charger" /></h2>
        <p class="small soft">{{ charging.charger.name }}</p>
        <ChoiceField
          :label="chargingWords.each"
          :options="chargingWords.eachKinds"
          :model-value="charging.each"
          @update:model-value="document.edit(chargingWords.each, [edit('design.charging.each', $event)])"
        />
        <QuantityField v-if="charging.each === 'pack'" path="design.charging.count" />
        <p v-if="charging.charger.otherVoltage !== null" class="small soft">
          {{
            chargingWords.twoMains(
              text(charging.charger.inputVoltage, 'voltage'),
              text(charging.charger.otherVoltage, 'voltage'),
            )
          }}
        </p>
        <VBtn variant="flat" to="/settings-sheet">{{ chargingWords.settings }}</VBtn>
      </section>
    </div>
  </div>
</template>

<style scoped>
small {
  display: block;
  font-size: 12px;
}
.helps {
  display: flex;
  justify-content: space-between;
  margin-top: 10px;
}
.month {
  cursor: default;
}
.never {
  margin-bottom: 14px;
  font-weight: 600;
}
.caution {
  margin-top: 14px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
}
</style>
