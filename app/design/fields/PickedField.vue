<script setup lang="ts">
import { ref } from 'vue'
import type { DraftOptions } from '~/composables/useDraft'

/** Words that may be picked instead of typed: what they are picked from, in the slot, opens beside the field. */
defineProps<{
  value: string
  label: string
  take: DraftOptions['take']
  most: number
  bare?: boolean
  icon: string
  /** what the button beside it says */
  picks: string
}>()
const open = ref(false)
</script>

<template>
  <div class="picked-field">
    <WordField :value="value" :label="label" :take="take" :bare="bare" :most="most" />
    <VMenu v-model="open" :close-on-content-click="false">
      <template #activator="{ props: menu }">
        <VBtn v-bind="menu" :icon="icon" variant="plain" :aria-label="picks" />
      </template>
      <slot :close="() => (open = false)" />
    </VMenu>
  </div>
</template>

<style scoped>
.picked-field {
  display: flex;
  align-items: end;
}
.picked-field > :first-child {
  flex: 1;
  /* as much as what is written in it */
  min-width: var(--least, 64px);
}
</style>
