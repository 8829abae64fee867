<script setup lang="ts">
import { computed } from 'vue'
import { mdiClose } from '@mdi/js'
import {
  cellsOf,
  bankGone,
  CHEMISTRIES,
  hasSails,
  LIMIT_LABELS,
  mixReport,
  OTHER_STRING,
  PROJECT_FIELDS,
  type StringGroup,
  edit,
} from '@remigo/core'
import { packWords } from '~/messages/pack'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'

/** Banks that drive alone, what is left when one goes, and strings of other blocks beside the pack's own. */
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const banks = computed(() => document.shown.design.banks)
const gone = computed(() => bankGone(document.shown))
const mix = computed(() => mixReport(document.shown.design.pack, banks.value))
const beside = computed(() => mix.value.groups.slice(1))
const cells = computed(() => cellsOf(library.library))
const keep = (what: string, others: StringGroup[]) => document.edit(what, [edit('design.banks.others', others)])
const change = (i: number, of: Partial<StringGroup>) =>
  keep(
    packWords.others,
    banks.value.others.map((g, j) => (j === i ? { ...g, ...of } : g)),
  )
function add() {
  const { pack } = document.shown.design
  keep(packWords.addString, [
    ...banks.value.others,
    { cell: pack.cell, series: pack.series, parallel: 1, health: 0.8, lowCut: null, highCut: null },
  ])
}
function swap(i: number, id: string) {
  const cell = cells.value.find(c => c.id === id)
  if (cell) change(i, { cell })
}
const options = (group: StringGroup) =>
  cells.value.some(c => c.id === group.cell.id) ? cells.value : [group.cell, ...cells.value]
/** sails are a way home where there are any */
const ways = computed(
  () =>
    Object.fromEntries(
      Object.entries(packWords.wayHome).filter(
        ([way]) => way !== 'sails' || hasSails(document.shown.boat) || document.shown.use.wayHome === 'sails',
      ),
    ) as Partial<typeof packWords.wayHome> as typeof packWords.wayHome,
)
</script>

<template>
  <section class="block" :aria-label="packWords.banks" data-banks>
    <h2 class="section-head">
      {{ packWords.banks }}<span>{{ packWords.banksHint }}</span>
    </h2>
    <div class="columns">
      <div class="rows">
        <QuantityField path="design.banks.count" />
        <ChoiceField
          v-if="document.shown.design.banks.count > 1"
          :label="PROJECT_FIELDS.design.fields.banks.fields.together.label"
          :options="packWords.together"
          :model-value="document.shown.design.banks.together"
          @update:model-value="
            document.edit(PROJECT_FIELDS.design.fields.banks.fields.together.label, [
              edit('design.banks.together', $event),
            ])
          "
        />
        <ChoiceField
          :label="packWords.ways"
          :options="ways"
          :columns="2"
          :model-value="document.shown.use.wayHome"
          @update:model-value="document.edit(packWords.ways, [edit('use.wayHome', $event)])"
        />
      </div>
      <div class="rows">
        <p v-if="!gone" class="prose">{{ packWords.oneBank }}</p>
        <template v-else
          ><h3 class="small soft">{{ packWords.gone }}</h3>
          <template v-if="gone.home"
            ><FigureRow id="goneSpeed" /><FigureRow id="goneRange" /><FigureRow id="gonePower" />
            <p v-if="gone.by" class="prose">{{ packWords.goneBy(LIMIT_LABELS[gone.by]) }}</p></template
          >
          <p v-else class="prose">
            <StateMark state="stop" :size="13" />
            {{ packWords.goneNot(gone.by ? LIMIT_LABELS[gone.by] : '') }}
          </p></template
        >
      </div>
    </div>
  </section>
  <section class="block" :aria-label="packWords.worn">
    <h2 class="section-head">{{ packWords.worn }}</h2>
    <div class="columns">
      <QuantityField path="design.banks.age" :estimate="packWords.unset" /><QuantityField
        path="design.banks.health"
      /><QuantityField
        path="design.banks.lowCut"
        :estimate="packWords.unset"
        :hint="`${document.shown.design.pack.cell.name}`"
      /><QuantityField path="design.banks.highCut" :estimate="packWords.unset" />
    </div>
  </section>
  <section class="block" :aria-label="packWords.others" data-others>
    <h2 class="section-head">
      {{ packWords.others }}<span>{{ packWords.othersHint }}</span>
    </h2>
    <div v-for="(g, i) in beside" :key="i" class="group">
      <div class="line">
        <PickField
          class="which"
          :label="packWords.block"
          :model-value="g.group.cell.id"
          :items="options(g.group).map(cell => ({ value: cell.id, title: cell.name }))"
          @update:model-value="swap(i, $event)"
        />
        <div>
          <span class="soft" aria-hidden="true">{{ packWords.series }}</span><UnitInput
            bare
            :label="`${g.group.cell.name}: ${packWords.series}`"
            :field="OTHER_STRING.fields.series"
            :value="g.group.series"
            @change="change(i, { series: $event! })"
          />
        </div>
        <div>
          <span class="soft" aria-hidden="true">{{ packWords.parallel }}</span><UnitInput
            bare
            :label="`${g.group.cell.name}: ${packWords.parallel}`"
            :field="OTHER_STRING.fields.parallel"
            :value="g.group.parallel"
            @change="change(i, { parallel: $event! })"
          />
        </div>
        <div>
          <span class="soft" aria-hidden="true">{{ packWords.left }}</span><UnitInput
            bare
            :label="`${g.group.cell.name}: ${packWords.left}`"
            :field="OTHER_STRING.fields.health"
            :value="g.group.health"
            @change="change(i, { health: $event! })"
          />
        </div>
        <div>
          <span class="soft" aria-hidden="true">{{ packWords.lowCut }}</span><UnitInput
            bare
            :label="`${g.group.cell.name}: ${packWords.lowCut}`"
            :field="OTHER_STRING.fields.lowCut"
            :value="g.group.lowCut"
            @change="change(i, { lowCut: $event })"
          />
        </div>
        <div>
          <span class="soft" aria-hidden="true">{{ packWords.highCut }}</span><UnitInput
            bare
            :label="`${g.group.cell.name}: ${packWords.highCut}`"
            :field="OTHER_STRING.fields.highCut"
            :value="g.group.highCut"
            @change="change(i, { highCut: $event })"
          />
        </div>
        <VBtn
          icon
          variant="plain"
          :aria-label="packWords.remove(g.group.cell.name)"
          @click="
            keep(
              packWords.remove(g.group.cell.name),
              banks.others.filter((_, j) => j !== i),
            )
          "
        >
          <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
            <path :d="mdiClose" fill="currentColor" />
          </svg>
        </VBtn>
      </div>
      <p class="prose">
        <StateMark :state="g.counted ? (g.reasons.length ? 'caution' : 'fits') : 'stop'" :size="13" />
        {{ CHEMISTRIES[g.group.cell.chemistry].label }}, {{ text(g.figures.nominalVoltage, 'voltage') }},
        {{ g.counted ? `${text(g.share, 'ratio')} of the amps` : packWords.notCounted }}.
        {{ g.reasons.length ? g.reasons.map(r => packWords.reasons[r]).join(' ') : `${packWords.alike}.` }}
        {{ g.joining ? packWords.joined(text(g.joining.current, 'current')) : '' }}
      </p>
    </div>
    <p v-if="beside.length" class="prose">
      {{
        mix.window.high > mix.window.low
          ? packWords.mixWindow(text(mix.window.low, 'voltage'), text(mix.window.high, 'voltage'))
          : packWords.mixNoWindow
      }}
    </p>
    <div v-if="beside.length" class="rows together"><FigureRow id="mixCurrent" /></div>
    <VBtn data-add-string @click="add">
      {{ packWords.addString }}
    </VBtn>
  </section>
  <OwnedBlocks />
</template>

<style scoped>
.columns {
  align-items: start;
}
.group {
  border-top: 0.75px solid var(--rule);
  padding: 8px 0;
}
.line {
  display: grid;
  grid-template-columns: minmax(150px, 2fr) repeat(5, minmax(64px, 1fr)) auto;
  gap: 4px 8px;
  align-items: end;
  margin-bottom: 4px;
}
.line .soft {
  display: block;
  font-size: 12px;
  line-height: 15px;
}
.line :deep(.unit-input) {
  min-height: 0;
}
.line :deep(.bare) {
  grid-template-columns: minmax(0, 1fr);
}
.together {
  max-width: 320px;
  margin: 4px 0 8px;
}
@media (max-width: 760px) {
  .line {
    grid-template-columns: repeat(3, 1fr);
  }
  .which {
    grid-column: 1 / -1;
  }
}
</style>
