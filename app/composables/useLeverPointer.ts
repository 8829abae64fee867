import { ref } from 'vue'

/**
 * Drag of a lever by mouse, pen or finger: from press to release, wherever the pointer goes.
 *
 * @param move called with each place of the pointer
 * @returns handlers for pointerdown and pointermove; `ring`, whether the lever shows that keys move it, and its
 *   handlers for focus and blur
 */
export function useLeverPointer(move: (event: PointerEvent) => void) {
  const ring = ref(false)
  return {
    ring,
    focus(event: FocusEvent) {
      ring.value = (event.target as Element).matches(':focus-visible')
    },
    blur() {
      ring.value = false
    },
    grab(event: PointerEvent) {
      const target = event.currentTarget as HTMLElement
      target.setPointerCapture(event.pointerId)
      target.querySelector<HTMLElement>('[role=slider]')?.focus({ preventScroll: true })
      event.preventDefault()
      move(event)
    },
    follow(event: PointerEvent) {
      if ((event.currentTarget as HTMLElement).hasPointerCapture(event.pointerId)) move(event)
    },
  }
}
