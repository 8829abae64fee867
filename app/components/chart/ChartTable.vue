<script setup lang="ts">
/** What a chart shows, as a table for those who hear it: the first column is what the others are read against. */
defineProps<{ label: string; head: readonly string[]; rows: readonly (readonly (string | number)[])[] }>()
</script>

<template>
  <!-- a table takes the width of its words, hidden or not: what hides it stands around it -->
  <div class="visually-hidden" data-chart-table>
    <VTable>
      <caption>
        {{
          label
        }}
      </caption>
      <thead>
        <tr>
          <th v-for="(word, i) in head" :key="i" scope="col">{{ word }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, i) in rows" :key="i">
          <th scope="row">{{ row[0] }}</th>
          <td v-for="(cell, k) in row.slice(1)" :key="k">{{ cell }}</td>
        </tr>
      </tbody>
    </VTable>
  </div>
</template>
