import { rollup } from 'd3-array'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { hangDemoPhotos } from '~/storage/demoPhotos'
import { BoatDatabase, liveQuery } from '~/storage/boatDatabase'
import type { PhotoRow } from '~/storage/photoRow'
import { MOST_PHOTOS, photosOf, reduced, storageRoom } from '~/storage/photos'
import { useDocumentStore } from '~/stores/document'
import { isoMinute } from '~/design/times'

/** The browser's room is nearly full from this share on. */
const NEARLY_FULL = 0.85
let database: BoatDatabase | null = null
/** The store of pictures, opened when it is first wanted. */
export const photoStore = (): BoatDatabase => (database ??= new BoatDatabase())

/**
 * Pictures of one task or step of the boat on the board: kept in the browser, made smaller as they come in.
 *
 * @param task its short name
 * @returns pictures with an address each, and what changes them
 */
export function usePhotos(task: () => string) {
  const document = useDocumentStore()
  const rows = shallowRef<PhotoRow[]>([])
  const trouble = ref('')
  const room = shallowRef<{ used: number; given: number } | null>(null)
  let watching: { unsubscribe(): void } | null = null
  watch(
    () => document.project.id,
    boat => {
      watching?.unsubscribe()
      void hangDemoPhotos(photoStore(), boat)
      watching = liveQuery(() => photosOf(photoStore(), boat)).subscribe({
        next: found => (rows.value = found),
        error: () => (trouble.value = 'store'),
      })
    },
    { immediate: true },
  )
  /** how many each task or step has */
  const counts = computed(() =>
    rollup(
      rows.value,
      all => all.length,
      r => r.task,
    ),
  )
  const urls = new Map<string, string>()
  const photos = computed(() =>
    rows.value
      .filter(r => r.task === task())
      .map(r => {
        if (!urls.has(r.id)) urls.set(r.id, URL.createObjectURL(r.blob))
        return { id: r.id, at: r.at, url: urls.get(r.id)! }
      }),
  )
  onScopeDispose(() => {
    watching?.unsubscribe()
    for (const url of urls.values()) URL.revokeObjectURL(url)
  })
  async function add(files: Iterable<File>) {
    trouble.value = ''
    for (const file of files) {
      if (rows.value.length >= MOST_PHOTOS) return void (trouble.value = 'many')
      const blob = await reduced(file)
      if (!blob) {
        trouble.value = 'unread'
        continue
      }
      try {
        await photoStore().photos.put({
          id: crypto.randomUUID(),
          boat: document.project.id,
          task: task(),
          at: isoMinute(),
          blob,
        })
      } catch {
        trouble.value = 'full'
      }
    }
    room.value = await storageRoom()
    if (trouble.value === '' && room.value && room.value.used > NEARLY_FULL * room.value.given) trouble.value = 'nearly'
  }
  const remove = (id: string) => photoStore().photos.delete(id)
  return { photos, counts, trouble, room, add, remove }
}
