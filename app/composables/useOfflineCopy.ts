import { useViewStore } from '~/stores/view'

/** ms between two looks for a newer Remigo in a tab that stays open. */
const LOOK_EVERY = 3_600_000

/**
 * Keeps a copy of the application in the browser, so that it starts in the bilge without a server.
 * Asked for when the first view stands still: it fetches every bench. A new version waits until the last tab is closed,
 * or the owner says that it may come: nothing reloads under his hands.
 */
export function useOfflineCopy() {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  const view = useViewStore()
  async function keep() {
    const { registerSW } = await import('virtual:pwa-register')
    const takeNewer = registerSW({
      immediate: true,
      onNeedRefresh: () => {
        view.takeNewer = () => takeNewer(true)
      },
      onRegisteredSW: (_, registration) => {
        // without a server there is nothing newer
        setInterval(() => void registration?.update().catch(() => undefined), LOOK_EVERY)
      },
      // a browser that forbids it (private windows, plain http on another host) goes on without
      onRegisterError: () => undefined,
    })
  }
  if ('requestIdleCallback' in window) requestIdleCallback(() => void keep(), { timeout: 5000 })
  else setTimeout(() => void keep(), 2000)
}
