<script setup lang="ts">
import { computed } from 'vue'
import { fieldError, type ChoiceField, type Field, type NumberField, type TextField } from '@remigo/core'

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
  /** words that are days */
  dates?: readonly string[]
  /** words of choices */
  options?: Record<string, string>
  /** choices that stand for a whole number, such as which stream */
  picks?: Record<string, readonly { value: number; label: string }[]>
}>()
const emit = defineEmits<{ change: [change: Record<string, unknown>] }>()
const shown = computed(() =>
  props.keys.flatMap(key => {
    const field = props.fields[key]
    return field ? [{ key, field, kind: kindOf(key, field) }] : []
  }),
)
function kindOf(key: string, field: Field) {
  if (props.picks?.[key]) return 'pick'
  if (props.dates?.includes(key)) return 'date'
  return props.clocks?.includes(key) ? 'clock' : field.kind
}
const numberOf = (key: string) => props.value[key] as number | null
/** words that its definition allows, or what would do */
const taken = (key: string, field: Field) => (words: string) => fieldError(field, words) ?? (() => set(key, words))
const set = (key: string, value: unknown) => emit('change', { [key]: value })
const wordsOf = (field: Field) =>
  (field as ChoiceField).options.map(value => ({ value, title: props.options?.[value] ?? String(value) }))
</script>

<template>
  <div class="row-fields">
    <template v-for="{ key, field, kind } in shown" :key="key">
      <VCheckboxBtn
        v-if="kind === 'yes'"
        :model-value="value[key] === true"
        :label="field.label"
        @update:model-value="set(key, $event)"
      />
      <PickField
        v-else-if="kind === 'pick'"
        class="one"
        :label="field.label"
        :model-value="value[key] as number"
        :items="picks![key]!.map(o => ({ value: o.value, title: o.label }))"
        @update:model-value="set(key, $event)"
      />
      <PickField
        v-else-if="kind === 'choice'"
        class="one"
        :label="field.label"
        :model-value="value[key] as string"
        :items="wordsOf(field)"
        @update:model-value="set(key, $event)"
      />
      <ClockField
        v-else-if="kind === 'clock'"
        class="one"
        :label="field.label"
        :value="value[key] as number"
        @change="set(key, $event)"
      />
      <DateField
        v-else-if="kind === 'date'"
        class="one wordy"
        optional
        :label="field.label"
        :value="value[key] as string"
        @change="set(key, $event)"
      />
      <WordField
        v-else-if="kind === 'text'"
        class="one wordy"
        :label="field.label"
        :value="value[key] as string"
        :most="(field as TextField).longest"
        :take="taken(key, field)"
      />
      <UnitInput
        v-else
        class="one"
        stacked
        :field="field as NumberField"
        :value="numberOf(key)"
        :hint="(field as NumberField).hint"
        @change="set(key, $event)"
      />
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
  flex: 1 1 104px;
  max-width: 190px;
}
/* names want more room than numbers */
.wordy {
  flex-basis: 170px;
  max-width: 260px;
}
</style>
