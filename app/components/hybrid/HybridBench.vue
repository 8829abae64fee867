<script setup lang="ts">
import { computed, ref } from 'vue'
import {
  edit,
  fuelMap,
  holdingGenerators,
  SERVICE_HOURS,
  YEAR,
  waysOf,
  wayWorked,
  wishOf,
  type Project,
  type Way,
  type WayId,
  NAUTICAL_MILE,
} from '@remigo/core'
import { hybridWords as words } from '~/messages/hybrid'
import { useQuantities } from '~/composables/useQuantities'
import { useCompact } from '~/composables/useCompact'
import { useDocumentStore } from '~/stores/document'

/** When a pack alone does not carry the use: the ways that do, side by side, and the generator for each speed. */
const document = useDocumentStore()
const { text, fill } = useQuantities()
const compact = useCompact()
const wish = computed(() => wishOf(document.shown))
const ways = computed(() => waysOf(document.shown))
const chosen = ref<WayId>('electric')
const way = computed(() => ways.value.find(w => w.id === chosen.value)!)
const worked = computed(() => wayWorked(document.shown, way.value))
const costs = computed(() => document.shown.use.costs)
/** of a kind that makes her electric at all */
const best = computed(() =>
  ways.value
    .filter(w => !w.not && w.id !== 'asItIs')
    .reduce<Way | null>((a, b) => (!a || b.overYears.value < a.overYears.value ? b : a), null),
)
const share = computed(() => Math.round(100 * Math.min(9.99, wish.value.available / Math.max(1, wish.value.needed))))
const band = (of: { low: number; high: number }, show: (n: number) => string) =>
  words.range(show(of.low), show(of.high))
const money = (n: number) => text(n, 'price')
const volume = (n: number) => text(n, 'fuelVolume')
const weight = (n: number) => text(n, 'partMass')
/** years are kept as such */
const years = computed(() => text(costs.value.years * YEAR, 'years').replace(/\.0\b/, ''))
const setFuel = (fuel: string) =>
  document.edit(words.fuel, [edit('use.costs.fuel', fuel as Project['use']['costs']['fuel'])])
const speeds = computed(() => {
  const { cruiseSpeed, topSpeed } = document.shown.use
  return [...new Set([0.6 * cruiseSpeed, 0.8 * cruiseSpeed, cruiseSpeed, topSpeed])].sort((a, b) => a - b)
})
const holding = computed(() => holdingGenerators(document.shown, speeds.value))
const map = computed(() => fuelMap(costs.value.fuel))
</script>

<template>
  <div class="bench" data-hybrid>
    <div class="bench__main">
      <div class="lead">
        <p class="figure" data-hybrid-share>{{ share }}<span>%</span></p>
        <p class="prose">
          <strong>{{ wish.short > 0 ? words.short(text(wish.short, 'energy')) : words.serves }}</strong>
          {{ words.servesMore(text(wish.needed, 'energy'), text(wish.available, 'energy')) }}
          <template v-if="best">{{
            words.best(words.names[best.id].toLowerCase(), money(best.overYears.value), years)
          }}</template>
        </p>
      </div>
      <section class="block" :aria-label="words.ways">
        <h2 class="section-head">
          {{ words.ways }}<span>{{ words.waysHint }}</span>
        </h2>
        <div class="wide">
          <VTable class="ways">
            <thead>
              <tr>
                <th>{{ words.columns.way }}</th>
                <th class="num">{{ words.columns.fuel }}</th>
                <th v-if="!compact" class="num">{{ words.columns.shore }}</th>
                <th v-if="!compact" class="num">{{ words.columns.silent }}</th>
                <th v-if="!compact" class="num">{{ words.columns.mass }}</th>
                <th v-if="!compact" class="num">{{ words.columns.price }}</th>
                <th class="num">{{ words.columns.years(years) }}</th>
                <th v-if="!compact" class="num">{{ words.columns.co2 }}</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="w in ways"
                :key="w.id"
                :class="{ current: w.id === chosen }"
                :data-way="w.id"
                @click="chosen = w.id"
              >
                <th scope="row">
                  <VBtn variant="plain" class="name" :aria-pressed="w.id === chosen" @click.stop="chosen = w.id">
                    <StateMark :state="w.not ? 'stop' : 'fits'" :size="14" />
                    <span
                      >{{ words.names[w.id] }}<small v-if="w.not">{{ fill(w.not) }}</small></span
                    >
                  </VBtn>
                </th>
                <template v-if="w.not">
                  <td :colspan="compact ? 2 : 7" />
                </template>
                <template v-else>
                  <td class="num">{{ volume(w.fuel.value) }}</td>
                  <td v-if="!compact" class="num">{{ text(w.shore, 'energy') }}</td>
                  <td v-if="!compact" class="num">{{ text(w.silent, 'duration') }}</td>
                  <td v-if="!compact" class="num">{{ weight(w.mass.value) }}</td>
                  <td v-if="!compact" class="num">{{ money(w.price.value) }}</td>
                  <td class="num" :class="{ best: w === best }">{{ money(w.overYears.value) }}</td>
                  <td v-if="!compact" class="num">{{ weight(w.co2.value) }}</td>
                </template>
              </tr>
            </tbody>
          </VTable>
        </div>
      </section>
      <section class="block detail" :aria-label="words.names[chosen]" data-way-detail>
        <h2 class="section-head">{{ words.names[chosen] }}</h2>
        <p class="prose">{{ words.means[chosen] }}</p>
        <dl>
          <dt>{{ words.detail.efficiency }}</dt>
          <dd>{{ text(way.efficiency, 'ratio') }}</dd>
          <dt>{{ words.detail.noise }}</dt>
          <dd>{{ way.noise }}</dd>
          <dt>{{ words.detail.fails }}</dt>
          <dd>{{ fill(way.fails) }}</dd>
          <template v-if="way.room > 0"
            ><dt>{{ words.detail.room }}</dt>
            <dd>{{ text(way.room, 'volume') }}</dd></template
          >
          <dt>{{ words.columns.price }}, {{ words.detail.range }}</dt>
          <dd>{{ band(way.price, money) }}</dd>
          <dt>{{ words.columns.years(years) }}</dt>
          <dd><WorkedValue :worked="worked.overYears" ranged data-worked="overYears" /></dd>
          <dt>{{ words.columns.co2 }}</dt>
          <dd><WorkedValue :worked="worked.co2" ranged /></dd>
          <dt>{{ words.columns.silent }}</dt>
          <dd><WorkedValue :worked="worked.silent" />, {{ words.ofAll(text(way.all, 'duration')) }}</dd>
        </dl>
        <p class="small soft">{{ words.how }}</p>
      </section>
      <p class="caution">{{ words.caution }}</p>
    </div>
    <div class="bench__side">
      <section :aria-label="words.costs">
        <h2 class="section-head">{{ words.costs }}</h2>
        <ChoiceField
          :label="words.fuel"
          :options="words.fuels"
          :model-value="costs.fuel"
          @update:model-value="setFuel"
        />
        <div class="rows">
          <QuantityField path="use.costs.fuelPrice" /><QuantityField path="use.costs.shorePrice" /><QuantityField
            path="use.costs.years"
          /><QuantityField path="use.outings" />
        </div>
      </section>
      <section class="block" :aria-label="words.generator" data-holding>
        <h2 class="section-head">{{ words.generator }}</h2>
        <p class="small soft">{{ words.generatorHint }}</p>
        <VTable>
          <thead>
            <tr>
              <th>{{ words.speed }}</th>
              <th class="num">{{ words.plate }}</th>
              <th class="num">{{ words.mile }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="g in holding" :key="g.speed">
              <td>{{ text(g.speed, 'speed') }}</td>
              <td class="num">{{ text(g.rated, 'electricPower') }}</td>
              <td class="num">{{ volume(g.fuelPerMetre * NAUTICAL_MILE) }}</td>
            </tr>
          </tbody>
        </VTable>
      </section>
      <section class="block" :aria-label="words.map">
        <h2 class="section-head">{{ words.map }}</h2>
        <p class="small soft">{{ words.mapHint }}</p>
        <VTable>
          <thead>
            <tr>
              <th>{{ words.load }}</th>
              <th class="num">{{ words.perKwh }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="m in map" :key="m.load" :class="{ current: m.load === 0.75 }">
              <td>{{ text(m.load, 'ratio') }}</td>
              <td class="num">{{ volume(m.fuel * 3.6e6) }}</td>
            </tr>
          </tbody>
        </VTable>
        <p class="small soft">{{ words.service(text(SERVICE_HOURS * 3600, 'runningTime')) }}</p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.lead {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 24px;
  align-items: end;
  margin-bottom: 12px;
}
.figure {
  font: 600 58px/58px var(--figures);
  border-bottom: 2px dotted var(--text);
  padding-bottom: 6px;
  min-width: 116px;
}
.figure span {
  font-size: 30px;
  margin-left: 6px;
  font-weight: 500;
}
.lead strong {
  display: block;
  font-size: 17px;
}
.wide {
  overflow-x: auto;
}
.ways tr {
  cursor: pointer;
}
.ways th[scope='row'] {
  text-align: left;
  font-weight: 400;
  white-space: normal;
}
.ways th[scope='row'] small {
  overflow-wrap: anywhere;
}
.name {
  display: flex;
  gap: 8px;
  align-items: center;
  text-align: left;
  min-height: max(36px, var(--touch));
}
.name small {
  display: block;
  font-size: 12px;
  color: var(--soft);
}
.best {
  font-weight: 600;
  box-shadow: inset 3px 0 0 var(--fits);
}
dl {
  display: grid;
  grid-template-columns: minmax(150px, auto) minmax(0, 1fr);
  gap: 0 16px;
  margin: 8px 0;
  font-size: 13.5px;
}
@media (max-width: 359px) {
  dl {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
dt,
dd {
  padding: 6px 0;
  border-top: 0.75px solid var(--rule);
}
dt {
  color: var(--soft);
}
.caution {
  margin-top: 12px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
  font-size: 13.5px;
}
</style>
