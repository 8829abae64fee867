<script setup lang="ts" generic="T extends string">
/** The tabs above a chart that has several views. */
defineProps<{ label: string; views: Record<T, string> }>()
const shown = defineModel<T>({ required: true })
</script>

<template>
  <VTabs v-model="shown" :aria-label="label">
    <VTab v-for="[id, word] in Object.entries(views) as [T, string][]" :key="id" :value="id" :data-view="id">
      {{ word }}
    </VTab>
  </VTabs>
</template>
