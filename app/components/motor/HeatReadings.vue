<script setup lang="ts">
import { ref } from 'vue'
import type { WarmingFit } from '@remigo/core'
import { w } from '~/messages/match'
import { useDocumentStore } from '~/stores/document'
import { useQuantities } from '~/composables/useQuantities'

/** Temperatures that the owner read while it warmed up, typed as minutes and degrees; what they say, or why they say nothing. */
defineProps<{ fit: WarmingFit | null }>()
const document = useDocumentStore()
const { text } = useQuantities()
const minutes = ref('')
const degrees = ref('')
const error = ref('')
const number = (typed: string) => Number(typed.trim().replace(',', '.').replace(/[^\d.-]/g, '') || NaN)
function add() {
  const time = number(minutes.value) * 60, temperature = number(degrees.value) + 273.15
  error.value = !(time >= 0 && time <= 172_800) ? 'Minutes run from 0 to 2880; for instance 15.' : !(temperature >= 250 && temperature <= 600) ? 'Degrees run from −20 to 320 °C; for instance 64.' : ''
  if (error.value) return
  document.edit(w.addReading, [{ path: 'heat.points', value: [...document.shown.heat.points, { time, temperature }].sort((a, b) => a.time - b.time) }])
  minutes.value = degrees.value = ''
}
const remove = (index: number) => document.edit(w.remove, [{ path: 'heat.points', value: document.shown.heat.points.filter((_, i) => i !== index) }])
</script>

<template>
  <section class="block" :aria-label="w.readings" data-readings>
    <h2 class="section-head">{{ w.readings }}<span>{{ w.readingsHint }}</span></h2>
    <form class="row" @submit.prevent="add">
      <label>{{ w.minutesIn }}<input v-model="minutes" inputmode="decimal" data-reading="minutes"></label>
      <label>{{ w.degrees }}<input v-model="degrees" inputmode="decimal" data-reading="degrees"></label>
      <button type="submit" class="btn" data-reading-add>{{ w.addReading }}</button>
    </form>
    <p v-if="error" class="error small" role="alert">{{ error }}</p>
    <ul v-if="document.shown.heat.points.length" class="list">
      <li v-for="(p, i) in document.shown.heat.points" :key="`${p.time}/${i}`"><span class="figures">{{ text(p.time, 'shortTime') }}, {{ text(p.temperature, 'temperature') }}</span><button type="button" class="link" :aria-label="`${w.remove}: ${text(p.time, 'shortTime')}`" @click="remove(i)">{{ w.remove }}</button></li>
    </ul>
    <p v-if="fit" class="small">{{ fit.outcome === 'fitted' ? w.fitted(text(fit.timeConstant, 'shortTime'), text(fit.final, 'temperature')) : fit.reason }}</p>
  </section>
</template>

<style scoped>
.row { display: flex; flex-wrap: wrap; gap: 8px; align-items: end; }
label { display: grid; gap: 2px; font-size: 13px; }
input { width: 92px; min-height: var(--hit); padding: 0 8px; text-align: right; font: 600 16px/20px var(--figures); background: var(--sheet); border: .75px solid var(--rule); border-bottom: 1.5px solid var(--ink); color: var(--text); }
.list { display: flex; flex-wrap: wrap; gap: 4px 18px; margin: 6px 0; font-size: 14px; }
.list li { display: flex; gap: 8px; align-items: center; }
.link { text-decoration: underline dotted; font-size: 12.5px; color: var(--soft); min-height: 24px; }
.error { color: var(--clash); }
</style>
