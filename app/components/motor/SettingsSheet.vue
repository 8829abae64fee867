<script setup lang="ts">
import { computed } from 'vue'
import { chargerSettings, controllerSettings } from '@remigo/core'
import { benchWords } from '~/messages/benches'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'
import { dateText, isoDate } from '~/design/times'

/** What to type into any controller, on one sheet to print, each figure with its reason. */
const document = useDocumentStore()
const { fill } = useQuantities()
const design = computed(() => document.shown.design)
const sheets = computed(() => [
  {
    title: benchWords.settingsSheet.title,
    lead: benchWords.settingsSheet.lead(document.shown.name, design.value.controller.name, design.value.motor.name),
    groups: controllerSettings(document.shown),
  },
  {
    title: benchWords.settingsSheet.chargerTitle,
    lead: benchWords.settingsSheet.chargerLead(design.value.charging.charger.name, design.value.pack.cell.name),
    groups: chargerSettings(document.shown),
  },
])
const date = dateText(isoDate(new Date()))
const print = () => window.print()
</script>

<template>
  <div class="sheet" data-settings>
    <div class="actions no-print">
      <VBtn variant="flat" @click="print">{{ benchWords.sheet.print }}</VBtn><VBtn to="/motor">{{
        benchWords.settingsSheet.back
      }}</VBtn>
    </div>
    <template v-for="sheet in sheets" :key="sheet.title">
      <h1>{{ sheet.title }}</h1>
      <p class="prose">{{ sheet.lead }}</p>
      <section v-for="g in sheet.groups" :key="g.head">
        <h2>{{ g.head }}</h2>
        <VTable>
          <tbody>
            <tr v-for="(s, i) in g.settings" :key="i">
              <th scope="row">{{ s.label }}</th>
              <td class="num figures">{{ fill(s.value) }}</td>
              <td class="soft why">{{ s.why }}</td>
            </tr>
          </tbody>
        </VTable>
      </section>
    </template>
    <p class="small caution">{{ benchWords.settingsSheet.caution }} {{ benchWords.sheet.made(date) }}</p>
  </div>
</template>

<style scoped>
.sheet {
  padding: 16px 20px 32px;
  max-width: 820px;
}
.actions {
  display: flex;
  gap: 8px;
  margin-bottom: 12px;
}
h1 {
  font: 600 30px/34px var(--figures);
}
h1:not(:first-of-type) {
  margin-top: 34px;
}
h2 {
  font: 600 16px/20px var(--labels);
  margin: 16px 0 4px;
  padding-bottom: 3px;
  border-bottom: 1.25px solid var(--ink);
}
th[scope='row'] {
  color: var(--text);
  font-weight: 500;
  width: 34%;
  white-space: normal;
}
.num {
  width: 16%;
  font-size: 15px;
}
.why {
  font-size: 12.5px;
  line-height: 16px;
  padding-left: 12px;
}
.caution {
  margin-top: 14px;
  padding: 8px 10px;
  border: 1.25px solid var(--ink);
}
</style>
