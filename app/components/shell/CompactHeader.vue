<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { mdiChevronDown, mdiClose, mdiUndo } from '@mdi/js'
import { boardWords } from '~/messages/board'
import { shelfWords } from '~/messages/shelf'
import { troubleWords } from '~/messages/trouble'
import { benchOf, BESIDE_SETS, SETS } from '~/benches'
import { usePartWords } from '~/composables/usePartWords'
import { useAnswerStore } from '~/stores/answer'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'

/** The head on small screens: boats, bench, undo, and the tally that opens the findings as a sheet. */
const FindingsRail = defineAsyncComponent(() => import('~/components/findings/FindingsRail.vue'))
const answer = useAnswerStore()
const boats = useBoatsStore()
const document = useDocumentStore()
const view = useViewStore()
const route = useRoute()
const words = usePartWords()
const bench = computed(() => benchOf(route.path))
const menu = ref(false)
function find() {
  menu.value = false
  view.findOpen = true
}
const counts = computed(() => (answer.trouble ? { stop: 1, caution: 0 } : answer.findings.counts))
</script>

<template>
  <header class="head">
    <h1 class="visually-hidden">{{ document.shown.name }}</h1>
    <BoatsMenu />
    <VBtn
      variant="plain"
      class="bench-button"
      aria-haspopup="dialog"
      :aria-expanded="menu"
      data-bench-menu
      @click="menu = true"
    >
      <b>{{ bench ? words.bench(bench) : boardWords.brand }}</b>
      <svg width="18" height="18" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiChevronDown" fill="currentColor" />
      </svg>
    </VBtn>
    <VDialog
      v-model="menu"
      :aria-label="boardWords.shell.benchesLabel"
      location="bottom"
      class="findings-sheet"
      :max-width="720"
      width="100%"
    >
      <nav class="menu" :aria-label="boardWords.shell.benchesLabel" data-bench-sheet>
        <section v-for="set in SETS" :key="set.id">
          <h2 class="section-head">{{ set.label }}</h2>
          <div class="choices">
            <NuxtLink
              v-for="b in set.benches"
              :key="b.id"
              :to="b.path"
              :class="{ here: b.id === bench?.id }"
              :data-bench="b.id"
              @click="menu = false"
              >{{ words.bench(b) }}</NuxtLink
            >
          </div>
        </section>
        <div class="choices beside">
          <NuxtLink
            v-for="b in BESIDE_SETS"
            :key="b.id"
            :to="b.path"
            :class="{ here: b.id === bench?.id }"
            :data-bench="b.id"
            @click="menu = false"
            >{{ words.bench(b) }}</NuxtLink
          >
          <VBtn variant="plain" data-find-open @click="find">{{ boardWords.find.name }}</VBtn>
        </div>
      </nav>
    </VDialog>
    <span
      v-if="boats.status !== 'saved'"
      class="unsaved"
      :class="{ bad: boats.status === 'failed' || boats.status === 'conflict' }"
      data-saved
      >{{ shelfWords.short[boats.status] }}</span
    >
    <VBtn
      icon
      variant="plain"
      :disabled="!document.canUndo"
      :aria-label="`${boardWords.shell.undo}: ${document.undoLabel || boardWords.shell.nothing}`"
      @click="document.undo()"
    >
      <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiUndo" fill="currentColor" /></svg>
    </VBtn>
    <VBtn
      variant="plain"
      class="counts"
      :aria-label="boardWords.shell.findingsOpen(counts.stop, counts.caution)"
      data-open-findings
      @click="view.findingsOpen = true"
    >
      <StateMark state="stop" /><span class="figures">{{ counts.stop }}</span
      ><StateMark state="caution" /><span class="figures">{{ counts.caution }}</span>
    </VBtn>
    <VDialog
      v-model="view.findingsOpen"
      :aria-label="boardWords.shell.findings"
      location="bottom"
      class="findings-sheet"
      :max-width="720"
      width="100%"
    >
      <div class="sheet">
        <PanelBoundary :panel="troubleWords.panels.tally"><TallyPanel class="sheet__tally" /></PanelBoundary>
        <PanelBoundary :panel="troubleWords.panels.findings">
          <FindingsRail class="sheet__rail">
            <VBtn icon variant="plain" :aria-label="boardWords.shell.closeFindings" @click="view.findingsOpen = false">
              <svg width="22" height="22" viewBox="0 0 24 24" aria-hidden="true">
                <path :d="mdiClose" fill="currentColor" />
              </svg>
            </VBtn>
          </FindingsRail>
        </PanelBoundary>
      </div>
    </VDialog>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  align-items: stretch;
  background: var(--sheet);
  min-height: 48px;
}
.bench-button {
  flex: 1;
  display: flex;
  align-items: center;
  gap: 7px;
  min-width: 0;
  padding: 0 6px;
  font-size: 16px;
  border-left: 0.75px solid var(--rule);
}
.bench-button b {
  font-weight: 600;
  white-space: nowrap;
}
.menu {
  padding: 12px 14px 18px;
  background: var(--sheet);
  color: var(--text);
  border-top: 2px solid var(--ink);
  max-height: 84dvh;
  overflow: auto;
}
.choices {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin: 8px 0 14px;
}
.beside {
  grid-template-columns: 1fr 1fr 1fr;
  margin-bottom: 0;
}
.choices > * {
  display: grid;
  place-items: center;
  min-height: 56px;
  padding: 0 8px;
  border: 1px solid var(--ink);
  color: var(--text);
  text-decoration: none;
  font-size: 16px;
  font-weight: 500;
}
.choices .here {
  background: var(--ink);
  color: var(--sheet);
  font-weight: 600;
}
.counts {
  display: flex;
  align-items: center;
  gap: 6px;
  padding: 0 12px;
  border-left: 1px solid var(--ink);
  font-size: 18px;
  min-height: 48px;
}
.sheet {
  display: flex;
  flex-direction: column;
  height: 78dvh;
  background: var(--sheet);
  border-top: 2px solid var(--ink);
  color: var(--text);
}
.sheet__tally {
  height: auto;
  flex: none;
}
.sheet__tally :deep(ul) {
  display: grid;
  grid-template-columns: 1fr 1fr;
  flex: none;
}
.sheet__tally :deep(li .small) {
  display: none;
}
.sheet__rail {
  flex: 1;
  border-top: 1px solid var(--ink);
}
.unsaved {
  align-self: center;
  padding: 0 6px;
  font-size: 12.5px;
  line-height: 15px;
  color: var(--soft);
}
.bad {
  color: var(--clash);
  font-weight: 600;
}
</style>

<style>
.findings-sheet {
  align-items: flex-end !important;
}
.findings-sheet > .v-overlay__content {
  margin: 0 !important;
  max-height: none !important;
}
</style>
