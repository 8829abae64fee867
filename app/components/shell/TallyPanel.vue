<script setup lang="ts">
import { computed } from 'vue'
import { mdiPin } from '@mdi/js'
import type { HeldPart } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'
import { useSizing } from '~/composables/useSizing'

/** How many rules fit, are tight, clash or are open; what is held; and the sizing of the rest. */
const answer = useAnswerStore()
const document = useDocumentStore()
const { failure, size } = useSizing()
const ROWS = ['stop', 'caution', 'note', 'fits'] as const
const held = computed(() =>
  (Object.keys(document.shown.held) as HeldPart[])
    .filter(part => document.shown.held[part])
    .map(part => boardWords.held.names[part])
    .join(', '),
)
</script>

<template>
  <section class="tally" :aria-label="boardWords.shell.tally">
    <header>
      <h2>{{ boardWords.shell.tally }}</h2>
      <span class="soft small">{{ boardWords.shell.tallyHint }}</span>
    </header>
    <ul>
      <li v-for="row in ROWS" :key="row" :data-tally="row">
        <span class="figures count">{{ answer.judged ? answer.findings.counts[row] : '–' }}</span><StateMark
          :state="row"
        />
        <b :class="row">{{ boardWords.states[row] }}</b><span class="soft small">{{ boardWords.stateHints[row] }}</span>
      </li>
    </ul>
    <div class="held">
      <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
      <p v-else-if="held">
        <svg width="15" height="15" viewBox="0 0 24 24" aria-hidden="true">
          <path :d="mdiPin" fill="currentColor" />
        </svg>
        <b>{{ boardWords.held.head }}:</b> {{ held }}. {{ boardWords.held.rest }}
      </p>
      <p v-else class="soft">{{ boardWords.held.none }}</p>
      <div class="sizing">
        <VBtn data-size-rest @click="size">{{ boardWords.held.size }}</VBtn><NuxtLink
          to="/sheet#designs"
          class="more"
          >{{ boardWords.held.compare }}</NuxtLink
        >
      </div>
    </div>
  </section>
</template>

<style scoped>
.tally {
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--sheet);
  min-height: 0;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 39px;
  padding: 0 14px;
  border-bottom: 1px solid var(--ink);
  background: var(--paper);
}
h2 {
  font: 600 14px/18px var(--labels);
}
ul {
  flex: 1;
  display: flex;
  flex-direction: column;
}
li {
  display: grid;
  grid-template-columns: 30px 16px auto 1fr;
  gap: 8px;
  align-items: center;
  flex: 1;
  min-height: 28px;
  padding: 0 14px;
  border-bottom: 0.75px solid var(--rule);
}
.count {
  font-size: 23px;
  line-height: 26px;
  text-align: right;
}
b {
  font-weight: 600;
}
.stop {
  color: var(--clash);
}
.caution {
  color: var(--tight);
}
.fits {
  color: var(--fits);
}
.held {
  padding: 8px 14px;
  font-size: 13px;
  line-height: 16px;
  display: grid;
  gap: 6px;
}
.held svg {
  color: var(--signal);
  vertical-align: -2px;
}
.sizing {
  display: flex;
  gap: 12px;
  align-items: center;
}
.sizing .v-btn {
  flex: 1;
}
.more {
  color: inherit;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  white-space: nowrap;
}
.failure {
  color: var(--clash);
  max-height: 66px;
  overflow: auto;
}
</style>
