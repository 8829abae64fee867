<script setup lang="ts" generic="T extends string | number">
import { computed, useId } from 'vue'

/** One of a few, all of them shown, the arrows going from one to the next; of many, a list that opens. */
const props = defineProps<{ label: string; options: Record<T, string>; modelValue: T; columns?: number }>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
/** words more than these are a list that opens */
const FEW = 6
const id = useId()
const words = computed(() => Object.entries(props.options) as [T, string][])
/** the option that Tab comes to, and what an arrow leads on to */
const at = computed(() =>
  Math.max(
    0,
    words.value.findIndex(([key]) => key === props.modelValue),
  ),
)
function step(by: number, event: KeyboardEvent) {
  const next = (at.value + by + words.value.length) % words.value.length
  emit('update:modelValue', words.value[next]![0])
  const group = (event.currentTarget as HTMLElement).parentElement!
  group.querySelectorAll<HTMLElement>('[role=radio]')[next]?.focus()
}
</script>

<template>
  <PickField
    v-if="words.length > FEW"
    class="choice"
    :label="label"
    :items="words.map(([value, title]) => ({ value, title }))"
    :model-value="modelValue"
    @update:model-value="emit('update:modelValue', $event)"
  />
  <div v-else class="choice">
    <span :id="id" class="label"><WithTerms :text="label" /></span>
    <VBtnToggle
      :model-value="modelValue"
      mandatory
      :class="{ grid: columns }"
      :style="columns ? { gridTemplateColumns: `repeat(${columns}, 1fr)` } : undefined"
      role="radiogroup"
      :aria-labelledby="id"
      @update:model-value="emit('update:modelValue', $event)"
    >
      <VBtn
        v-for="([key, word], i) in words"
        :key="key"
        :value="key"
        variant="plain"
        role="radio"
        :aria-checked="modelValue === key"
        :tabindex="i === at ? 0 : -1"
        @keydown.right.down.prevent.stop="step(1, $event)"
        @keydown.left.up.prevent.stop="step(-1, $event)"
        >{{ word }}</VBtn
      >
    </VBtnToggle>
  </div>
</template>
