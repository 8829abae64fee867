<script setup lang="ts">
import { computed, ref } from 'vue'
import { fieldWords as words } from '~/messages/fields'
import { dateText, isoDate, readDate } from '~/design/times'

/** A day: typed as "2027-06-15", "15 June 2027" or "15.6.2027", or picked from a calendar; empty where it may be. */
const props = defineProps<{ label: string; /** year-month-day */ value: string; bare?: boolean; optional?: boolean }>()
const emit = defineEmits<{ change: [value: string] }>()
const open = ref(false)
const day = computed(() => (props.value ? new Date(`${props.value}T00:00`) : null))
function take(typed: string) {
  if (!typed.trim() && props.optional) return () => emit('change', '')
  const date = readDate(typed)
  return date === null ? words.noDate(props.label, typed) : () => emit('change', date)
}
function picked(date: Date) {
  open.value = false
  emit('change', isoDate(date))
}
</script>

<template>
  <div class="date-field">
    <WordField :value="dateText(value)" :label="label" :take="take" :bare="bare" :most="30" />
    <VMenu v-model="open" :close-on-content-click="false">
      <template #activator="{ props: menu }">
        <VBtn v-bind="menu" icon="$calendar" variant="plain" :aria-label="words.pickDate(label)" />
      </template>
      <VDatePicker :model-value="day" hide-header first-day-of-week="1" @update:model-value="picked($event as Date)" />
    </VMenu>
  </div>
</template>

<style scoped>
.date-field {
  display: flex;
  align-items: end;
}
.date-field > :first-child {
  flex: 1;
  min-width: 92px;
}
</style>
