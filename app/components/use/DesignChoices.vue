<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { chosenUnit, currencyOf, toUnit, UNITS } from '@remigo/core'
import type { DesignMerits, FoundDesign, Relaxation } from '@remigo/core'
import { designWords } from '~/messages/designs'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'
import { useBoatRun } from '~/composables/useBoatRun'
import type { ChartCurve } from '~/components/chart/chartTypes'
import { useQuantities } from '~/composables/useQuantities'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** Up to five whole designs for what is not held, each best at something, tried at a touch; or which wish to relax. */
const document = useDocumentStore()
const { end } = useRangeEnd()
const library = useLibraryStore()
const view = useViewStore()
const { fill, text } = useQuantities()
/** the boat as it is kept is searched, not one on trial */
const run = useBoatRun(
  'designs',
  () => document.project,
  project => ({ project, own: toRaw(library.own) }),
)
const { result: search, progress: share, running, start, cancel } = run
const unit = computed(() => chosenUnit('distance', view.choice))
const miles = (metres: number) => toUnit(metres, unit.value)
/** every design that no other beats, price against range, with those offered among them */
const points = computed<ChartCurve[]>(() => {
  const found = search.value
  if (!found) return []
  const of = (
    name: string,
    designs: readonly DesignMerits[],
    names: string[],
    colour: 'soft' | 'fits',
  ): ChartCurve => ({
    name,
    x: designs.map(m => m.cost),
    y: designs.map(m => miles(m.range)),
    names,
    points: true,
    colour,
  })
  const tell = (m: DesignMerits) =>
    `${text(m.cost, 'price')}, ${text(m.range, 'distance')}, ${text(m.mass, 'partMass')}, ` +
    `${text(m.cruisePower, 'electricPower')}`
  return [
    of(designWords.unbeaten, found.front, found.front.map(tell), 'soft'),
    of(
      designWords.offered,
      found.designs,
      found.designs.map(x => `${virtues(x)}: ${tell(x)}`),
      'fits',
    ),
  ]
})
const axes = computed(() => {
  const costs = search.value?.front.map(m => m.cost) ?? [1],
    ranges = search.value?.front.map(m => miles(m.range)) ?? [1]
  return {
    x: {
      title: designWords.axisCost,
      unit: currencyOf(view.choice).sign,
      from: 0.9 * Math.min(...costs),
      to: 1.05 * Math.max(...costs),
    },
    y: { title: designWords.axisRange, unit: UNITS[unit.value].symbol, from: 0, to: 1.1 * Math.max(...ranges) },
  }
})
const virtues = (design: FoundDesign) => design.virtues.map(v => designWords.virtues[v]).join(', ')
const drive = ({ project: { design } }: FoundDesign) => `${design.motor.name}, ${design.controller.name}`
const pack = ({ project: { design } }: FoundDesign) =>
  designWords.pack(design.pack.series, design.pack.parallel, design.pack.cell.name)
const tryDesign = (design: FoundDesign) =>
  document.startTrial(
    `design/${design.virtues[0]}`,
    virtues(design),
    design.edits,
    design.reasons.map(r => fill(r.text)),
  )
const relax = (r: Relaxation) => document.edit(fill(r.text), r.edits)
</script>

<template>
  <section id="designs" class="designs no-print" :aria-label="designWords.head" data-designs>
    <h3>
      {{ designWords.head }}<span class="soft">{{ designWords.hint }}</span>
    </h3>
    <div class="go">
      <VBtn v-if="!running" variant="flat" data-search @click="start">
        {{ search ? designWords.again : designWords.go }}
      </VBtn>
      <template v-else
        ><VBtn @click="cancel">{{ designWords.cancel }}</VBtn
        ><VProgressLinear :model-value="100 * share" :aria-label="designWords.head"
      /></template>
    </div>
    <RunState :run="run" />
    <template v-if="search">
      <div v-if="search.designs.length" class="scroll">
        <VTable class="stacked">
          <thead>
            <tr>
              <th />
              <th class="num">{{ designWords.cost }}</th>
              <th class="num">{{ designWords.mass }}</th>
              <th class="num">{{ designWords.range(end) }}</th>
              <th class="num">{{ designWords.power }}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            <tr v-for="design in search.designs" :key="virtues(design)">
              <td>
                <b>{{ virtues(design) }}</b><span class="parts soft">{{ drive(design) }}</span
                ><span class="parts soft">{{ pack(design) }}</span
                ><span class="parts" data-differs>{{ fill(design.differs) }}</span
                ><span class="parts soft" data-forbids>{{ design.forbids.map(fill).join(' ') }}</span>
              </td>
              <td class="num"><FigureValue id="designPrice" :of="design.project" /></td>
              <td class="num"><FigureValue id="designMass" :of="design.project" /></td>
              <td class="num"><FigureValue id="cruiseRange" :of="design.project" /></td>
              <td class="num"><FigureValue id="cruisePower" :of="design.project" /></td>
              <td class="num"><TryButton :fitted="false" :name="virtues(design)" @try="tryDesign(design)" /></td>
            </tr>
          </tbody>
        </VTable>
        <p class="small soft">{{ designWords.tried(String(search.tried)) }}</p>
        <PlotChart :label="designWords.chart" :curves="points" :height="240" :x="axes.x" :y="axes.y" data-front />
      </div>
      <div v-else class="relax" role="status">
        <p class="prose">{{ designWords.none }} {{ search.relax.length ? designWords.relax : designWords.noRelax }}</p>
        <VBtn v-for="r in search.relax" :key="fill(r.text)" @click="relax(r)">
          {{ fill(r.text) }}
        </VBtn>
      </div>
    </template>
  </section>
</template>

<style scoped>
h3 {
  font: 600 17px/22px var(--figures);
  border-bottom: 1px solid var(--ink);
  margin-top: 22px;
  padding-bottom: 4px;
}
h3 span {
  font: 400 13px/16px var(--labels);
  margin-left: 10px;
}
.go {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
.parts {
  display: block;
  font-size: 12.5px;
  line-height: 16px;
}
td b::first-letter {
  text-transform: uppercase;
}
.relax {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.relax p {
  flex-basis: 100%;
}
th {
  white-space: normal;
  max-width: 84px;
}
.scroll {
  overflow-x: auto;
}
</style>
