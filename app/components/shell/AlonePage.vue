<script setup lang="ts">
import { boardWords } from '~/messages/board'
import { pathOf } from '~/benches'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/** A page by itself, as for a new boat: no other boat's findings stand around it. */
const document = useDocumentStore()
const view = useViewStore()
</script>

<template>
  <div class="alone">
    <header class="alone__head">
      <BoatsMenu />
      <VBtn data-find-open @click="view.findOpen = true">{{ boardWords.find.name }}</VBtn>
      <VBtn :to="pathOf('boat')">{{ boardWords.shell.toBoard(document.shown.name) }}</VBtn>
    </header>
    <BenchPage class="alone__page"><slot /></BenchPage>
  </div>
</template>

<style scoped>
.alone {
  display: flex;
  flex-direction: column;
  height: 100dvh;
  background: var(--paper);
}
.alone__head {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  padding: 4px 14px 4px 4px;
  background: var(--sheet);
  border-bottom: 2px solid var(--ink);
}
.alone__head > :nth-child(2) {
  margin-left: auto;
}
.alone__page {
  flex: 1;
  min-height: 0;
  overflow: auto;
  scrollbar-width: thin;
  scrollbar-color: var(--rule) transparent;
}
.alone__page:focus {
  outline: none;
}
</style>
