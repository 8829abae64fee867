<script setup lang="ts">
import { boardWords } from '~/messages/board'

/** At the end of a row of a library: what is fitted says so, anything else can be tried on the board. */
defineProps<{ fitted: boolean; name: string; disabled?: boolean }>()
defineEmits<{ try: [] }>()
</script>

<template>
  <span v-if="fitted">{{ boardWords.trial.fitted }}</span>
  <VBtn v-else class="try" :disabled="disabled" :aria-label="`${boardWords.trial.try} ${name}`" @click="$emit('try')">
    {{ boardWords.trial.try }}
  </VBtn>
</template>

<style scoped>
.try {
  min-height: 28px;
  padding: 0 12px;
}
@media (pointer: coarse) {
  .try {
    min-height: 44px;
  }
}
</style>
