<script setup lang="ts">
import { computed } from 'vue'
import { mdiFlashOutline } from '@mdi/js'
import { sizeRest, withEdits, compareDesigns, fillText, RULES, type Finding, type Fix, type Project } from '@remigo/core'
import { m } from '~/messages'
import { useDocumentStore } from '~/stores/document'
import { useViewStore } from '~/stores/view'
import { useQuantities } from '~/composables/useQuantities'

/** What does not fit, why, by how much, and up to two fixes with what they cost. */
const props = defineProps<{ finding: Finding }>()
const document = useDocumentStore()
const view = useViewStore()
const { fill, format } = useQuantities()

const rule = computed(() => RULES.find(r => r.id === props.finding.rule)!)

/** A fix made ready: its edits, and the figure that it moves most. */
const fixes = computed(() => props.finding.fixes.slice(0, 2).flatMap((fix) => {
  const ready = prepare(fix)
  return ready ? [{ label: fill(fix.label), ...ready, price: price(ready.project) }] : []
}))

function prepare(fix: Fix): { edits: Fix['edits'], project: Project, reasons: string[] } | null {
  const edited = withEdits(document.shown, fix.edits)
  if (!fix.resize) return { edits: fix.edits, project: edited, reasons: [] }
  const sized = sizeRest(edited)
  if (sized.outcome !== 'sized') return null
  return { edits: [...fix.edits, ...sized.edits], project: withEdits(edited, sized.edits), reasons: sized.reasons.map(r => fillText(r.text, view.choice)) }
}
function price(after: Project): string {
  const change = compareDesigns(document.shown, after, document.shown.use.cruiseSpeed, 1)[0]
  if (!change) return ''
  const sign = change.after > change.before ? '+' : '\u2212'
  if (change.quantity === 'price') return `${sign}${format(Math.abs(change.after - change.before), 'price').text} €`
  return `${m.effects[change.id as keyof typeof m.effects]} ${sign}${Math.abs(change.relative * 100).toFixed(Math.abs(change.relative) < 0.1 ? 1 : 0)} %`
}
function tryFix(index: number) {
  const fix = fixes.value[index]!
  document.startTrial(`${props.finding.rule}/${index}`, fix.label, fix.edits, fix.reasons)
}
</script>

<template>
  <article class="finding" :class="`finding--${finding.severity}`" :data-rule="finding.rule">
    <header>
      <StateMark :state="finding.severity" />
      <h3><b :class="finding.severity">{{ m.states[finding.severity] }}</b>, {{ finding.title }}</h3>
      <span class="amount figures">{{ fill(finding.amount) }}</span>
    </header>
    <p>{{ fill(finding.sentence) }}</p>
    <p v-if="finding.caution" class="caution">
      <svg width="16" height="16" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiFlashOutline" fill="currentColor" /></svg>{{ finding.caution }}
    </p>
    <button v-for="(fix, i) in fixes" :key="fix.label" type="button" class="btn fix" :class="{ 'btn--best': i === 0 }" @click="tryFix(i)">
      <span>{{ fix.label }}</span><span class="price">{{ fix.price }}</span>
    </button>
    <details class="whence"><summary>{{ m.working.head }}</summary><p class="small"><b>{{ m.working.rule }}</b> {{ rule.checks }}. <b>{{ m.working.source }}</b> {{ rule.source }}.</p></details>
  </article>
</template>

<style scoped>
.finding { padding: 10px 14px 12px; border-bottom: .75px solid var(--rule); }
header { display: flex; gap: 8px; align-items: baseline; }
header svg { transform: translateY(2px); }
h3 { font: 500 14px/18px var(--labels); flex: 1; }
b { font-weight: 600; }
.stop { color: var(--clash); }
.caution { color: var(--tight); }
.note { color: var(--soft); }
.amount { font-size: 15px; white-space: nowrap; }
p { margin: 2px 0 7px; font-size: 14px; line-height: 18px; }
p.caution { display: flex; gap: 6px; color: var(--text); font-size: 13px; line-height: 16px; }
p.caution svg { flex: none; }
.whence { margin-top: 4px; font-size: 12.5px; color: var(--soft); }
summary { cursor: pointer; min-height: 24px; display: inline-flex; align-items: center; text-decoration: underline dotted; text-underline-offset: 3px; }
@media (pointer: coarse) { summary { min-height: 44px; } }
.fix { width: 100%; margin-top: 4px; }
</style>
