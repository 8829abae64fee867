<script setup lang="ts">
import { boardWords } from '~/messages/board'
import { BENCHES, benchOf } from '~/benches'
import { usePartWords } from '~/composables/usePartWords'

/** The benches by number. */
const words = usePartWords()
const route = useRoute()
</script>

<template>
  <nav class="tabs" :aria-label="boardWords.shell.benchesLabel">
    <NuxtLink
      v-for="bench in BENCHES"
      :key="bench.id"
      :to="bench.path"
      class="tab"
      :class="{ here: benchOf(route.path)?.id === bench.id }"
      :data-bench="bench.id"
      ><span class="number">{{ bench.key }}</span
      >{{ words.bench(bench) }}</NuxtLink
    >
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  background: var(--desk);
  border-bottom: 1px solid var(--ink);
  border-top: 2px solid var(--ink);
  height: 38px;
  overflow-x: auto;
  overflow-y: hidden;
  scrollbar-width: none;
}
.tab {
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 0 10px;
  color: var(--text);
  text-decoration: none;
  font-size: 14px;
  font-weight: 500;
  border-right: 1px solid var(--rule);
  border-top: 3px solid transparent;
  margin-top: -2px;
  white-space: nowrap;
}
.number {
  color: var(--soft);
  font-size: 13px;
}
.tab:hover {
  background: var(--paper);
}
.tab.here {
  background: var(--paper);
  border-top-color: var(--ink);
  font-weight: 600;
  margin-bottom: -1px;
}
.tab:focus-visible {
  outline-offset: -3px;
}
</style>
