<script setup lang="ts">
import { computed } from 'vue'
import { boatSolarYear, MONTH_OF_SUN, edit } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'

/** Light on the flat by month: usual for the latitude, or a table of the owner's own. */
const document = useDocumentStore()
const solar = computed(() => document.shown.design.solar)
const year = computed(() => boatSolarYear(document.shown))
const KWH = 3.6e6
const own = computed(() => solar.value.sun !== null)
const use = (kind: 'usual' | 'own') =>
  document.edit(sunWords.table, [
    edit(
      'design.solar.sun',
      kind === 'usual' ? null : year.value.map(m => (Math.round((m.flat / KWH) * 20) / 20) * KWH),
    ),
  ])
const set = (i: number, value: number) =>
  document.edit(sunWords.table, [
    edit(
      'design.solar.sun',
      solar.value.sun!.map((v, j) => (j === i ? value : v)),
    ),
  ])
</script>

<template>
  <section class="block" :aria-label="sunWords.table" data-sun-table>
    <h2 class="section-head">
      {{ sunWords.table }}<span>{{ sunWords.tableHint }}</span>
    </h2>
    <ChoiceField
      :label="sunWords.table"
      :options="{ usual: sunWords.usualTable, own: sunWords.ownTable }"
      :model-value="own ? 'own' : 'usual'"
      @update:model-value="use($event)"
    />
    <div v-if="own" class="months">
      <UnitInput
        v-for="(value, i) in solar.sun"
        :key="i"
        :label="sunWords.months[i]!"
        :field="MONTH_OF_SUN"
        :value="value"
        @change="set(i, $event!)"
      />
    </div>
  </section>
</template>

<style scoped>
.months {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 0 24px;
}
</style>
