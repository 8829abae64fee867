<script setup lang="ts">
import { figureOn, type FigureId } from '@remigo/core'
import { useDocumentStore } from '~/stores/document'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** A computed figure with its label, in a list. */
defineProps<{ id: FigureId; band?: boolean }>()
const document = useDocumentStore()
const { endId } = useRangeEnd()
</script>

<template>
  <div class="figure-row">
    <span><WithTerms :text="figureOn(endId(id), document.shown).label" /></span><FigureValue :id="id" :band="band" />
  </div>
</template>

<style scoped>
.figure-row .figure {
}
.figure-row {
  contain: size layout;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  height: 33px;
  font-size: 13.5px;
  line-height: 16px;
  border-top: 0.75px solid var(--rule);
}
.figure-row:first-child {
  border-top: 0;
}
@media (pointer: coarse) {
  .figure-row {
    height: 45px;
  }
}
</style>
