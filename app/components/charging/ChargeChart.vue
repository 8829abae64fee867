<script setup lang="ts">
import { computed, ref } from 'vue'
import { chargeReport } from '@remigo/core'
import { chargingWords } from '~/messages/charging'
import { useDocumentStore } from '~/stores/document'
import type { ChartCurve } from '~/components/chart/chartTypes'

/** The charge over time: how full she is, and what flows. */
const document = useDocumentStore()
const shown = ref<keyof typeof chargingWords.views>('charge')
const curve = computed(() => chargeReport(document.shown))
const hours = computed(() => curve.value.time.map(t => t / 3600))
const curves = computed<ChartCurve[]>(() => [
  shown.value === 'charge'
    ? { name: chargingWords.charge, x: hours.value, y: curve.value.charge.map(s => 100 * s), width: 2.6 }
    : { name: chargingWords.power, x: hours.value, y: curve.value.power.map(p => p / 1000), width: 2.6 },
])
const axes = computed(() => ({
  x: { title: chargingWords.time, unit: 'h', from: 0, to: Math.max(1, 1.02 * (hours.value.at(-1) ?? 1)) },
  y:
    shown.value === 'charge'
      ? { title: chargingWords.charge, unit: '%', from: 0, to: 102 }
      : {
          title: chargingWords.power,
          unit: 'kW',
          from: 0,
          to: 1.1 * Math.max(0.1, ...curve.value.power.map(p => p / 1000)),
        },
}))
const upright = computed(() =>
  curve.value.toEighty ? [{ at: curve.value.toEighty / 3600, label: chargingWords.eighty }] : [],
)
</script>

<template>
  <ChartViews v-model="shown" :label="chargingWords.view" :views="chargingWords.views" />
  <PlotChart :label="chargingWords.chart" :curves="curves" :height="290" :x="axes.x" :y="axes.y" :upright="upright" />
</template>
