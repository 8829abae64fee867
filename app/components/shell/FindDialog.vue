<script setup lang="ts">
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { boardWords } from '~/messages/board'
import { pathOf } from '~/benches'
import { findEntries, type ActionId, type FindEntry } from '~/find/entries'
import { findIndex } from '~/find/findIndex'
import { useBoatFiles } from '~/composables/useBoatFiles'
import { useCompact } from '~/composables/useCompact'
import { useAnswerStore } from '~/stores/answer'
import { useBoatsStore } from '~/stores/boats'
import { useLibraryStore } from '~/stores/library'
import { useViewStore } from '~/stores/view'
import { useRangeEnd } from '~/composables/useRangeEnd'

/** Find: a field, figure, part, finding, bench or boat by an owner's words, and the way there. */
const answer = useAnswerStore()
const router = useRouter()
const boats = useBoatsStore()
const library = useLibraryStore()
const { endId } = useRangeEnd()
const view = useViewStore()
const compact = useCompact()
const { exportBoat } = useBoatFiles()
const words = ref('')
const at = ref(0)
const told = ref('')
const meaning = ref<{ term: string; words: string } | null>(null)
const input = ref<HTMLInputElement>()
const index = shallowRef(
  findIndex(
    findEntries({
      library: library.library,
      findings: answer.findings.findings,
      boats: boats.list,
      units: view.choice,
    }),
  ),
)
const found = computed(() => index.value.find(words.value))
watch(found, () => {
  at.value = 0
  meaning.value = null
  told.value = ''
})
onMounted(() => nextTick(() => input.value?.focus()))

/** Waits for something on a bench that may still be loading. */
async function appears(selector: string): Promise<HTMLElement | null> {
  for (let i = 0; i < 40; i++) {
    const el = document.querySelector<HTMLElement>(selector)
    if (el) return el
    await new Promise(resolve => setTimeout(resolve, 50))
  }
  return null
}
const close = () => {
  view.findOpen = false
}
async function go(entry: FindEntry | undefined) {
  if (!entry) return
  const { leads } = entry
  if (leads.to === 'bench') {
    close()
    return void router.push(pathOf(leads.bench))
  }
  if (leads.to === 'part') {
    close()
    return void router.push({ path: pathOf('library'), query: { kind: leads.kind, part: leads.part } })
  }
  if (leads.to === 'boat') {
    close()
    return void boats.open(leads.boat)
  }
  if (leads.to === 'finding') {
    view.focusedFinding = leads.rule
    view.findingsOpen = compact.value
    return close()
  }
  if (leads.to === 'action') return act(leads.action)
  if (leads.to === 'term') {
    meaning.value = { term: entry.title, words: leads.meaning }
    return
  }
  await router.push(pathOf(leads.bench))
  const el = await appears(
    leads.to === 'field' ? `[data-field="${leads.path}"]` : `[data-figure="${endId(leads.figure)}"]`,
  )
  if (!el && leads.to === 'field') {
    told.value = boardWords.find.missing(entry.title)
    return
  }
  close()
  await nextTick()
  if (leads.to === 'figure') {
    const anchor = el ?? document.getElementById('bench')!
    el?.scrollIntoView({ block: 'center' })
    view.working = { id: leads.figure, anchor }
    return
  }
  const field = el!.matches('input') ? el! : el!.querySelector<HTMLElement>('input')
  field?.scrollIntoView({ block: 'center' })
  // after the dialog has given the focus back
  setTimeout(() => field?.focus({ preventScroll: true }), 60)
}
function act(action: ActionId) {
  close()
  if (action === 'units') view.settingsOpen = true
  else if (action === 'start') void router.push('/start')
  else if (action === 'export') exportBoat()
  else if (action === 'keys') view.keysOpen = true
  else if (action === 'history') view.historyOpen = true
  else if (action === 'compare') void router.push('/compare')
  else void router.push(pathOf('sheet'))
}
function key(event: KeyboardEvent) {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (step !== undefined) {
    event.preventDefault()
    at.value = Math.min(found.value.length - 1, Math.max(0, at.value + step))
    document.getElementById(`found-${at.value}`)?.scrollIntoView({ block: 'nearest' })
  } else if (event.key === 'Enter') {
    event.preventDefault()
    void go(found.value[at.value])
  }
}
</script>

<template>
  <VDialog
    v-model="view.findOpen"
    :max-width="560"
    location="top"
    class="find-dialog"
    :aria-label="boardWords.find.name"
  >
    <section class="find" data-find-dialog>
      <VTextField
        ref="input"
        v-model="words"
        type="search"
        class="ask"
        aria-controls="found"
        :aria-activedescendant="found.length ? `found-${at}` : undefined"
        :aria-label="boardWords.find.ask"
        :placeholder="boardWords.find.ask"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        data-find-words
        @keydown="key"
      />
      <p v-if="told" class="told" role="alert">{{ told }}</p>
      <p v-else-if="!words" class="soft hint">{{ boardWords.find.hint }}</p>
      <p v-else-if="!found.length" class="hint" role="status">{{ boardWords.find.none }}</p>
      <p v-if="meaning" class="meaning" role="status" data-meaning>
        <b>{{ meaning.term }}.</b> {{ meaning.words }}
      </p>
      <ul id="found" role="listbox" :aria-label="boardWords.find.name">
        <li
          v-for="(entry, i) in found"
          :id="`found-${i}`"
          :key="entry.id"
          role="option"
          :aria-selected="i === at"
          :class="{ at: i === at }"
          data-found
          @click="go(entry)"
          @pointermove="at = i"
        >
          <span class="title">{{ entry.title }}</span><span class="soft where"
            >{{ boardWords.find.kinds[entry.kind] }}<template v-if="entry.where">, {{ entry.where }}</template></span
          >
        </li>
      </ul>
    </section>
  </VDialog>
</template>

<style scoped>
.find {
  background: var(--sheet);
  color: var(--text);
  border: 1.25px solid var(--ink);
}
.ask :deep(input) {
  min-height: 52px;
  padding: 0 16px;
  font: 500 18px/24px var(--labels);
}
.hint,
.told {
  padding: 12px 16px;
  font-size: 14px;
}
.told {
  color: var(--clash);
}
.meaning {
  padding: 12px 16px;
  border-bottom: 1.5px solid var(--ink);
  font-size: 16px;
  line-height: 22px;
}
ul {
  max-height: min(430px, calc(100dvh - 160px));
  overflow: auto;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: baseline;
  min-height: 40px;
  padding: 9px 16px;
  border-bottom: 0.75px solid var(--rule);
  cursor: pointer;
  font-size: 15px;
  line-height: 20px;
}
li.at {
  background: var(--band);
}
.where {
  font-size: 13px;
  text-align: right;
}
@media (pointer: coarse) {
  li {
    min-height: 52px;
    align-items: center;
  }
}
</style>

<style>
.find-dialog {
  align-items: flex-start !important;
  padding-top: 8dvh;
}
</style>
