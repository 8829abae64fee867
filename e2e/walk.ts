import { test as base, type BrowserContext } from '@playwright/test'

export { expect } from '@playwright/test'
export type { Page, ViewportSize } from '@playwright/test'

export const PORT = 4173,
  ORIGIN = `http://localhost:${PORT}`
/** The copy for offline is fetched by a worker that would slow every walk; its own walk allows it. */
const USUAL = { baseURL: ORIGIN, viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' } as const

/**
 * A walk of an owner whose browser has seen Remigo before: its script is there and compiled, which is two seconds a
 * walk, but no boat and no choice is kept. A walk by touch, or with the copy for offline, has a browser of its own; so
 * has one that asks for `context`: two tabs, a kill.
 */
export const test = base.extend<object, { shared: BrowserContext }>({
  shared: [
    async ({ browser }, use) => {
      const context = await browser.newContext(USUAL)
      await use(context)
      await context.close()
    },
    { scope: 'worker' },
  ],
  page: async ({ browser, shared, viewport, hasTouch, isMobile, serviceWorkers }, use) => {
    if (hasTouch || serviceWorkers === 'allow') {
      const context = await browser.newContext({ ...USUAL, viewport, hasTouch, isMobile, serviceWorkers })
      await use(await context.newPage())
      return context.close()
    }
    const page = await shared.newPage(),
      devtools = await shared.newCDPSession(page)
    await devtools.send('Storage.clearDataForOrigin', { origin: ORIGIN, storageTypes: 'all' })
    if (viewport) await page.setViewportSize(viewport)
    await use(page)
    await page.close()
  },
})
