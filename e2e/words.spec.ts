import { expect, test, type Page } from '@playwright/test'
import type { Project, UnitChoice } from '@remigo/core'
import { goBench, openBench } from './board'
import { TWELVE } from './twelveBoats'
import { VIEWS } from './views'
import { wordFaults } from './words'

const LAPTOP = { width: 1280, height: 800 },
  PHONE = { width: 390, height: 844 }

/** Puts boats into the browser's store, as a file that is imported would. */
async function keep(page: Page, boats: readonly Project[]) {
  await page.evaluate(
    rows =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('remigo')
        open.onerror = () => reject(open.error)
        open.onsuccess = () => {
          const change = open.result.transaction('boats', 'readwrite')
          for (const project of rows)
            change.objectStore('boats').put({ id: project.id, name: project.name, updatedAt: 1, revision: 2, project })
          change.oncomplete = () => {
            open.result.close()
            resolve()
          }
        }
      }),
    boats,
  )
}

for (const [i, boat] of TWELVE.entries()) {
  test(`no word on another, none cut, nothing sideways: ${boat.name}`, async ({ page }) => {
    test.setTimeout(180_000)
    await openBench(page)
    await keep(page, [boat])
    const us: UnitChoice = { profile: 'us', overrides: {} }
    await page.evaluate(
      units => localStorage.setItem('remigo-units', units),
      JSON.stringify(i % 2 ? us : { profile: 'metric', overrides: {} }),
    )
    await openBench(page, `/drive/boat?boat=${boat.id}`)
    await expect(page.locator('h1').first()).toHaveText(boat.name)
    const faults: string[] = []
    // each view is come to at the size in which the last was left
    let sizes = [LAPTOP, PHONE]
    for (const path of VIEWS) {
      await goBench(page, path)
      for (const size of sizes) {
        await page.setViewportSize(size)
        await expect(
          page.locator(size === PHONE ? '.flat' : '.at-findings .rail, [data-room-rail]').first(),
        ).toBeVisible()
        if (await page.locator('[data-drawn]').count()) await page.locator('[data-drawn=true]').first().waitFor()
        let found: string[] = []
        await expect
          .poll(async () => (found = await wordFaults(page)), { timeout: 1500, intervals: [100, 300, 600] })
          .toEqual([])
          .catch(() => undefined)
        faults.push(...found.map(fault => `${path} ${size === PHONE ? 'phone' : 'laptop'}: ${fault}`))
      }
      sizes = sizes.toReversed()
    }
    expect(faults).toEqual([])
  })
}
