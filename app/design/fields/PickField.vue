<script setup lang="ts" generic="T extends string | number | null">
import { computed, useId } from 'vue'

/** One of many, from a list that opens; of a few, ChoiceField shows them all. */
const props = defineProps<{
  label: string
  modelValue: T
  /** what can be picked: value and words, in their order */
  items: readonly { value: T; title: string }[] | Record<string, string>
  /** its label is heard, not seen */
  bare?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const id = useId()
const list = computed(() =>
  Array.isArray(props.items)
    ? [...props.items]
    : Object.entries(props.items as Record<string, string>).map(([value, title]) => ({ value, title })),
)
</script>

<template>
  <div class="pick-field">
    <label v-if="!bare" :for="id">{{ label }}</label>
    <VSelect
      :id="id"
      :model-value="modelValue"
      :items="list"
      :aria-label="label"
      @update:model-value="emit('update:modelValue', $event as T)"
    />
  </div>
</template>
