<script setup lang="ts">
import { computed, reactive } from 'vue'
import { clockText, readField, type Field, type NumberField, type TextField } from '@remigo/core'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { vKept } from '~/directives/kept'

/**
 * The fields of one entry of a list, each by its own definition: numbers with units, times of the clock, choices,
 * words. What cannot be is told below it and changes nothing.
 */
const props = defineProps<{
  fields: Record<string, Field>
  value: Record<string, unknown>
  keys: readonly string[]
  /** numbers that are times of the day */
  clocks?: readonly string[]
  /** words of choices */
  options?: Record<string, string>
  /** choices that stand for a whole number, such as which stream */
  picks?: Record<string, readonly { value: number; label: string }[]>
}>()
const emit = defineEmits<{ change: [change: Record<string, unknown>] }>()
const view = useViewStore()
const { text } = useQuantities()
const errors = reactive<Record<string, string>>({})
const shown = computed(() => props.keys.filter(key => props.fields[key]))
const isClock = (key: string) => props.clocks?.includes(key) ?? false
const numberOf = (key: string) => props.fields[key] as NumberField
const longestOf = (key: string) => (props.fields[key] as TextField).longest

function setClock(key: string, value: string) {
  const [h, m] = value.split(':').map(Number)
  if (Number.isFinite(h) && Number.isFinite(m)) emit('change', { [key]: h! * 3600 + m! * 60 })
}
const written = (key: string) => {
  const value = props.value[key] as number | null
  return value === null ? '' : text(value, numberOf(key).quantity).replace(/\u00A0/g, ' ')
}
function typed(key: string, input: HTMLInputElement) {
  const field = numberOf(key),
    kept = props.value[key] as number | null
  if (input.value.trim() === '' && field.open) {
    errors[key] = ''
    return emit('change', { [key]: null })
  }
  const read = readField(field, input.value, view.choice, kept ?? 0)
  errors[key] = read.ok ? '' : read.message
  if (!read.ok || read.value === null) return
  emit('change', { [key]: read.value })
  // the same value is written as it is kept
  input.value = text(read.value, field.quantity).replace(/\u00A0/g, ' ')
}
</script>

<template>
  <div class="row-fields">
    <template v-for="key in shown" :key="key">
      <label v-if="fields[key]!.kind === 'yes'" class="ink-check"
        ><input
          type="checkbox"
          :checked="value[key] === true"
          @change="emit('change', { [key]: ($event.target as HTMLInputElement).checked })"
        /><span>{{ fields[key]!.label }}</span></label
      >
      <label v-else class="one" :class="{ wordy: fields[key]!.kind === 'text' }"
        ><span>{{ fields[key]!.label }}</span
        ><select
          v-if="picks?.[key]"
          class="ink-select"
          :value="String(value[key])"
          @change="emit('change', { [key]: Number(($event.target as HTMLSelectElement).value) })"
        >
          <option v-for="o in picks[key]" :key="o.value" :value="String(o.value)">{{ o.label }}</option></select
        ><select
          v-else-if="fields[key]!.kind === 'choice'"
          class="ink-select"
          :value="value[key]"
          @change="emit('change', { [key]: ($event.target as HTMLSelectElement).value })"
        >
          <option v-for="o in (fields[key] as { options: readonly string[] }).options" :key="o" :value="o">
            {{ options?.[o] ?? o }}
          </option></select
        ><input
          v-else-if="isClock(key)"
          v-kept="clockText(value[key] as number)"
          type="time"
          class="ink-input"
          @change="setClock(key, ($event.target as HTMLInputElement).value)" /><input
          v-else-if="fields[key]!.kind === 'text'"
          v-kept="value[key] as string"
          class="ink-input"
          :maxlength="longestOf(key)"
          @change="emit('change', { [key]: ($event.target as HTMLInputElement).value.trim() })" /><input
          v-else
          v-kept="written(key)"
          class="ink-input"
          autocomplete="off"
          :placeholder="numberOf(key).hint ?? ''"
          :title="numberOf(key).hint"
          :aria-invalid="errors[key] ? 'true' : undefined"
          @change="typed(key, $event.target as HTMLInputElement)"
          @keydown.enter.prevent="typed(key, $event.target as HTMLInputElement)"
      /></label>
    </template>
    <template v-for="key in shown" :key="`e${key}`">
      <p v-if="errors[key]" class="error" role="alert">{{ errors[key] }}</p>
    </template>
  </div>
</template>

<style scoped>
.row-fields {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.one {
  display: grid;
  gap: 2px;
  font-size: 12.5px;
  flex: 1 1 104px;
  max-width: 190px;
}
.one .ink-input,
.one .ink-select {
  min-width: 0;
  width: 100%;
}
/* names want more room than numbers */
.one.wordy {
  flex-basis: 170px;
  max-width: 260px;
}
.error {
  flex-basis: 100%;
  color: var(--clash);
  font-size: 13px;
}
</style>
