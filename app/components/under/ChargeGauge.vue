<script setup lang="ts">
import type { ChargeLevels } from '@remigo/core'
import { helmWords as words } from '~/messages/helm'
import { useQuantities } from '~/composables/useQuantities'

/**
 * Charge as a gauge: cross-hatched what is spared, slanted the reserve, filled what is above it. The reserve is said
 * both ways, of what is usable and on the gauge.
 */
defineProps<{ charge: number | null; levels: ChargeLevels }>()
const { text } = useQuantities()
const percent = (share: number) => text(share, 'ratio')
</script>

<template>
  <div class="gauge" aria-hidden="true" data-gauge>
    <i class="spared" :style="{ width: `${100 * levels.spared}%` }" />
    <i class="kept" :style="{ left: `${100 * levels.spared}%`, width: `${100 * (levels.reserve - levels.spared)}%` }" />
    <i
      v-if="charge !== null"
      class="has"
      :style="{
        left: `${100 * Math.min(charge, levels.reserve)}%`,
        width: `${100 * Math.max(0, charge - levels.reserve)}%`,
      }"
    />
    <i v-if="charge !== null" class="now" :style="{ left: `${100 * charge}%` }" />
  </div>
  <p data-reserve-both>{{ words.reserveBoth(percent(levels.ofUsable), percent(levels.reserve)) }}</p>
</template>

<style scoped>
.gauge {
  position: relative;
  height: 18px;
  border: 1.25px solid var(--ink);
  margin: 4px 0;
}
.gauge i {
  position: absolute;
  inset-block: 0;
}
.spared {
  left: 0;
  background:
    repeating-linear-gradient(-45deg, var(--ink) 0 1.25px, transparent 1.25px 5px),
    repeating-linear-gradient(45deg, var(--ink) 0 1.25px, transparent 1.25px 5px);
}
.kept {
  background: repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, transparent 1.5px 6px);
}
.has {
  background: var(--ink);
}
.now {
  width: 0;
  border-left: 3px solid var(--ink);
  top: -5px !important;
  bottom: -5px !important;
}
</style>
