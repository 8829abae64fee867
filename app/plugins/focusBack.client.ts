/** Where Vuetify hangs dialogs and menus. */
const OVERLAYS = '.v-overlay-container'

/**
 * When a dialog or menu closes, the caret goes back to where it was before it opened, and never falls to the page as a
 * whole: by keyboard one would begin at its top again.
 */
export default defineNuxtPlugin(() => {
  let before: HTMLElement | null = null,
    inside = false
  document.addEventListener('focusin', ({ target }) => {
    if (!(target instanceof HTMLElement)) return
    inside = target.closest(OVERLAYS) !== null
    if (!inside) before = target
  })
  document.addEventListener('focusout', () => {
    if (!inside) return
    // the overlay may take a moment to go
    setTimeout(() => {
      if (document.activeElement !== document.body || !before?.isConnected) return
      inside = false
      before.focus({ preventScroll: true })
    }, 50)
  })
})
