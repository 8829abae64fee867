import { useEventListener } from '@vueuse/core'

/** Inputs of one line that hold text. */
const ONE_LINE = 'input:not([type=radio]):not([type=checkbox]):not([type=search]):not([type=file]):not([type=range])'

/**
 * Entering a field by click, touch or Tab selects all of it, so that what is typed takes the place of what stood there;
 * a second click places the caret. One listener for every field there is and will be.
 */
export function useSelectOnEntry() {
  /** the field just entered: the release of that press would place the caret */
  let entered: HTMLInputElement | null = null
  useEventListener(document, 'focusin', ({ target }) => {
    if (!(target instanceof HTMLInputElement) || !target.matches(ONE_LINE)) return
    target.select()
    entered = target
    // what is shown on entry may be another text than before: it is there after the next frame
    requestAnimationFrame(() => {
      if (entered === target && document.activeElement === target) target.select()
    })
  })
  useEventListener(document, 'mouseup', event => {
    if (event.target === entered) {
      event.preventDefault()
      entered?.select()
    }
    entered = null
  })
  useEventListener(document, 'keydown', () => {
    entered = null
  })
}
