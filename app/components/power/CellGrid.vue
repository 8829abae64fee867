<script setup lang="ts">
import { computed } from 'vue'
import { CELL_LIMITS, cellResistances, cellSpread, edit, lastCells } from '@remigo/core'
import { powerWords as words } from '~/messages/firstPower'
import { useQuantities } from '~/composables/useQuantities'
import { useDocumentStore } from '~/stores/document'
import { momentText } from '~/design/times'

/** The last row of cell volts as a grid, its spread, and which cells stand out. */
const props = defineProps<{ kind: 'rest' | 'load' }>()
const document = useDocumentStore()
const { text } = useQuantities()
const row = computed(() => lastCells(document.shown.yard.cells, props.kind))
const spread = computed(() => row.value && cellSpread(row.value.volts))
const limits = computed(() => CELL_LIMITS[props.kind])
const state = computed(() => {
  const s = spread.value?.spread ?? 0
  return s > limits.value.most + 1e-9 ? 'stop' : s > limits.value.fine + 1e-9 ? 'caution' : 'fits'
})
const remove = () =>
  document.edit(words.cellsRemove, [
    edit(
      'yard.cells',
      document.shown.yard.cells.filter(of => of !== row.value),
    ),
  ])
const millivolts = (v: number) => `${Math.round(1000 * v)} mV`
const weak = computed(() => (props.kind === 'load' ? cellResistances(document.shown.yard.cells) : null))
const weakSaid = computed(() => {
  const of = weak.value?.filter(c => c.weak) ?? []
  return of.length > 0 ? words.weak(of.map(c => c.cell).join(', ')) : words.alike
})
</script>

<template>
  <section v-if="row && spread" class="cells" :data-cells="kind">
    <h2 class="section-head">
      {{ words.cells[kind] }}<span class="small soft">{{ momentText(row.at) }}</span>
    </h2>
    <ol class="grid">
      <li
        v-for="(v, i) in row.volts"
        :key="i"
        :class="{ end: i + 1 === spread.least.cell || i + 1 === spread.most.cell }"
      >
        <small
          >{{ i + 1 }}<b v-if="i + 1 === spread.least.cell"> {{ words.least }}</b
          ><b v-else-if="i + 1 === spread.most.cell"> {{ words.most }}</b></small
        >{{ v.toFixed(3) }}
      </li>
    </ol>
    <p class="line">
      <StateMark :state="state" :size="15" /><span>{{ words.spread(millivolts(limits.most)) }}</span
      ><b>{{ millivolts(spread.spread) }}</b>
    </p>
    <p class="line">
      <span /><span>{{ words.sum }}</span
      ><b>{{ text(spread.sum, 'voltage') }}</b>
    </p>
    <p v-if="weak" class="small">{{ weakSaid }}</p>
    <VBtn variant="text" class="small no-print" data-cells-remove @click="remove">{{ words.cellsRemove }}</VBtn>
  </section>
</template>

<style scoped>
.cells {
  margin-bottom: 14px;
}
.section-head {
  display: flex;
  justify-content: space-between;
}
.grid {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  border: 1px solid var(--ink);
  border-width: 1px 0 0 1px;
  margin: 6px 0;
  list-style: none;
}
.grid li {
  border: 1px solid var(--ink);
  border-width: 0 1px 1px 0;
  padding: 2px 4px;
  font: 600 14px/18px var(--figures);
  background: var(--sheet);
  text-align: right;
}
.grid b {
  margin-left: 4px;
}
.grid small {
  display: block;
  font: 400 11px/13px var(--labels);
  text-align: left;
}
.grid .end {
  background: var(--band);
}
.line {
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr) auto;
  gap: 6px;
  align-items: center;
  min-height: 30px;
  font-size: 13px;
  border-bottom: 0.75px solid var(--rule);
}
.line b {
  font-family: var(--figures);
}
</style>
