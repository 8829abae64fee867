<script setup lang="ts">
import { clockText } from '@remigo/core'
import { fieldWords as words } from '~/messages/fields'
import { readClock } from '~/design/times'

/** A time of the day: typed as "9:20", "0920" or "9:20 pm", or picked from a clock. */
const props = defineProps<{ label: string; /** seconds since midnight */ value: number; bare?: boolean }>()
const emit = defineEmits<{ change: [value: number] }>()
function take(typed: string) {
  const time = readClock(typed)
  return time === null ? words.noClock(props.label, typed) : () => emit('change', time)
}
/** the clock's own text, hours and minutes */
function picked(text: string | null) {
  emit('change', readClock(text ?? '') ?? props.value)
}
</script>

<template>
  <PickedField
    :value="clockText(value)"
    :label="label"
    :take="take"
    :bare="bare"
    :most="12"
    icon="$clock"
    :picks="words.pickClock(label)"
  >
    <VTimePicker :model-value="clockText(value)" format="24hr" hide-header @update:model-value="picked($event)" />
  </PickedField>
</template>
