import { computed, ref, watch } from 'vue'
import { tryOnScopeDispose } from '@vueuse/core'
import { useDraftsStore, type Draft } from '~/stores/drafts'

/** What a field needs to know of what it stands for. */
export interface DraftOptions {
  /** the text of what is kept */
  shown: () => string
  /** the text to go on from when the hand enters, where it is another: as typed at last */
  recalled?: () => string | undefined
  /** makes sense of a text: what puts it where it belongs, or a sentence that helps; null when nothing changes */
  take: (text: string) => (() => void) | string | null
  /** its place in the document */
  key?: string
  /** words, not a number: the browser takes back letter by letter */
  letterwise?: boolean
}

/**
 * The text of a field: always what is kept, unless the hand is in it. Only what is typed in this visit is ever taken.
 * A text that makes no sense stays, with its sentence, until it is mended, taken back, or what is kept changes.
 *
 * @param options of the field
 * @returns text, error, and the handlers of the field
 */
export function useDraft({ shown, recalled, take, key, letterwise = false }: DraftOptions) {
  const drafts = useDraftsStore()
  const typed = ref<string | null>(key === undefined ? null : drafts.recall(key))
  const entered = ref(false)
  const error = ref<string | null>(null)
  const text = computed({
    get: () => typed.value ?? (entered.value ? recalled?.() : undefined) ?? shown(),
    set: (value: string) => {
      typed.value = value
    },
  })
  const draft: Draft = {
    key: key ?? null,
    text: () => (typed.value !== null && typed.value.trim() !== shown() ? typed.value : null),
    commit,
    discard,
    letterwise,
  }
  drafts.open.add(draft)
  if (typed.value !== null) error.value = sentence(typed.value)

  watch(shown, () => {
    if (!entered.value) discard()
  })

  function sentence(source: string): string | null {
    const taken = take(source)
    return typeof taken === 'string' ? taken : null
  }
  function discard() {
    typed.value = null
    error.value = null
  }
  /** True when nothing is left to be kept. */
  function commit(): boolean {
    if (typed.value === null) return true
    const source = typed.value.trim(),
      taken = source === recalled?.() || source === shown() ? null : take(source)
    error.value = typeof taken === 'string' ? taken : null
    if (error.value !== null) return false
    typed.value = null
    if (typeof taken === 'function') taken()
    return true
  }
  /** Another text in its place, as if typed and left. */
  function retype(source: string) {
    typed.value = source
    commit()
  }
  function enter(event?: FocusEvent) {
    entered.value = true
    drafts.held = draft
    // at once, not with the next picture: what is typed next must find this text, all of it selected
    const input = event?.target as HTMLInputElement | undefined
    if (input?.matches('input') && input.value !== text.value) {
      input.value = text.value
      input.select()
    }
  }
  function leave() {
    entered.value = false
    if (drafts.held === draft) drafts.held = null
    commit()
  }
  tryOnScopeDispose(() => {
    if (!commit()) drafts.remember(draft)
    if (drafts.held === draft) drafts.held = null
    drafts.open.delete(draft)
  })
  return { text, typed, error, enter, leave, commit, retype, discard }
}
