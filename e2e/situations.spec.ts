import { hullTypeOf, readHave } from '@remigo/core'
import { SITUATIONS } from '../packages/core/test/have/situations'
import { goBench, openBench, pick } from './board'
import { expect, test } from './walk'

/** Controls that cannot be used and do not say why; those in rows of a table are left out. */
const MUTE = ':is(button, input, select):disabled:not([title]):not([aria-describedby]):not(tr *)'

for (const { name, hull, length, have } of SITUATIONS)
  test(`from what one has to the sheet: ${name}`, async ({ page }) => {
    await openBench(page, '/start')
    await page.locator('[data-question=have] textarea').first().fill(have)
    await pick(page, page.locator('[data-start-form] .pick-field').first(), hullTypeOf(hull).label)
    const long = page.locator('[data-question=lengthOverAll] input')
    await long.fill(`${length} m`)
    await long.press('Tab')
    const { had, readings } = readHave(have)
    if (readings) await page.locator('[data-known-made]').getByText('Another drive').click()
    // what will they do? is answered before she is made, and by the same figures after
    const does = (row: string) => page.locator(`[data-what-they-do] [data-does=${row}] td.figures`).allTextContents()
    const parts = had.some(h => h.what === 'part')
    if (parts) await expect(page.locator('[data-does=continuous]')).toContainText(/kn|mph/)
    await expect(page.locator('[data-first-sketch][aria-busy=false]')).toHaveCount(1)
    const before = parts ? [await does('flatOut'), await does('farthest')] : null
    await page.locator('[data-make]').click()
    await expect(page.locator('[data-sheet]')).toBeVisible()
    await goBench(page, '/drive/use')
    if (before) expect([await does('flatOut'), await does('farthest')]).toEqual(before)
    for (const path of ['/drive/use', '/drive/motor', '/drive/pack', '/drive/wiring', '/drive/charging']) {
      await goBench(page, path)
      await expect(page.locator('[data-failed]')).toHaveCount(0)
      await expect(page.locator(MUTE)).toHaveCount(0)
    }
  })
