import { computed } from 'vue'
import { useMediaQuery } from '@vueuse/core'
import { benchOf, type BenchId } from '~/benches'
import { useViewStore } from '~/stores/view'
import { useCompact } from './useCompact'

/** Benches that want the whole screen where it is not wide. */
const WANTS_ROOM: readonly BenchId[] = ['wiring', 'day', 'hybrid', 'weights', 'trial', 'helm']
const NARROW = '(max-width: 1499px)'

/**
 * Room for the bench: strip, title and findings fold to what they are needed for. Remembered for each bench; the phone
 * has one bench at a time already.
 */
export function useRoom() {
  const view = useViewStore()
  const route = useRoute()
  const narrow = useMediaQuery(NARROW)
  const compact = useCompact()
  const bench = computed(() => benchOf(route.path)?.id)
  const on = computed(() => {
    const id = bench.value
    if (!id || compact.value) return false
    return view.roomy[id] ?? (narrow.value && WANTS_ROOM.includes(id))
  })
  function toggle() {
    if (bench.value && !compact.value) view.roomy = { ...view.roomy, [bench.value]: !on.value }
  }
  return { on, toggle }
}
