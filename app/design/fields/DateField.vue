<script setup lang="ts">
import { computed } from 'vue'
import { fieldWords as words } from '~/messages/fields'
import { dateText, isoDate, readDate } from '~/design/times'

/** A day: typed as "2027-06-15", "15 June 2027" or "15.6.2027", or picked from a calendar; empty where it may be. */
const props = defineProps<{ label: string; /** year-month-day */ value: string; bare?: boolean; optional?: boolean }>()
const emit = defineEmits<{ change: [value: string] }>()
const day = computed(() => (props.value ? new Date(`${props.value}T00:00`) : null))
function take(typed: string) {
  if (!typed.trim() && props.optional) return () => emit('change', '')
  const date = readDate(typed)
  return date === null ? words.noDate(props.label, typed) : () => emit('change', date)
}
</script>

<template>
  <PickedField
    #="{ close }"
    class="date-field"
    :value="dateText(value)"
    :label="label"
    :take="take"
    :bare="bare"
    :most="30"
    icon="$calendar"
    :picks="words.pickDate(label)"
  >
    <VDatePicker
      :model-value="day"
      hide-header
      first-day-of-week="1"
      @update:model-value="(emit('change', isoDate($event as Date)), close())"
    />
  </PickedField>
</template>

<style scoped>
.date-field {
  --least: 132px;
}
</style>
