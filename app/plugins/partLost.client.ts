import { useViewStore } from '~/stores/view'

/**
 * A part of Remigo that cannot be fetched, as when a newer build has taken its place under a tab that was left open:
 * it is said, and the owner loads the page anew when the boat is safe. Nothing reloads by itself.
 */
export default defineNuxtPlugin(nuxt => {
  const lost = () => {
    useViewStore().partLost = true
  }
  nuxt.hook('app:chunkError', lost)
  window.addEventListener('vite:preloadError', lost)
})
