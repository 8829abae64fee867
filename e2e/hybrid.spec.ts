import { expect, test } from './walk'
import { openBench, type } from './board'

test('where the pack carries the use it says so; a longer use shows what each way would mean', async ({ page }) => {
  await openBench(page, '/days/hybrid')
  await expect(page.locator('[data-hybrid]')).toContainText('Pure electric is enough for this use.')
  await expect(page.locator('[data-way]')).toHaveCount(8)
  await expect(page.locator('[data-way=oneOfTwo]')).toContainText('she has one drive')
  await openBench(page, '/use')
  await type(page, 'use.duration', '16 h')
  await openBench(page, '/days/hybrid')
  await expect(page.locator('[data-hybrid]')).toContainText('short of an outing')
  await page.locator('[data-way=series] button').click()
  await expect(page.locator('[data-way-detail]')).toContainText('A generator that holds cruise')
  const before = await page.locator('[data-way=series] td').first().textContent()
  await type(page, 'use.outings', '80')
  await expect(page.locator('[data-way=series] td').first()).not.toHaveText(before!)
  await expect(page.locator('[data-holding] tbody tr')).toHaveCount(4)
})
