<script setup lang="ts">
import { computed, useId } from 'vue'
import { parseQuantity, quantityText, type QuantityId } from '@remigo/core'
import { f } from '~/messages/storage'
import { useDraft } from '~/composables/useDraft'
import { useViewStore } from '~/stores/view'

/**
 * A number of a list's row: any fitting unit, its range told beside it, nothing typed lost. `null` is an empty optional
 * one.
 */
const props = defineProps<{
  label: string
  quantity: QuantityId
  value: number | null
  range: readonly [number, number]
  optional?: boolean
  bare?: boolean
  whole?: boolean
}>()
const emit = defineEmits<{ change: [number | null] }>()
const view = useViewStore()
const id = useId()
const show = (value: number) => quantityText(value, props.quantity, view.choice).replace(/\u00A0/g, ' ')
const kept = computed(() => (props.value === null ? '' : show(props.value)))
/** what makes sense becomes a change; else a sentence */
function take(typed: string) {
  if (!typed && props.optional) return () => emit('change', null)
  const parsed = parseQuantity(typed, props.quantity, view.choice, props.value)
  if (!parsed.ok) return parsed.message
  if (parsed.value < props.range[0] || parsed.value > props.range[1])
    return f.outside(props.label, show(props.range[0]), show(props.range[1]), show(parsed.value))
  if (props.whole && !Number.isInteger(parsed.value)) return f.whole(props.label)
  return () => emit('change', parsed.value)
}
const { text, error, enter, leave, commit } = useDraft({ shown: () => kept.value, take })
</script>

<template>
  <div class="unit-input" :class="{ bare }">
    <label :for="id" :class="{ 'visually-hidden': bare }">{{ label }}</label>
    <VTextField
      :id="id"
      v-model="text"
      class="ink-field"
      autocomplete="off"
      :placeholder="optional ? f.unset : ''"
      persistent-placeholder
      :data-input="label"
      :aria-invalid="error ? 'true' : undefined"
      :aria-describedby="error ? `${id}-error` : undefined"
      @focus="enter"
      @blur="leave"
      @keydown.enter="commit"
    />
    <p v-if="error" :id="`${id}-error`" class="error" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.unit-input {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 104px;
  gap: 2px 10px;
  align-items: center;
  min-height: 41px;
  padding: 4px 0;
  font-size: 13.5px;
  line-height: 16px;
}
.bare {
  grid-template-columns: minmax(72px, 1fr);
  padding: 0;
}
.error {
  grid-column: 1 / -1;
  color: var(--clash);
  font-size: 12.5px;
  line-height: 16px;
  white-space: normal;
  text-align: left;
}
</style>
