<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref } from 'vue'
import { boardWords } from '~/messages/board'
import { troubleWords } from '~/messages/trouble'
import { useAdvice } from '~/composables/useAdvice'
import { useCompact } from '~/composables/useCompact'
import { useLeverKeys } from '~/composables/useLeverKeys'
import { useRoom } from '~/composables/useRoom'
import { useScrolledDown } from '~/composables/useScrolledDown'
import { useStages } from '~/composables/useStages'
import { useViewStore } from '~/stores/view'
import type BenchPage from './BenchPage.vue'

/**
 * The board around a bench: title block, strip, tally; lever, bench, findings. On small screens the strip stays and the
 * lever lies below.
 */
const compact = useCompact()
const view = useViewStore()
const FindingsRail = defineAsyncComponent(() => import('~/components/findings/FindingsRail.vue'))
const CompactHeader = defineAsyncComponent(() => import('~/components/shell/CompactHeader.vue'))
const SpeedLeverFlat = defineAsyncComponent(() => import('~/components/lever/SpeedLeverFlat.vue'))
const WorkingPopover = defineAsyncComponent(() => import('~/design/figures/WorkingPopover.vue'))
const RoomRail = defineAsyncComponent(() => import('~/components/shell/RoomRail.vue'))
const { stage } = useStages()
const { on: roomy } = useRoom()
useLeverKeys()
const bench = ref<InstanceType<typeof BenchPage>>()
const scrolled = useScrolledDown(computed(() => bench.value?.page))
onMounted(() => void useAdvice().fetchAdvice())
</script>

<template>
  <div
    class="board"
    :class="{ 'board--compact': compact, 'board--room': roomy, 'board--scrolled': compact && scrolled }"
  >
    <a href="#bench" class="skip">{{ boardWords.shell.skip }}</a>
    <template v-if="!compact">
      <TitleBlock class="at-title" :folded="roomy" />
      <div class="at-strip">
        <PanelBoundary :panel="troubleWords.panels.strip"><BoatStrip :folded="roomy" /></PanelBoundary>
      </div>
      <div v-if="!roomy" class="at-tally">
        <PanelBoundary :panel="troubleWords.panels.tally"><TallyPanel v-if="stage >= 1" /></PanelBoundary>
      </div>
      <div class="at-lever">
        <PanelBoundary :panel="troubleWords.panels.lever"><LeverPanel v-if="stage >= 1" /></PanelBoundary>
      </div>
      <BenchTabs class="at-tabs" />
      <div v-if="!roomy" class="at-findings">
        <PanelBoundary :panel="troubleWords.panels.findings"><FindingsRail v-if="stage >= 2" /></PanelBoundary>
      </div>
      <RoomRail v-else class="at-rail" />
    </template>
    <template v-else>
      <CompactHeader class="at-title" />
      <div class="at-strip">
        <PanelBoundary :panel="troubleWords.panels.strip"><BoatStrip :folded="scrolled" /></PanelBoundary>
      </div>
      <div class="at-lever">
        <PanelBoundary :panel="troubleWords.panels.lever"><SpeedLeverFlat /></PanelBoundary>
      </div>
    </template>
    <BenchPage ref="bench" class="at-bench"><slot /></BenchPage>
    <PanelBoundary :panel="troubleWords.panels.bench"><WorkingPopover v-if="view.working" /></PanelBoundary>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  height: 100dvh;
  grid-template-columns: 216px minmax(0, 1fr) 280px;
  grid-template-rows: 250px 38px minmax(0, 1fr);
  grid-template-areas: 'title strip tally' 'lever tabs tabs' 'lever bench findings';
  background: var(--paper);
}
.at-title {
  grid-area: title;
  border-right: 1px solid var(--ink);
  border-bottom: 2px solid var(--ink);
  min-width: 0;
}
.at-strip {
  grid-area: strip;
  min-width: 0;
}
.at-tally,
.at-lever,
.at-findings {
  background: var(--sheet);
  min-height: 0;
}
.at-tally {
  grid-area: tally;
  border-left: 1px solid var(--ink);
  border-bottom: 2px solid var(--ink);
  min-width: 0;
}
.at-lever {
  grid-area: lever;
  border-right: 1px solid var(--ink);
  min-width: 0;
}
.at-tabs {
  grid-area: tabs;
  min-width: 0;
}
.at-findings {
  grid-area: findings;
  border-left: 1px solid var(--ink);
  min-width: 0;
}
.at-bench {
  grid-area: bench;
  overflow: auto;
  min-width: 0;
  scrollbar-width: thin;
  scrollbar-color: var(--rule) transparent;
}
/* what moves in one place lays out and paints nothing elsewhere */
.at-strip,
.at-lever,
.at-bench,
.at-findings,
.at-title,
.at-tally {
  contain: layout paint;
}
.board:not(.board--compact) > :is(.at-strip, .at-lever, .at-bench, .at-findings, .at-title, .at-tally) {
  contain: strict;
}
.at-bench:focus {
  outline: none;
}
.board--compact {
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto 196px minmax(0, 1fr) auto;
  grid-template-areas: 'title' 'strip' 'bench' 'lever';
}
.board--compact .at-title {
  border-right: 0;
  border-bottom: 1px solid var(--ink);
}
.board--compact .at-strip {
  border-bottom: 2px solid var(--ink);
}
.board--compact .at-lever {
  border-right: 0;
}
.board--room:not(.board--compact) {
  grid-template-columns: 216px minmax(0, 1fr) 44px;
  grid-template-rows: 78px 38px minmax(0, 1fr);
  grid-template-areas: 'title strip strip' 'lever tabs tabs' 'lever bench rail';
}
.at-rail {
  grid-area: rail;
  border-left: 1px solid var(--ink);
  min-height: 0;
}
.board--compact.board--scrolled {
  grid-template-rows: auto 47px minmax(0, 1fr) auto;
}
.board--scrolled .at-strip {
  overflow: hidden;
}
.skip {
  position: absolute;
  left: -999px;
  top: 0;
  z-index: 10;
  background: var(--sheet);
  color: var(--text);
  padding: 12px 14px;
  border: 1.25px solid var(--ink);
}
.skip:focus {
  left: 8px;
  top: 8px;
}
@media (min-width: 1500px) {
  .board {
    grid-template-columns: 248px minmax(0, 1fr) 320px;
    grid-template-rows: 310px 38px minmax(0, 1fr);
  }
  .board--room:not(.board--compact) {
    grid-template-columns: 248px minmax(0, 1fr) 44px;
  }
}
@media (max-width: 1120px) {
  .board:not(.board--compact) {
    grid-template-columns: 208px minmax(0, 1fr) 250px;
  }
}
/* a low screen (a phone lying down, a laptop at 200 %): the strip folds to its cells,
   the lever to its handle, and the board scrolls */
@media (max-height: 560px) {
  .board--compact {
    display: flex;
    flex-direction: column;
    overflow: auto;
    scroll-padding: 56px 0 82px;
  }
  .board--compact > * {
    flex: none;
  }
  .board--compact .at-title {
    position: sticky;
    top: 0;
    z-index: 5;
    contain: none;
  }
  .board--compact .at-strip {
    height: 47px;
    overflow: hidden;
  }
  .board--compact .at-bench {
    overflow: visible;
    contain: none;
    min-height: calc(100dvh - 171px);
  }
  .board--compact .at-lever {
    position: sticky;
    bottom: 0;
    z-index: 5;
    order: 9;
  }
}
@media (max-width: 899px) and (min-height: 1000px) {
  .board--compact:not(.board--scrolled) {
    grid-template-rows: auto 260px minmax(0, 1fr) auto;
  }
}
</style>
