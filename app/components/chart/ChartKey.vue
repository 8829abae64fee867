<script setup lang="ts">
import type { ChartCurve } from './chartTypes'

/** What each line of a chart means, in the line's own dash and colour. */
defineProps<{ curves: readonly Pick<ChartCurve, 'name' | 'dash' | 'colour' | 'width' | 'columns' | 'wash'>[] }>()
const DASHES = { solid: '', dash: '6 4', dot: '2 3', dashdot: '7 3 2 3', longdash: '10 4' } as const
</script>

<template>
  <ul class="key small">
    <li v-for="c in curves" :key="c.name">
      <i v-if="c.columns" :style="{ background: `var(--${c.wash ?? 'ink'})` }" /><svg
        v-else
        width="30"
        height="8"
        aria-hidden="true"
      >
        <path
          d="M0 4H30"
          :stroke="`var(--${c.colour ?? 'ink'})`"
          :stroke-width="c.width ?? 2"
          :stroke-dasharray="DASHES[c.dash ?? 'solid']"
        /></svg
      >{{ c.name }}
    </li>
  </ul>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-bottom: 6px;
  color: var(--soft);
}
.key i {
  width: 14px;
  height: 12px;
  border: 1.25px solid var(--ink);
}
.key li {
  display: flex;
  gap: 5px;
  align-items: center;
}
</style>
