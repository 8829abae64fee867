<script setup lang="ts">
import { computed } from 'vue'
import { partsList, partsListCsv } from '@remigo/core'
import { wiringWords } from '~/messages/wiring'
import { useDocumentStore } from '~/stores/document'
import { useLibraryStore } from '~/stores/library'
import { useQuantities } from '~/composables/useQuantities'
import { download, fileOf } from '~/files/download'

/** What to buy, by device; a row chosen marks its device in the diagram, and the other way round. */
const document = useDocumentStore()
const library = useLibraryStore()
const { text } = useQuantities()
const chosen = defineModel<string | null>({ required: true })
const lines = computed(() => partsList(document.shown, library.library))
const count = (n: number, unit: 'piece' | 'm') => (unit === 'm' ? text(n, 'length') : String(n))
const sum = computed(() =>
  wiringWords.sum(
    text(
      lines.value.reduce((s, l) => s + (l.price ?? 0), 0),
      'price',
    ),
    lines.value.filter(l => l.price === null).length,
  ),
)
const save = () =>
  download(fileOf(document.shown, 'parts.csv'), partsListCsv(document.shown, library.library), 'text/csv')
</script>

<template>
  <section class="block" :aria-label="wiringWords.parts" data-parts-list>
    <h2 class="section-head">{{ wiringWords.parts }}</h2>
    <VTable>
      <thead>
        <tr>
          <th>{{ wiringWords.item }}</th>
          <th class="num">{{ wiringWords.quantity }}</th>
          <th class="num">{{ wiringWords.price }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="(l, i) in lines" :key="i">
          <tr v-if="l.group !== lines[i - 1]?.group" class="group">
            <th colspan="3" scope="rowgroup">{{ l.group }}</th>
          </tr>
          <tr :class="{ current: chosen !== null && [l.device, ...l.also].includes(chosen) }">
            <td>
              <VBtn variant="plain" class="item" :data-part-of="l.device" @click="chosen = l.device">
                {{ l.item }}<small class="soft">{{ l.use }}</small>
              </VBtn>
            </td>
            <td class="num">{{ count(l.quantity, l.unit) }}</td>
            <td class="num" :class="{ soft: l.price === null }">
              {{ l.price === null ? wiringWords.noPrice : text(l.price, 'price') }}
            </td>
          </tr>
        </template>
      </tbody>
    </VTable>
    <p class="small soft">{{ sum }}</p>
    <VBtn class="no-print" data-parts-csv @click="save">{{ wiringWords.csv }}</VBtn>
  </section>
</template>

<style scoped>
.group th {
  padding-top: 12px;
  text-align: left;
}
.item {
  text-align: left;
  width: 100%;
  min-height: 28px;
}
small {
  display: block;
  font-size: 12px;
}
@media (pointer: coarse) {
  .item {
    min-height: 44px;
  }
}
</style>
