<script setup lang="ts">
import { computed } from 'vue'
import { whatItDoes, withReserve, type Project } from '@remigo/core'
import { haveWords } from '~/messages/have'
import { useQuantities } from '~/composables/useQuantities'

/** What a boat does by the parts that are in her, whatever is wished. */
const props = defineProps<{ project: Project }>()
const words = haveWords.does
const { text } = useQuantities()
const rows = computed(() => {
  const does = whatItDoes(props.project)
  return (['flatOut', 'continuous', 'farthest'] as const).map(id => ({
    id,
    label: words.rows[id],
    ...does[id],
    ...withReserve(does[id]),
  }))
})
</script>

<template>
  <section :aria-label="words.head" data-what-they-do>
    <h2 class="section-head">{{ words.head }}</h2>
    <p v-if="rows[0]!.speed <= 0">{{ words.none }}</p>
    <VTable v-else>
      <thead>
        <tr>
          <td />
          <th v-for="label in words.columns" :key="label" scope="col">{{ label }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id" :data-does="row.id">
          <th scope="row">
            {{ row.label }}<span class="small soft">{{ row.limit }}</span>
          </th>
          <td class="figures">{{ text(row.speed, 'speed') }}</td>
          <td class="figures">{{ text(row.power, 'electricPower') }}</td>
          <td class="figures">{{ text(row.time, 'duration') }}</td>
          <td class="figures">{{ text(row.way, 'distance') }}</td>
        </tr>
      </tbody>
    </VTable>
    <p class="small soft">{{ words.note }}</p>
  </section>
</template>

<style scoped>
th span.small {
  display: block;
  font-weight: 400;
  white-space: normal;
}
th,
td {
  padding-inline: 0 8px;
}
</style>
