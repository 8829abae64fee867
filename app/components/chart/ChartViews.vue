<script setup lang="ts" generic="T extends string">
/** The tabs above a chart that has several views. */
defineProps<{ label: string; views: Record<T, string> }>()
const shown = defineModel<T>({ required: true })
</script>

<template>
  <div class="views" role="tablist" :aria-label="label">
    <VBtn
      v-for="[id, word] in Object.entries(views) as [T, string][]"
      :key="id"
      variant="plain"
      role="tab"
      :aria-selected="shown === id"
      :data-view="id"
      @click="shown = id"
    >
      {{ word }}
    </VBtn>
  </div>
</template>

<style scoped>
.views {
  display: flex;
  flex-wrap: wrap;
  border-bottom: 1.25px solid var(--ink);
  margin-bottom: 4px;
}
.views button {
  min-height: var(--hit);
  padding: 0 12px;
  font: 500 13.5px/18px var(--labels);
  border-top: 3px solid transparent;
  color: var(--soft);
}
.views button[aria-selected='true'] {
  border-top-color: var(--ink);
  color: var(--text);
  font-weight: 600;
  background: var(--sheet);
}
</style>
