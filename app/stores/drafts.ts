import { defineStore } from 'pinia'
import { computed, shallowReactive, shallowRef } from 'vue'
import { keepText, readText } from '~/storage/browserTexts'
import { useDocumentStore } from './document'

/** A text that a hand is typing, not yet in the document. */
export interface Draft {
  /** where it belongs in the document; null where it is only part of a form */
  key: string | null
  /** what is typed; null while the field says what the document says */
  text: () => string | null
  /** puts it into the document; false when it makes no sense */
  commit: () => boolean
  discard: () => void
  /** the browser takes back letter by letter in it */
  letterwise: boolean
}

const KEPT = 'remigo-drafts'

/** Texts being typed in all fields, so that leaving, reloading or another bench loses none of them. */
export const useDraftsStore = defineStore('drafts', () => {
  const document = useDocumentStore()
  const open = shallowReactive(new Set<Draft>())
  /** the field that the hand is in */
  const held = shallowRef<Draft | null>(null)
  const any = computed(() => [...open].some(draft => draft.text() !== null))
  /** texts that made no sense when their field went away, by boat and field */
  const left = new Map<string, string>(Object.entries(readTexts()))
  const place = (key: string) => `${document.project.id} ${key}`

  /** Puts all that makes sense into the document; what does not is kept as text until its field is seen again. */
  function commitAll() {
    for (const draft of open) if (draft.text() !== null && !draft.commit()) remember(draft)
    keepText(KEPT, left.size ? JSON.stringify(Object.fromEntries(left)) : null)
  }
  function remember(draft: Draft) {
    const text = draft.text()
    if (draft.key !== null && text !== null) left.set(place(draft.key), text)
  }
  /** The text that was left in a field, once. */
  function recall(key: string): string | null {
    const text = left.get(place(key)) ?? null
    if (text !== null && left.delete(place(key)))
      keepText(KEPT, left.size ? JSON.stringify(Object.fromEntries(left)) : null)
    return text
  }
  return { open, held, any, commitAll, remember, recall }
})

function readTexts(): Record<string, string> {
  try {
    return JSON.parse(readText(KEPT) ?? '{}') as Record<string, string>
  } catch {
    return {}
  }
}
