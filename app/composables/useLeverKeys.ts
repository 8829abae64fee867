import { useEventListener } from '@vueuse/core'
import { useLever } from './useLever'

/** The lever takes the arrows wherever no field, scrolling region, menu or radio group has the focus. */
export function useLeverKeys() {
  const lever = useLever()
  useEventListener(document, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement
    if (event.defaultPrevented) return
    if (target === document.body || target.matches('a, button:not([role])')) lever.key(event)
  })
}
