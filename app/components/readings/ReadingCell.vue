<script setup lang="ts">
import { watch } from 'vue'
import { useDraft } from '~/composables/useDraft'

/** A cell of the table of readings: what makes no sense stays as typed, and its sentence stands below the table. */
const props = defineProps<{
  shown: string
  label: string
  name: string
  take: (text: string) => (() => void) | string
}>()
const emit = defineEmits<{ wrong: [sentence: string | null] }>()
const { text, error, enter, leave, commit } = useDraft({ shown: () => props.shown, take: text => props.take(text) })
watch(error, sentence => emit('wrong', sentence))
</script>

<template>
  <input
    v-model="text"
    class="cell"
    :data-cell="name"
    :aria-label="label"
    :aria-invalid="error ? 'true' : undefined"
    autocomplete="off"
    @focus="enter"
    @blur="leave"
    @keydown.enter="commit"
  />
</template>

<style scoped>
.cell {
  width: 100%;
  min-height: 30px;
  padding: 2px 6px;
  text-align: right;
  background: var(--sheet);
  color: var(--text);
  border: 0.75px solid var(--rule);
  border-bottom: 1.5px solid var(--ink);
  font: 600 15px var(--figures);
}
.cell[aria-invalid] {
  outline: 1.25px solid var(--clash);
}
@media (pointer: coarse) {
  .cell {
    min-height: 44px;
  }
}
</style>
