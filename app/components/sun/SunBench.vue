<script setup lang="ts">
import { computed } from 'vue'
import { boatSolarMonth, hasSpars, solarReport, type ChargeControllerSpec, edit } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'

/**
 * What the sun does for the boat: energy by month, the pace that it carries, panels, their volts, and where she lies.
 */
const WorldMap = defineAsyncComponent(() => import('~/components/sun/WorldMap.vue'))
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const solar = computed(() => document.shown.design.solar)
const place = computed(() => document.shown.use.place)
const month = computed(() => document.shown.design.charging.month)
const report = computed(() => solarReport(document.shown))
const panels = computed(() => library.library.panels)
const controllers = computed(() => library.library.chargeControllers)
const listed = <P extends { id: string }>(all: readonly P[], now: P | null) =>
  now && !all.some(p => p.id === now.id) ? [now, ...all] : all
const count = computed(() => solar.value.series * solar.value.parallel)
const spot = computed(() =>
  sunWords.mark(text(place.value.latitude, 'coordinate'), text(place.value.longitude, 'coordinate')),
)
const choosePanel = (id: string) =>
  document.edit(sunWords.panel, [edit('design.solar.panel', panels.value.find(p => p.id === id) ?? solar.value.panel)])
const chooseController = (id: string) =>
  document.edit(sunWords.controller, [
    edit('design.solar.controller', controllers.value.find(p => p.id === id) ?? null),
  ])
const kind = (c: ChargeControllerSpec) => (c.boosts ? sunWords.lifts : c.tracking ? sunWords.tracks : sunWords.plain)
const daylit = computed(() => boatSolarMonth(document.shown, month.value))
</script>

<template>
  <div class="bench" data-sun>
    <div class="bench__main">
      <BenchLead v-if="solar.fitted" figure="sunDay" :head="sunWords.lead(sunWords.months[month]!)">
        <FigureSentence :words="sunWords.carries" :figures="['sunDayPace']" />
      </BenchLead>
      <p v-else class="prose none">
        <strong>{{ sunWords.none }}</strong> {{ sunWords.noneWords }}
      </p>
      <SunChart />
      <YearPlan />
      <p v-if="solar.fitted && !solar.controller?.tracking" class="prose">
        {{ sunWords.directNote(text(report.lostWithoutTracking, 'ratio')) }}
      </p>
      <p v-if="solar.fitted && report.months[month]!.refillDays === null" class="prose">{{ sunWords.helpless }}</p>
      <StringWindow />
      <OtherArrays v-if="solar.fitted" />
      <SparShade v-if="solar.fitted" />
      <SunDirect v-if="solar.fitted" />
      <section class="block" :aria-label="sunWords.place">
        <h2 class="section-head">
          {{ sunWords.place }}<span>{{ sunWords.placeHint }}</span>
        </h2>
        <WorldMap
          :latitude="place.latitude"
          :longitude="place.longitude"
          :words="spot"
          @place="document.edit(sunWords.place, [edit('use.place', $event)])"
        />
        <div class="columns">
          <QuantityField path="use.place.latitude" /><QuantityField path="use.place.longitude" />
        </div>
      </section>
      <SunTable />
      <p class="small caution">{{ sunWords.caution }}</p>
    </div>
    <div class="bench__side">
      <section :aria-label="sunWords.panels">
        <h2 class="section-head">
          {{ sunWords.panels }}<NuxtLink class="link small" to="/library?kind=panel">{{ sunWords.all }}</NuxtLink>
        </h2>
        <div class="fit">
          <VBtn
            :variant="!solar.fitted ? 'flat' : 'outlined'"
            data-fit-panels
            @click="
              document.edit(solar.fitted ? sunWords.leave : sunWords.fit, [edit('design.solar.fitted', !solar.fitted)])
            "
          >
            {{ solar.fitted ? sunWords.leave : sunWords.fit }}
          </VBtn>
          <HoldPin v-if="solar.fitted" part="panels" />
        </div>
        <PickField
          class="pick"
          :label="sunWords.panel"
          :model-value="solar.panel.id"
          :items="
            listed(panels, solar.panel).map(p => ({
              value: p.id,
              title: `${p.name}, ${text(p.power, 'electricPower')}`,
            }))
          "
          data-panel
          @update:model-value="choosePanel($event)"
        />
        <QuantityField path="design.solar.series" /><QuantityField path="design.solar.parallel" />
        <p class="small soft">
          {{
            sunWords.area(
              text(count * solar.panel.length * solar.panel.width, 'area'),
              text(count * solar.panel.mass, 'partMass'),
            )
          }}
        </p>
        <QuantityField path="design.solar.tilt" />
        <ChoiceField
          :label="sunWords.lies"
          :options="sunWords.lieWays"
          :model-value="solar.swings ? 'swings' : 'fixed'"
          @update:model-value="document.edit(sunWords.lies, [edit('design.solar.swings', $event === 'swings')])"
        />
        <QuantityField v-if="!solar.swings" path="design.solar.heading" />
        <QuantityField path="design.solar.shading" /><QuantityField path="design.solar.coldest" />
        <PickField
          class="pick"
          :label="sunWords.controller"
          :model-value="solar.controller?.id ?? ''"
          :items="[
            { value: '', title: sunWords.direct },
            ...listed(controllers, solar.controller).map(k => ({ value: k.id, title: k.name })),
          ]"
          data-regulator
          @update:model-value="chooseController($event)"
        />
        <p v-if="solar.controller" class="small soft">{{ kind(solar.controller) }}</p>
      </section>
      <section class="block" :aria-label="sunWords.months[month]">
        <h2 class="section-head">{{ sunWords.ofMonth }} {{ sunWords.months[month] }}</h2>
        <FigureRow id="sunDaylight" />
        <template v-if="solar.fitted"
          ><FigureRow id="sunDay" /><FigureRow id="sunNoon" /><FigureRow id="sunDayPace" /><FigureRow
            id="sunNoonPace" /><FigureRow id="sunYear" /><FigureRow
            v-if="!solar.controller?.tracking"
            id="sunDirectLoss" /><FigureRow v-if="hasSpars(document.shown)" id="sunShade"
        /></template>
        <p v-if="solar.fitted && daylit.perDay > 0 && report.months[month]!.refillDays !== null" class="small soft">
          {{ sunWords.refill }}: {{ report.months[month]!.refillDays!.toFixed(1) }}
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.fit {
  display: flex;
  gap: 8px;
  margin: 6px 0;
}
.fit > :first-child {
  flex: 1;
  justify-content: center;
  padding-inline: 6px;
}
.pick {
  display: block;
  padding: 5px 0;
  font-size: 13.5px;
}
.pick span {
  display: block;
  line-height: 18px;
  margin-bottom: 2px;
}
.none {
  margin-bottom: 10px;
}
.caution {
  margin-top: 14px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
}
.section-head {
  display: flex;
  justify-content: space-between;
  gap: 8px;
}
</style>
