import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { liveQuery } from '~/storage/boatDatabase'
import type { RawLogRow } from '~/storage/rawLogRow'
import { photoStore } from './usePhotos'
import { download } from '~/files/download'
import { useDocumentStore } from '~/stores/document'

/**
 * The raw log of a trip of the boat on the board, kept in the browser.
 *
 * @param trip its short name; null for none
 * @returns the file that is kept, and what keeps another, saves it or takes it away
 */
export function useRawLog(trip: () => string | null) {
  const document = useDocumentStore()
  const kept = shallowRef<RawLogRow | null>(null)
  /** the browser's store did not take it */
  const full = ref(false)
  const idOf = (it: string) => `${document.project.id}/${it}`
  let watching: { unsubscribe(): void } | null = null
  watch(
    [trip, () => document.project.id],
    ([it]) => {
      watching?.unsubscribe()
      kept.value = null
      if (it === null) return
      watching = liveQuery(() => photoStore().rawLogs.get(idOf(it))).subscribe({
        next: row => (kept.value = row ?? null),
        error: () => (full.value = true),
      })
    },
    { immediate: true },
  )
  async function keep(it: string, name: string, blob: Blob) {
    full.value = await photoStore()
      .rawLogs.put({ id: idOf(it), boat: document.project.id, name: name.slice(0, 120), blob })
      .then(
        () => false,
        () => true,
      )
  }
  const remove = (it: string) => photoStore().rawLogs.delete(idOf(it))
  const save = () => {
    if (kept.value) download(kept.value.name, kept.value.blob, 'text/plain')
  }
  onScopeDispose(() => watching?.unsubscribe())
  return { kept, full, keep, remove, save }
}
