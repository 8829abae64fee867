<script setup lang="ts">
import { computed } from 'vue'
import { checkFindings, compareDesigns } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** The last changes, newest first, each with what it moved; a press goes back to before it. */
const document = useDocumentStore()
const view = useViewStore()
const { text } = useQuantities()
const MOST = 12
const rows = computed(() =>
  [...document.past]
    .slice(-MOST)
    .reverse()
    .map((step, i) => {
      const before = checkFindings(step.before).counts.stop,
        after = checkFindings(step.after).counts.stop
      return {
        back: i + 1,
        label: step.label,
        effects: [
          ...compareDesigns(step.before, step.after, step.after.use.cruiseSpeed, 2).map(
            c => `${c.label} ${text(c.before, c.quantity)} → ${text(c.after, c.quantity)}`,
          ),
          ...(before === after ? [] : [boardWords.history.clashes(before, after)]),
        ],
      }
    }),
)
function goBack(steps: number) {
  for (let i = 0; i < steps; i++) document.undo()
  view.historyOpen = false
}
</script>

<template>
  <VDialog v-model="view.historyOpen" :max-width="520" :aria-label="boardWords.history.title">
    <section class="history" data-history>
      <h2 class="section-head">{{ boardWords.history.title }}</h2>
      <p v-if="!rows.length" class="soft">{{ boardWords.history.none }}</p>
      <ol v-else>
        <li v-for="row in rows" :key="row.back">
          <div>
            <b>{{ row.label }}</b>
            <p class="soft small">{{ row.effects.join('; ') || boardWords.history.nothing }}</p>
          </div>
          <VBtn @click="goBack(row.back)">{{ boardWords.history.back(row.back) }}</VBtn>
        </li>
      </ol>
      <VBtn @click="view.historyOpen = false">{{ boardWords.find.close }}</VBtn>
    </section>
  </VDialog>
</template>

<style scoped>
.history {
  display: flex;
  flex-direction: column;
  gap: 10px;
  max-height: 86dvh;
  padding: 14px 18px 18px;
  background: var(--sheet);
  border: 1.25px solid var(--ink);
  color: var(--text);
}
ol {
  overflow: auto;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 7px 0;
  border-bottom: 0.75px solid var(--rule);
  font-size: 14.5px;
  line-height: 19px;
}
li .v-btn {
  flex: none;
}
.history > .v-btn {
  align-self: flex-start;
}
</style>
