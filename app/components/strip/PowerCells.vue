<script setup lang="ts">
import { computed } from 'vue'
import { mdiPin } from '@mdi/js'
import type { HeldPart } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAfloat } from '~/composables/useAfloat'
import { usePartWords } from '~/composables/usePartWords'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import LostPower from './LostPower.vue'
import { benchOf, pathOf } from '~/benches'
import { STAGES } from './stages'

/**
 * The head of the strip: a cell a stage, in the order of the power, each a door to its bench. Only the figures move
 * with the lever.
 */
defineProps<{ compact: boolean; folded?: boolean }>()
const answer = useAnswerStore()
const document = useDocumentStore()
const route = useRoute()

const words = usePartWords()
/** where instruments speak, what the lever plans is outlined */
const afloat = useAfloat()
const cells = computed(() =>
  STAGES.map(stage => ({
    ...stage,
    state: answer.stateOf(stage.part),
    held: stage.part !== 'hull' && document.shown.held[stage.part as HeldPart],
    current: benchOf(route.path)?.id === stage.bench && stage.part !== 'controller',
  })),
)
</script>

<template>
  <nav
    class="cells"
    :class="{ plan: afloat }"
    :aria-label="boardWords.parts.pack + ' to ' + boardWords.parts.hull.toLowerCase()"
  >
    <div
      v-for="(cell, i) in cells"
      :key="cell.part"
      class="cell"
      :class="{ current: cell.current }"
      :data-part="cell.part"
    >
      <NuxtLink :to="pathOf(cell.bench)" class="head">
        <StateMark :state="cell.state" :size="compact ? 12 : 14" />
        <span class="name">{{ compact ? words.short(cell.part) : words.part(cell.part) }}</span>
        <svg
          v-if="cell.held"
          class="pin"
          width="15"
          height="15"
          viewBox="0 0 24 24"
          role="img"
          :aria-label="boardWords.held.head"
        >
          <path :d="mdiPin" fill="currentColor" />
        </svg>
        <span v-if="!compact" class="key">{{ boardWords.partKeys[cell.part] }}</span>
        <span class="visually-hidden">{{ cell.state && boardWords.states[cell.state] }}</span>
      </NuxtLink>
      <span class="values">
        <span v-if="afloat" class="visually-hidden">{{ boardWords.lever.planShort }}</span>
        <FigureValue :id="cell.figure" size="strip" class="main" :still="compact" />
        <FigureValue v-if="!compact" :id="cell.second" class="second" />
      </span>
      <LostPower v-if="!compact && !folded && i < cells.length - 1" :index="i" />
    </div>
  </nav>
</template>

<style scoped>
.cells {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  border-bottom: 1px solid var(--ink);
  background: var(--sheet);
}
.cell {
  position: relative;
  display: block;
  padding: 5px 12px 4px;
  color: var(--text);
  text-decoration: none;
  border-left: 1px solid var(--ink);
  min-width: 0;
}
.cell:first-child {
  border-left: 0;
}
.head {
  display: flex;
  align-items: center;
  gap: 6px;
  font: 500 14px/18px var(--labels);
  color: inherit;
  text-decoration: none;
}
/* the whole cell is the door; the figures stand on it and open their workings */
.head::after {
  content: '';
  position: absolute;
  inset: 0;
}
.current :deep(.figure),
.current :deep(.unit) {
  color: var(--sheet);
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.pin {
  color: var(--signal);
}
.key {
  margin-left: auto;
  color: var(--soft);
  font-size: 12px;
}
.values {
  position: relative;
  z-index: 1;
  pointer-events: none;
  contain: size layout;
  height: 25px;
  white-space: nowrap;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 6px;
}
.values :deep(button) {
  pointer-events: auto;
}
.main {
  font-size: 20px;
  line-height: 25px;
  white-space: nowrap;
}
.second.figure {
  font-size: 13.5px;
  line-height: 16px;
  font-weight: 500;
  color: var(--soft);
}
.current .second.figure {
  color: var(--sheet);
}
.plan .main {
  outline: 1.25px dashed var(--soft);
  outline-offset: -1px;
  padding: 0 3px;
  font-weight: 400;
}
.current {
  background: var(--ink);
  color: var(--sheet);
}
.current .key {
  color: var(--sheet);
}
.current .pin {
  color: var(--sheet);
}
.current :deep(.ring) {
  stroke: var(--sheet);
}
@media (min-width: 900px) and (max-width: 1120px) {
  .second,
  .key {
    display: none;
  }
  .cell {
    padding: 5px 8px 4px;
  }
}
@media (max-width: 899px) {
  .cell {
    padding: 4px 5px 2px 6px;
  }
  .head {
    font-size: 13px;
    gap: 3px;
  }
  .main {
    font-size: 17px;
    line-height: 20px;
  }
}
</style>
