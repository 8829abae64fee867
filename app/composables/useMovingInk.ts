import { watch } from 'vue'
import { useEventListener } from '@vueuse/core'
import { letGo } from '~/directives/movingInk'
import { useViewStore } from '~/stores/view'

/** Lets the figures be text again whenever something else than the lever is touched, or their look may change. */
export function useMovingInk() {
  const view = useViewStore()
  const route = useRoute()
  const elsewhere = (event: Event) => { if (!(event.target as Element).closest?.('.lever')) letGo() }
  useEventListener(document, ['pointerdown', 'focusin'], elsewhere, { capture: true })
  useEventListener(window, ['resize', 'beforeprint'], letGo)
  watch(() => [view.theme, view.choice, route.fullPath], letGo, { flush: 'sync' })
}
