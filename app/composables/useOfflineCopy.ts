import { registerSW } from 'virtual:pwa-register'

/**
 * Keeps a copy of the application in the browser, so that it starts in the bilge without a server.
 * Asked for when the first view stands still: it fetches every bench.
 */
export function useOfflineCopy() {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  const keep = () => registerSW({ immediate: true })
  if ('requestIdleCallback' in window) requestIdleCallback(keep, { timeout: 5000 })
  else setTimeout(keep, 2000)
}
