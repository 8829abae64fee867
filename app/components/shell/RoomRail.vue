<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { onClickOutside, onKeyStroke } from '@vueuse/core'
import { mdiChevronLeft, mdiChevronRight, mdiPin } from '@mdi/js'
import { HELD_PARTS, type PartName } from '@remigo/core'
import FindingsRail from '~/components/findings/FindingsRail.vue'
import { boardWords } from '~/messages/board'
import { troubleWords } from '~/messages/trouble'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'

/** The rail while the bench has the room: its counts, what is held, which parts clash; it opens over the bench. */
const answer = useAnswerStore()
const document = useDocumentStore()
const open = ref(false)
const box = ref<HTMLElement>()
const ROWS = ['stop', 'caution', 'note', 'fits'] as const
const held = computed(() => HELD_PARTS.filter(part => document.shown.held[part]))
const letter = (part: PartName) => boardWords.partKeys[part]
// what is tried wants to be seen and kept or put back
watch(
  () => document.trial !== null,
  trying => {
    open.value = trying
  },
  { immediate: true },
)
onClickOutside(box, () => {
  if (!document.trial) open.value = false
})
onKeyStroke('Escape', () => {
  open.value = false
})
</script>

<template>
  <div ref="box" class="rail-box">
    <VBtn
      variant="plain"
      class="folded"
      :aria-expanded="open"
      :aria-label="open ? boardWords.room.close : boardWords.room.open"
      data-room-rail
      @click="open = !open"
    >
      <svg width="20" height="20" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="open ? mdiChevronRight : mdiChevronLeft" fill="currentColor" />
      </svg>
      <span v-for="row in ROWS" :key="row" class="count"
        ><StateMark :state="row" :size="15" /><span class="figures">{{
          answer.judged ? answer.findings.counts[row] : '–'
        }}</span></span
      >
      <span v-for="part in held.slice(0, 3)" :key="part" class="pin"
        ><svg width="14" height="14" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiPin" fill="currentColor" /></svg
        >{{ boardWords.held.names[part].slice(0, 1).toUpperCase() }}</span
      >
      <span v-for="f in answer.findings.findings.slice(0, 5)" :key="f.rule" class="pin"
        ><StateMark :state="f.severity" :size="13" />{{ letter(f.part) }}</span
      >
    </VBtn>
    <div v-if="open" class="over at-findings">
      <PanelBoundary :panel="troubleWords.panels.tally"><TallyPanel class="tally-part" /></PanelBoundary>
      <PanelBoundary :panel="troubleWords.panels.findings"><FindingsRail class="rail-part" /></PanelBoundary>
    </div>
  </div>
</template>

<style scoped>
.rail-box {
  position: relative;
  background: var(--sheet);
}
.folded {
  display: flex;
  flex-direction: column;
  align-items: center;
  width: 100%;
  height: 100%;
  color: var(--text);
  font-size: 13px;
  overflow: hidden;
}
.folded > * > svg {
  margin: 10px 0;
}
.count,
.pin {
  display: flex;
  align-items: center;
  justify-content: center;
  width: 100%;
  border-top: 0.75px solid var(--rule);
}
.count {
  flex-direction: column;
  gap: 2px;
  padding: 7px 0 5px;
}
.count .figures {
  font-size: 17px;
  line-height: 20px;
}
.pin {
  gap: 3px;
  min-height: 34px;
  color: var(--soft);
  font-size: 12.5px;
}
.pin > svg {
  color: var(--signal);
}
.over {
  position: absolute;
  top: 0;
  right: 43px;
  bottom: 0;
  width: 290px;
  display: flex;
  flex-direction: column;
  background: var(--sheet);
  border-left: 1px solid var(--ink);
  border-right: 1px solid var(--ink);
  z-index: 6;
}
.tally-part {
  flex: none;
  height: auto;
}
.rail-part {
  flex: 1;
  border-top: 1px solid var(--ink);
}
</style>
