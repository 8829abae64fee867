<script setup lang="ts">
import { defineAsyncComponent, ref, type ComponentPublicInstance } from 'vue'
import { mdiChevronDown } from '@mdi/js'
import { boardWords } from '~/messages/board'

/** The brand, which opens the boats and settings. What it opens is loaded when it is first wanted. */
const BoatsPanel = defineAsyncComponent(() => import('./BoatsPanel.vue'))
const open = ref(false)
const wanted = ref(false)
const button = ref<ComponentPublicInstance>()
function toggle() {
  wanted.value = true
  open.value = !open.value
}
</script>

<template>
  <VBtn
    ref="button"
    variant="plain"
    class="brand"
    :aria-label="boardWords.shell.menu"
    aria-haspopup="menu"
    :aria-expanded="open"
    data-menu
    @click="toggle"
  >
    <svg width="22" height="22" viewBox="0 0 32 32" aria-hidden="true">
      <path d="M4 28 20 12" stroke="currentColor" stroke-width="2.6" fill="none" />
      <path d="M18.500 13.500C19 9 22 5 27.500 4.500 27 10 23 13 18.500 13.500Z" fill="currentColor" />
    </svg>
    <span>{{ boardWords.brand }}</span>
    <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
      <path :d="mdiChevronDown" fill="currentColor" />
    </svg>
  </VBtn>
  <BoatsPanel v-if="wanted" v-model="open" :target="button?.$el" />
</template>

<style scoped>
.brand {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: var(--hit);
  padding: 0 2px 0 10px;
  margin-right: auto;
  font: 600 17px/22px var(--labels);
  color: var(--text);
}
.brand svg:first-of-type {
  color: var(--ink);
}
@media (max-width: 899px) {
  .brand {
    margin: 0;
    padding: 0 4px 0 10px;
  }
  .brand span {
    display: none;
  }
}
</style>
