/**
 * Keeps a copy of the application in the browser, so that it starts in the bilge without a server.
 * Asked for when the first view stands still: it fetches every bench. A new version waits for the last tab to close.
 */
export function useOfflineCopy() {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  // a browser that forbids it (private windows, plain http on another host) goes on without
  const keep = () => {
    void navigator.serviceWorker.register('/sw.js').catch(() => undefined)
  }
  if ('requestIdleCallback' in window) requestIdleCallback(keep, { timeout: 5000 })
  else setTimeout(keep, 2000)
}
