<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, PartName, Severity } from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useAnswerStore } from '~/stores/answer'
import { useDocumentStore } from '~/stores/document'

/**
 * Findings, worst first; among equals those of the bench's part lead. While something is tried, its card stands on top.
 */
const answer = useAnswerStore()
const document = useDocumentStore()
const route = useRoute()
const SEVERITIES: Severity[] = ['stop', 'caution', 'note']
const part = computed(() => (route.meta.parts as PartName[] | undefined) ?? [])
const findings = computed(() => {
  const own = (f: Finding) => (part.value.includes(f.part) ? 0 : 1)
  return [...answer.findings.findings].sort(
    (a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) || own(a) - own(b),
  )
})
</script>

<template>
  <section class="rail" :aria-label="boardWords.shell.findings">
    <header class="rail__head">
      <h2>{{ boardWords.shell.findings }}</h2>
      <span class="soft">{{ boardWords.shell.findingsHint }}</span>
      <slot />
    </header>
    <div class="rail__body">
      <TrialCard v-if="document.trial" />
      <FindingCard v-for="f in findings" :key="f.rule" :finding="f" />
      <p v-if="answer.judged && !findings.length" class="none">
        <StateMark state="fits" /> {{ boardWords.shell.noFindings }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.rail {
  display: flex;
  flex-direction: column;
  min-height: 0;
  height: 100%;
  background: var(--sheet);
}
.rail__head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  min-height: 36px;
  padding: 0 14px;
  background: var(--desk);
  border-bottom: 1px solid var(--ink);
  font-size: 13px;
  flex: none;
}
h2 {
  font: 600 14px/18px var(--labels);
}
.rail__body {
  overflow: auto;
  flex: 1;
  min-height: 0;
}
.none {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 16px 14px;
}
</style>
