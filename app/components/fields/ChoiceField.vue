<script setup lang="ts" generic="T extends string | number">
import { computed, useId } from 'vue'

/** A choice between a few words, as a row of buttons that behave as radio buttons. */
const props = defineProps<{ label: string; options: Record<T, string>; modelValue: T; columns?: number }>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
const id = useId()
const words = computed(() => Object.entries(props.options) as [T, string][])
</script>

<template>
  <div class="choice">
    <span :id="id" class="label"><WithTerms :text="label" /></span>
    <div
      class="options"
      :class="{ grid: columns }"
      :style="columns ? { gridTemplateColumns: `repeat(${columns}, 1fr)` } : undefined"
      role="radiogroup"
      :aria-labelledby="id"
    >
      <label v-for="[key, word] in words" :key="key" :class="{ on: modelValue === key }">
        <input
          type="radio"
          :name="id"
          :value="key"
          :checked="modelValue === key"
          @change="emit('update:modelValue', key)"
        />{{ word }}
      </label>
    </div>
  </div>
</template>

<style scoped>
.choice {
  padding: 5px 0;
}
.label {
  display: block;
  font-size: 13.5px;
  line-height: 18px;
  margin-bottom: 2px;
}
.options {
  display: flex;
  flex-wrap: wrap;
  border: 0.75px solid var(--rule);
  border-bottom: 1.5px solid var(--ink);
  background: var(--sheet);
}
label {
  position: relative;
  flex: 1 1 auto;
  display: grid;
  place-items: center;
  min-height: var(--hit);
  padding: 0 8px;
  font-size: 13.5px;
  cursor: pointer;
  white-space: nowrap;
}
label + label {
  border-left: 0.75px solid var(--rule);
}
.grid {
  display: grid;
}
.grid label {
  border: 0;
  padding: 0 4px;
  border-top: 0.75px solid var(--rule);
  white-space: normal;
  line-height: 15px;
  text-align: center;
}
.grid label:nth-child(-n + 2) {
  border-top: 0;
}
.grid label:last-child:nth-child(odd) {
  grid-column: 1 / -1;
}
.grid label:nth-child(even) {
  border-left: 0.75px solid var(--rule);
}
input {
  position: absolute;
  opacity: 0;
  inset: 0;
  cursor: pointer;
}
.on {
  background: var(--ink);
  color: var(--sheet);
  font-weight: 600;
}
label:has(:focus-visible) {
  outline: 2px solid var(--text);
  outline-offset: 1px;
  z-index: 1;
}
</style>
