<script setup lang="ts">
import { computed } from 'vue'
import { mdiPin, mdiPinOutline } from '@mdi/js'
import type { HeldPart } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useSizing } from '~/composables/useSizing'

/** Holds a part ("already bought"), or lets it go. */
const props = defineProps<{ part: HeldPart }>()
const document = useDocumentStore()
const { toggle } = useSizing()
const held = computed(() => document.shown.held[props.part])
</script>

<template>
  <VBtn class="hold" :class="{ held }" :aria-pressed="held" @click="toggle(part)">
    <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
      <path :d="held ? mdiPin : mdiPinOutline" fill="currentColor" />
    </svg>
    {{ held ? boardWords.held.head : boardWords.held.hold }}
    <span class="visually-hidden">{{ boardWords.held.names[part] }}</span>
  </VBtn>
</template>

<style scoped>
.hold {
  gap: 6px;
  padding: 0 10px;
  justify-content: flex-start;
}
.held svg {
  color: var(--signal);
}
.held {
  font-weight: 600;
}
</style>
