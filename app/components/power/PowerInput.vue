<script setup lang="ts">
import { computed } from 'vue'
import { readField, type NumberField, type QuantityId } from '@remigo/core'
import { useDraft } from '~/composables/useDraft'
import { useQuantities } from '~/composables/useQuantities'
import { useViewStore } from '~/stores/view'

/** One reading of any quantity: what makes no sense is told below it and changes nothing. */
const props = defineProps<{ label: string; quantity: QuantityId; value: number | null; disabled?: boolean }>()
const emit = defineEmits<{ change: [number | null] }>()
const view = useViewStore()
const { text: textOf } = useQuantities()
const field = computed<NumberField>(() => ({
  kind: 'number',
  label: props.label,
  quantity: props.quantity,
  least: props.quantity === 'temperature' ? 0 : -1e9,
  most: 1e9,
  open: true,
}))
const kept = computed(() => (props.value === null ? '' : textOf(props.value, props.quantity).replace(/\u00A0/g, ' ')))
function take(typed: string) {
  const read = readField(field.value, typed, view.choice, props.value)
  return read.ok ? () => emit('change', read.value) : read.message
}
const { text, error, enter, leave, commit } = useDraft({ shown: () => kept.value, take })
</script>

<template>
  <span class="power-input"
    ><VTextField
      v-model="text"
      class="figures"
      autocomplete="off"
      inputmode="decimal"
      :aria-label="label"
      :disabled="disabled"
      :aria-invalid="error ? 'true' : undefined"
      @focus="enter"
      @blur="leave"
      @keydown.enter="commit"
    /><span v-if="error" class="field-error" role="alert">{{ error }}</span></span
  >
</template>
