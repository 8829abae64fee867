import { useEventListener, watchDebounced } from '@vueuse/core'
import { useBoatsStore } from '~/stores/boats'
import { useDocumentStore } from '~/stores/document'

/** Saves within a second of the last change, at the latest every second while changes go on, and on leaving. */
export function useAutosave() {
  const document = useDocumentStore()
  const boats = useBoatsStore()
  watchDebounced(
    () => document.changes,
    () => boats.save(),
    { debounce: 300, maxWait: 800 },
  )
  useEventListener(window, 'pagehide', () => boats.keepUnsaved())
  // where nothing can be kept the browser asks before it leaves
  useEventListener(window, 'beforeunload', event => {
    if (boats.wouldLose()) event.preventDefault()
  })
  useEventListener(window.document, 'visibilitychange', () => {
    if (window.document.visibilityState === 'hidden') void boats.save()
  })
}
