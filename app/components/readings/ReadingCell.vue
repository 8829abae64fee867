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
  <VTextField
    v-model="text"
    class="cell figures"
    :data-cell="name"
    :aria-label="label"
    :aria-invalid="error ? 'true' : undefined"
    autocomplete="off"
    @focus="enter"
    @blur="leave"
    @keydown.enter="commit"
  />
</template>
