<script setup lang="ts">
import { computed, ref } from 'vue'
import { mdiFlashOutline } from '@mdi/js'
import { cellsOf, ageingReport, chargeLevels, CHEMISTRIES, packOf, type CellSpec, edit, isOwn } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { benchWords } from '~/messages/benches'
import { packWords } from '~/messages/pack'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { fewOf } from '~/design/figures/fewOf'
import { useQuantities } from '~/composables/useQuantities'
import { useRangeEnd } from '~/composables/useRangeEnd'

/**
 * Voltage and pack: windows on one scale, amps against what the cells allow, the blocks, and other cells to try; where
 * it stands, how it is kept, what cold and years do to it.
 */
const answer = useAnswerStore()
const { end } = useRangeEnd()
const document = useDocumentStore()
const library = useLibraryStore()
const { fill, text } = useQuantities()
const route = useRoute()
const view = ref<keyof typeof packWords.views>(
  String(route.query.view) in packWords.views ? (String(route.query.view) as keyof typeof packWords.views) : 'volts',
)
const pack = computed(() => document.shown.design.pack)
const figures = computed(() => answer.model.pack)
const use = computed(() => document.shown.use)
/** the same reserve said both ways */
const reserveOnGauge = computed(() => boardWords.use.onGauge(text(chargeLevels(document.shown).reserve, 'ratio')))
const wear = computed(() => ageingReport(document.shown))
const rows = computed(() =>
  fewOf(
    cellsOf(library.library).map(cell => {
      const made = packOf(document.shown, cell),
        fitted = cell.id === pack.value.cell.id
      // of the fitted cells the pack that there is, not one that might be
      const built = fitted ? pack.value : made.outcome === 'pack' ? made.pack : null
      return {
        cell,
        fitted,
        built,
        made,
        own: isOwn(cell),
        price: cell.price,
        // what is fitted has the mark that its findings give it
        state: fitted ? answer.stateOf('pack') : built ? ('fits' as const) : ('stop' as const),
      }
    }),
  ),
)
function change(key: 'series' | 'parallel', by: number) {
  const value = pack.value[key] + by
  if (value >= 1) document.edit(key === 'series' ? 'In series' : 'In parallel', [edit(`design.pack.${key}`, value)])
}
function tryCell(cell: CellSpec) {
  const made = packOf(document.shown, cell)
  const edits = made.outcome === 'pack' ? [edit('design.pack', made.pack)] : made.edits
  if (edits) document.startTrial(cell.id, cell.name, edits)
}
</script>

<template>
  <div class="bench">
    <div class="bench__main">
      <ChartViews v-model="view" :label="packWords.view" :views="packWords.views" class="pack-views" />
      <PackRoom v-if="view === 'room'" />
      <PackStrings v-else-if="view === 'strings'" />
      <PackPowerChart v-else-if="view === 'power'" />
      <PackWear v-else-if="view === 'wear'" />
      <template v-else>
        <BenchLead figure="packEnergy">
          <template #head
            ><FigureSentence
              :words="benchWords.pack.lead"
              :figures="['packAvailable', 'packMass', { text: text(figures.price, 'price') }]"
          /></template>
          <FigureSentence
            :words="benchWords.pack.lasts"
            :figures="['timeLeft', 'distanceLeft', 'leverSpeed', { text: end }]"
          />
        </BenchLead>
        <VoltageBars />
        <PackBlocks />
        <VoltageChoices />
        <section class="block" :aria-label="benchWords.pack.cells">
          <h2 class="section-head">
            {{ benchWords.pack.cells
            }}<NuxtLink class="link" to="/library?kind=cell">{{ benchWords.motor.all }}</NuxtLink>
          </h2>
          <VTable data-cells>
            <tbody>
              <tr v-for="row in rows" :key="row.cell.id" :class="{ current: row.fitted }">
                <td>
                  {{ row.cell.name
                  }}<small class="soft">{{
                    row.made.outcome === 'none' && !row.fitted
                      ? fill(row.made.reason)
                      : CHEMISTRIES[row.cell.chemistry].label
                  }}</small>
                </td>
                <td class="num">{{ row.built ? `${row.built.series} × ${row.built.parallel}` : '–' }}</td>
                <td class="num">
                  <TryButton
                    :fitted="row.fitted"
                    :name="row.cell.name"
                    :disabled="!row.built && !(row.made.outcome === 'none' && row.made.edits)"
                    @try="tryCell(row.cell)"
                  />
                </td>
              </tr>
            </tbody>
          </VTable>
        </section>
      </template>
    </div>
    <div class="bench__side">
      <section :aria-label="benchWords.pack.build">
        <h2 class="section-head with-hold">{{ benchWords.pack.build }} <HoldPin part="pack" /></h2>
        <p class="small soft">{{ pack.cell.name }}</p>
        <div class="stepped">
          <QuantityField path="design.pack.series" /><VBtn
            icon
            variant="plain"
            class="step"
            :aria-label="`${benchWords.pack.fewer}: series`"
            @click="change('series', -1)"
          >
            −</VBtn
          ><VBtn
            icon
            variant="plain"
            class="step"
            :aria-label="`${benchWords.pack.more}: series`"
            @click="change('series', 1)"
          >
            +
          </VBtn>
        </div>
        <div class="stepped">
          <QuantityField path="design.pack.parallel" /><VBtn
            icon
            variant="plain"
            class="step"
            :aria-label="`${benchWords.pack.fewer}: parallel`"
            @click="change('parallel', -1)"
          >
            −</VBtn
          ><VBtn
            icon
            variant="plain"
            class="step"
            :aria-label="`${benchWords.pack.more}: parallel`"
            @click="change('parallel', 1)"
          >
            +
          </VBtn>
        </div>
        <QuantityField path="design.pack.chargeVoltage" /><QuantityField
          path="design.pack.cell.capacityAh"
        /><QuantityField path="use.reserve" :hint="reserveOnGauge" />
        <h2 class="section-head with-hold voltage">{{ benchWords.pack.systemVoltage }} <HoldPin part="voltage" /></h2>
        <QuantityField path="design.systemVoltage" />
      </section>
      <section class="block" :aria-label="benchWords.pack.amps">
        <h2 class="section-head">
          {{ benchWords.pack.amps }}<span>{{ benchWords.pack.allowed }} {{ text(figures.current, 'current') }}</span>
        </h2>
        <PackAmps :label="benchWords.pack.atLever" />
        <PackAmps :label="`${benchWords.pack.atCruise} ${text(use.cruiseSpeed, 'speed')}`" :speed="use.cruiseSpeed" />
        <PackAmps :label="`${benchWords.pack.atTop} ${text(use.topSpeed, 'speed')}`" :speed="use.topSpeed" />
      </section>
      <CurrentChain />
      <section class="block">
        <FigureRow id="packNominal" /><FigureRow id="packFull" /><FigureRow id="packVoltage" /><FigureRow
          id="packCurrent"
        /><FigureRow id="packMass" /><FigureRow id="packPricePerEnergy" /><FigureRow
          v-if="wear.pricePerEnergy !== null"
          id="packUsePrice"
        />
      </section>
      <p class="warning">
        <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiFlashOutline" fill="currentColor" /></svg
        >{{ benchWords.pack.caution }}
      </p>
    </div>
  </div>
</template>

<style scoped>
.pack-views {
  margin: -8px 0 10px;
}
.voltage {
  margin-top: 12px;
}
.stepped {
  display: grid;
  grid-template-columns: 1fr 30px 30px;
  gap: 4px;
  align-items: center;
}
.stepped :deep(.field) {
  grid-template-columns: 1fr 56px;
}
.step {
  min-width: 30px;
  font: 600 18px var(--figures);
  border: 0.75px solid var(--rule);
  background: var(--desk);
  color: var(--text);
}
.warning {
  display: flex;
  gap: 8px;
  margin-top: 18px;
  font-size: 13px;
  line-height: 17px;
}
.warning svg {
  flex: none;
}
small {
  font-size: 12px;
  display: block;
}
@media (pointer: coarse) {
  .stepped {
    grid-template-columns: 1fr 48px 48px;
  }
  .step {
    min-width: 46px;
  }
}
</style>
