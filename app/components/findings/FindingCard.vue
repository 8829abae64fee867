<script setup lang="ts">
import { computed, onScopeDispose, shallowRef, watch } from 'vue'
import { mdiFlashOutline } from '@mdi/js'
import {
  changeText,
  compareDesigns,
  RULES,
  withEdits,
  type Finding,
  type Fix,
  type Project,
  type Rule,
} from '@remigo/core'
import { boardWords } from '~/messages/board'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'
import { whenIdle } from '~/composables/whenIdle'

/** What does not fit, why, by how much, and up to two fixes with what they cost. */
const props = defineProps<{ finding: Finding }>()
const document = useDocumentStore()
const view = useViewStore()
const { fill, text } = useQuantities()

const rule = computed<Rule>(() => RULES[props.finding.rule])

/**
 * Fixes are tried before they are offered, which takes a moment: it is done when the page has nothing else to do. What
 * stood there stays until then.
 */
const offered = shallowRef<{ fixes: ReadyFix[]; need: string | null } | null>(null)
interface ReadyFix {
  label: string
  edits: Fix['edits']
  reasons: string[]
  price: string
}
let waiting = 0
watch(
  () => props.finding,
  finding => {
    const turn = ++waiting
    whenIdle(() => {
      if (turn !== waiting) return
      offered.value = { fixes: finding.fixes.slice(0, 2).map(ready), need: finding.need && fill(finding.need) }
    })
  },
  { immediate: true },
)
// in the owner's units, once they change
watch(
  () => view.choice,
  () => {
    if (offered.value)
      offered.value = {
        fixes: props.finding.fixes.slice(0, 2).map(ready),
        need: props.finding.need && fill(props.finding.need),
      }
  },
)
onScopeDispose(() => {
  waiting++
})

const ready = (fix: Fix): ReadyFix => ({
  label: fill(fix.label),
  edits: fix.edits,
  reasons: (fix.reasons ?? []).map(fill),
  price: price(withEdits(document.shown, fix.edits)),
})
function price(after: Project): string {
  const change = compareDesigns(document.shown, after, document.shown.use.cruiseSpeed, 1)[0]
  if (!change) return ''
  const name = boardWords.effects[change.id as keyof typeof boardWords.effects]
  if (change.quantity !== 'price') return `${name} ${changeText(change.before, change.after)}`
  return `${change.after > change.before ? '+' : '\u2212'}${text(Math.abs(change.after - change.before), 'price')}`
}
function tryFix(index: number) {
  const fix = offered.value!.fixes[index]!
  document.startTrial(`${props.finding.rule}/${index}`, fix.label, fix.edits, fix.reasons)
}
</script>

<template>
  <article class="finding" :class="`finding--${finding.severity}`" :data-rule="finding.rule">
    <header>
      <StateMark :state="finding.severity" />
      <h3>
        <b :class="finding.severity">{{ boardWords.states[finding.severity] }}</b>, {{ finding.title }}
      </h3>
      <span class="amount figures">{{ fill(finding.amount) }}</span>
    </header>
    <p><WithTerms :text="fill(finding.sentence)" /></p>
    <p v-if="finding.caution" class="caution">
      <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true">
        <path :d="mdiFlashOutline" fill="currentColor" /></svg
      >{{ finding.caution }}
    </p>
    <p v-if="!offered" class="looking small soft">{{ boardWords.finding.looking }}</p>
    <p v-else-if="offered.need" class="small need">
      <b>{{ boardWords.finding.need }}:</b> {{ offered.need }}
    </p>
    <VBtn
      v-for="(fix, i) in offered?.fixes ?? []"
      :key="fix.label"
      class="fix"
      :variant="i === 0 ? 'flat' : 'outlined'"
      @click="tryFix(i)"
    >
      <span>{{ fix.label }}</span><span class="price">{{ fix.price }}</span>
    </VBtn>
    <FoldedPart class="whence" :title="boardWords.working.head">
      <summary>{{ boardWords.working.head }}</summary>
      <p class="small">
        <b>{{ boardWords.working.rule }}</b> {{ rule.checks }}. <b>{{ boardWords.working.source }}</b>
        {{ rule.source }}.
      </p>
    </FoldedPart>
  </article>
</template>

<style scoped>
.finding {
  padding: 10px 14px 12px;
  border-bottom: 0.75px solid var(--rule);
}
header {
  display: flex;
  gap: 8px;
  align-items: baseline;
}
header svg {
  transform: translateY(2px);
}
h3 {
  font: 500 14px/18px var(--labels);
  flex: 1;
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
.note {
  color: var(--soft);
}
.amount {
  font-size: 15px;
  white-space: nowrap;
}
p {
  margin: 2px 0 7px;
  font-size: 14px;
  line-height: 18px;
}
p.caution {
  display: flex;
  gap: 6px;
  color: var(--text);
  font-size: 13px;
  line-height: 16px;
}
p.caution svg {
  flex: none;
}
.whence {
  margin-top: 4px;
  font-size: 12.5px;
  color: var(--soft);
}
.looking {
  min-height: var(--hit);
}
.need {
  font-size: 13px;
}
.fix {
  width: 100%;
  margin-top: 4px;
}
</style>
