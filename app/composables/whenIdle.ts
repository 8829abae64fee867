/**
 * Does something when the page has nothing else to do.
 *
 * @param act what to do
 * @param latest ms after which it is done in any case
 */
export function whenIdle(act: () => void, latest = 800) {
  if ('requestIdleCallback' in globalThis) requestIdleCallback(act, { timeout: latest })
  else setTimeout(act, 1)
}
