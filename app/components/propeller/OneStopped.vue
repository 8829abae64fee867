<script setup lang="ts">
import { computed } from 'vue'
import { oneStopped } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** What a boat of two drives does on one: stopped to go farther, or failed. */
const document = useDocumentStore()
const { end } = useRangeEnd()
const rows = computed(() => oneStopped(document.shown))
</script>

<template>
  <section v-if="rows.length" class="block" :aria-label="driveWords.oneStopped" data-one-stopped>
    <h2 class="section-head">
      {{ driveWords.oneStopped }}<span>{{ driveWords.oneStoppedHint }}</span>
    </h2>
    <VTable class="one">
      <thead>
        <tr>
          <th>{{ driveWords.otherScrew }}</th>
          <th class="num">{{ driveWords.topAllDay }}</th>
          <th class="num">{{ driveWords.takes }}</th>
          <th class="num">{{ driveWords.wayLeft(end) }}</th>
          <th class="num">{{ driveWords.againstBoth }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.still">
          <td>{{ boardWords.boat.stillScrews[row.still] }}</td>
          <td class="num"><FigureValue id="allDaySpeed" :of="row.project" :speed="row.speed" /></td>
          <td class="num"><FigureValue id="packPower" :of="row.project" :speed="row.speed" /></td>
          <td class="num"><FigureValue id="distanceLeft" :of="row.project" :speed="row.speed" /></td>
          <td class="num figures">{{ Math.round(100 * row.wayShare) }}&nbsp;%</td>
        </tr>
      </tbody>
    </VTable>
    <p class="small soft">{{ driveWords.oneStoppedNote }}</p>
  </section>
</template>

<style scoped>
@media (max-width: 560px) {
  .one th:nth-child(3),
  .one td:nth-child(3) {
    display: none;
  }
  .one th,
  .one td {
    white-space: normal;
    padding-inline: 3px;
  }
}
</style>
