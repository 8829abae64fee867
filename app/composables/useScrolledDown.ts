import { ref, watch, type Ref } from 'vue'
import { useEventListener } from '@vueuse/core'

/** Px to scroll down before the strip folds, and up before it returns. */
const DOWN = 60,
  UP = 40
/** What folds must not scroll the bench back by itself: a bench that is hardly longer than the screen folds nothing. */
const LONGER = 260
/** Folding moves the bench: what it scrolls by that is not the owner's hand, ms. */
const SETTLES = 300

/** True while an owner reads downwards; false again as they turn back up. */
export function useScrolledDown(bench: Ref<HTMLElement | undefined>) {
  const down = ref(false)
  const route = useRoute()
  let from = 0,
    changed = 0
  useEventListener(bench, 'scroll', () => {
    const el = bench.value
    if (!el || performance.now() - changed < SETTLES) {
      from = el?.scrollTop ?? 0
      return
    }
    const at = el.scrollTop
    if (down.value ? at > from : at < from) from = at
    const moved = at - from
    const next = down.value ? !(moved < -UP || at < 8) : moved > DOWN && el.scrollHeight - el.clientHeight > LONGER
    if (next === down.value) return
    down.value = next
    from = at
    changed = performance.now()
  })
  watch(
    () => route.path,
    () => {
      down.value = false
      from = 0
    },
  )
  return down
}
