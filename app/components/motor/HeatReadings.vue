<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { edit, fitWarming, HEAT_POINT, HEATED_PARTS, readField } from '@remigo/core'
import { driveWords } from '~/messages/drive'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** Temperatures that the owner read while it warmed up, typed in any unit; what they say, or why they say nothing. */
type HeatedPart = (typeof HEATED_PARTS)[number]
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()
const typed = reactive({ time: '', temperature: '' })
const part = ref<HeatedPart>('motor')
const error = ref('')
/** what the readings on each part say */
const fits = computed(() =>
  HEATED_PARTS.flatMap(of => {
    const points = document.shown.heat.points.filter(p => p.part === of)
    return points.length ? [{ of, fit: fitWarming(points) }] : []
  }),
)
function add() {
  const read = (key: keyof typeof typed) => readField(HEAT_POINT.fields[key], typed[key], view.choice)
  const time = read('time'),
    temperature = read('temperature')
  error.value = !time.ok ? time.message : !temperature.ok ? temperature.message : ''
  if (!time.ok || !temperature.ok) return
  const point = { part: part.value, time: time.value ?? 0, temperature: temperature.value ?? 0 }
  const points = [...document.shown.heat.points, point].sort((a, b) => a.time - b.time)
  document.edit(driveWords.addReading, [edit('heat.points', points)])
  typed.time = typed.temperature = ''
}
const remove = (index: number) =>
  document.edit(driveWords.remove, [
    edit(
      'heat.points',
      document.shown.heat.points.filter((_, i) => i !== index),
    ),
  ])
</script>

<template>
  <section class="block" :aria-label="driveWords.readings" data-readings>
    <h2 class="section-head">
      {{ driveWords.readings }}<span>{{ driveWords.readingsHint }}</span>
    </h2>
    <ChoiceField
      :label="HEAT_POINT.fields.part.label"
      :options="driveWords.readOn"
      :model-value="part"
      @update:model-value="part = $event"
    />
    <form class="row" @submit.prevent="add">
      <label
        >{{ HEAT_POINT.fields.time.label }}<VTextField v-model="typed.time" placeholder="15 min" data-reading="time"
      /></label>
      <label
        >{{ HEAT_POINT.fields.temperature.label
        }}<VTextField v-model="typed.temperature" placeholder="64 °C" data-reading="temperature"
      /></label>
      <VBtn type="submit" data-reading-add>{{ driveWords.addReading }}</VBtn>
    </form>
    <p v-if="error" class="error small" role="alert">{{ error }}</p>
    <ul v-if="document.shown.heat.points.length" class="list">
      <li v-for="(p, i) in document.shown.heat.points" :key="`${p.time}/${i}`">
        <span class="figures"
          ><template v-if="p.part !== 'motor'">{{ driveWords.readOn[p.part] }} </template
          >{{ text(p.time, 'shortTime') }}, {{ text(p.temperature, 'temperature') }}</span
        ><VBtn variant="text" :aria-label="`${driveWords.remove}: ${text(p.time, 'shortTime')}`" @click="remove(i)">
          {{ driveWords.remove }}
        </VBtn>
      </li>
    </ul>
    <p v-for="found in fits" :key="found.of" class="small">
      <b v-if="fits.length > 1">{{ driveWords.readOn[found.of] }}: </b
      >{{
        found.fit.outcome === 'fitted'
          ? driveWords.fitted(text(found.fit.timeConstant, 'shortTime'), text(found.fit.final, 'temperature'))
          : found.fit.reason
      }}
    </p>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
label {
  display: grid;
  gap: 2px;
  font-size: 13px;
}
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 6px 0;
  font-size: 14px;
}
.list li {
  display: flex;
  gap: 8px;
  align-items: center;
}
.v-btn {
  text-decoration: underline dotted;
  font-size: 12.5px;
  color: var(--soft);
  min-height: 24px;
}
.error {
  color: var(--clash);
}
</style>
