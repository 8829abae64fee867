<script setup lang="ts">
import { computed } from 'vue'
import { unitMeant, type NumberField } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useViewStore } from '~/stores/view'

/** Beside a number that is out of range: the unit that it was meant in, at a touch; nothing where none would do. */
const props = defineProps<{ field: NumberField; text: string; value: number | null }>()
const emit = defineEmits<{ take: [string] }>()
const view = useViewStore()
const meant = computed(() => unitMeant(props.field, props.text, view.choice, props.value))
</script>

<template>
  <VBtn v-if="meant" size="small" data-unit-meant @mousedown.prevent @click="emit('take', meant)">
    {{ boardWords.field.meant(meant) }}
  </VBtn>
</template>
