<script setup lang="ts">
import { computed } from 'vue'
import { chosenUnit, sunDirect, toUnit, UNITS } from '@remigo/core'
import { sunWords } from '~/messages/sun'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** Straight from the panels, without a battery: by the hour, with a panel in shade, against a small battery. */
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()
const day = computed(() => sunDirect(document.shown, document.shown.design.charging.month))
const unit = computed(() => chosenUnit('speed', view.choice))
const curves = computed<ChartCurve[]>(() => [
  {
    name: sunWords.straightSpeed,
    x: day.value.hours.map(h => h.time / 3600),
    y: day.value.hours.map(h => toUnit(h.speed, unit.value)),
    width: 2.6,
  },
])
const axes = computed(() => ({
  x: { title: sunWords.sunTime, from: 3, to: 21 },
  y: {
    title: sunWords.straightSpeed,
    unit: UNITS[unit.value].symbol,
    from: 0,
    to: 1.15 * Math.max(0.5, ...day.value.hours.map(h => toUnit(h.speed, unit.value))),
  },
}))
</script>

<template>
  <section class="block" :aria-label="sunWords.straight" data-sun-direct>
    <h2 class="section-head">
      {{ sunWords.straight }}<span>{{ sunWords.straightHint }}</span>
    </h2>
    <PlotChart :label="sunWords.straight" :curves="curves" :height="220" :x="axes.x" :y="axes.y" />
    <p class="prose says">
      {{
        sunWords.straightSays(
          text(day.distance, 'distance'),
          text(day.underWay, 'duration'),
          text(day.throughBattery, 'distance'),
        )
      }}
      {{ sunWords.straightShade(text(day.shaded, 'distance'), text(day.shadedWithoutDiodes, 'distance')) }}
    </p>
  </section>
</template>

<style scoped>
.says {
  margin-top: 8px;
}
</style>
