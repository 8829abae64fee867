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
import { b } from '~/messages/benches'
import { c } from '~/messages/charging'
import { q, s } from '~/messages/storage'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { fewOf } from '~/components/benches/fewOf'
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
  return limit in c.never ? c.never[limit as keyof typeof c.never] : c.never.other
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
  document.startTrial(`chargers/${count}`, c.count(count), [edit('design.charging.count', count)])
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
  document.edit(q[what], [edit(`design.charging.${what}`, !charging.value[what])])
/** the boat with one, two, three chargers: what their hours are worked out on */
const boats = computed(() => counts.value.map(r => withEdits(document.shown, [edit('design.charging.count', r.count)])))
</script>

<template>
  <div class="bench" data-charging>
    <div class="bench__main">
      <BenchLead v-if="curve.toEnd" figure="chargeTime" :head="c.limits[curve.limit]">{{
        c.lead(
          text(charging.from, 'ratio'),
          curve.end > 0.995 ? c.full : text(curve.end, 'ratio'),
          c.where[charging.supply],
        )
      }}</BenchLead>
      <p v-else class="prose never" role="status">{{ never }}</p>
      <ChargeChart />
      <section class="block" :aria-label="c.counts" data-counts>
        <h2 class="section-head">
          {{ c.counts }}<span>{{ c.countsHint }}</span>
        </h2>
        <table class="table">
          <thead>
            <tr>
              <th />
              <th class="num">{{ c.toEighty }}</th>
              <th class="num">{{ c.toEnd }}</th>
              <th>{{ c.decides }}</th>
              <th class="num">{{ c.price }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in counts" :key="r.count" :class="{ current: r.fitted }">
              <td>{{ c.count(r.count) }}</td>
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
              <td class="num"><TryButton :fitted="r.fitted" :name="c.count(r.count)" @try="tryCount(r.count)" /></td>
            </tr>
          </tbody>
        </table>
      </section>
      <section class="block" :aria-label="c.chargers" data-chargers>
        <h2 class="section-head">
          {{ c.chargers }}<NuxtLink class="link" to="/library?kind=charger">{{ b.motor.all }}</NuxtLink>
        </h2>
        <table class="table">
          <tbody>
            <tr v-for="row in rows" :key="row.charger.id" :class="{ current: row.fitted }">
              <td><StateMark :state="row.state" :size="13" /></td>
              <td>
                {{ row.charger.name }}<small class="soft">{{ row.charger.listens ? c.listens : c.deaf }}</small>
              </td>
              <td class="num">{{ text(row.charger.power, 'electricPower') }}</td>
              <td class="num">{{ text(row.charger.price, 'price') }}</td>
              <td class="num">
                <TryButton :fitted="row.fitted" :name="row.charger.name" @try="tryCharger(row.charger)" />
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <p class="small caution">{{ c.caution }}</p>
    </div>
    <aside class="bench__side">
      <section :aria-label="c.numbers">
        <h2 class="section-head">{{ c.numbers }}</h2>
        <FigureRow id="chargePower" /><FigureRow id="shorePower" /><FigureRow
          v-if="curve.toEighty"
          id="chargeEighty"
        /><FigureRow v-if="curve.toEnd" id="chargeTime" /><FigureRow id="chargeBought" />
      </section>
      <section class="block" :aria-label="q.supply" data-sources>
        <ChoiceField
          :label="q.supply"
          :options="q.supplies"
          :model-value="charging.supply"
          @update:model-value="document.edit(q.supply, [edit('design.charging.supply', $event)])"
        />
        <div v-if="charging.supply === 'generator'" class="rows">
          <QuantityField path="design.charging.generatorPower" /><QuantityField
            path="design.charging.generatorShare"
          /><QuantityField path="design.charging.generatorFuel" /><FigureRow id="chargeFuel" />
        </div>
        <h2 class="section-head helps">
          {{ q.helps }}<NuxtLink class="link small" to="/solar" data-to-sun>{{ q.sunBench }}</NuxtLink>
        </h2>
        <label class="ink-check"
          ><input type="checkbox" :checked="charging.sun" data-help="sun" @change="toggle('sun')" />{{ q.sun }}</label
        >
        <template v-if="charging.sun">
          <label class="ink-check month"
            ><span>{{ q.month }}</span
            ><select
              class="ink-select"
              :value="charging.month"
              @change="
                document.edit(q.month, [
                  edit('design.charging.month', Number(($event.target as HTMLSelectElement).value)),
                ])
              "
            >
              <option v-for="(name, i) in s.months" :key="i" :value="i">{{ name }}</option>
            </select></label
          >
          <FigureRow v-if="document.shown.design.solar.fitted" id="chargeSun" />
          <p v-else class="small soft">{{ s.none }}</p>
        </template>
        <label v-if="sails || charging.sailing" class="ink-check"
          ><input type="checkbox" :checked="charging.sailing" data-help="sailing" @change="toggle('sailing')" />{{
            q.sailing
          }}</label
        >
        <FigureRow v-if="charging.sailing && answer.model.propulsor.kind !== 'jet'" id="chargeSailing" />
        <QuantityField path="use.houseLoad" />
      </section>
      <section class="block" :aria-label="c.berth">
        <h2 class="section-head">{{ c.berth }}</h2>
        <ChoiceField
          :label="c.inlet"
          :options="c.inlets"
          :model-value="charging.inlet"
          @update:model-value="document.edit(c.inlet, [edit('design.charging.inlet', $event)])"
        />
        <label v-if="charging.inlet === 'household'" class="ink-check month"
          ><span>{{ q.plug }}</span
          ><select
            class="ink-select"
            :value="plug"
            data-plug
            @change="choosePlug(($event.target as HTMLSelectElement).value)"
          >
            <option value="">{{ q.other }}</option>
            <option v-for="p in SHORE_PLUGS" :key="p.id" :value="p.id">{{ p.label }}</option>
          </select></label
        >
        <div class="rows">
          <QuantityField path="design.charging.shoreVoltage" /><QuantityField
            path="design.charging.shoreCurrent"
          /><QuantityField path="design.charging.continuous" /><QuantityField
            path="design.charging.from"
          /><QuantityField path="design.charging.coldest" />
        </div>
      </section>
      <section class="block" :aria-label="c.charger">
        <h2 class="section-head with-hold">{{ c.charger }} <HoldPin part="charger" /></h2>
        <p class="small soft">{{ charging.charger.name }}</p>
        <QuantityField path="design.charging.count" />
        <NuxtLink to="/settings-sheet" class="btn btn--best">{{ c.settings }}</NuxtLink>
      </section>
    </aside>
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
