import { expect, test } from './walk'
import { openBench, type } from './board'

test('a variant stands beside its boat: what differs is told first, and its curve is in the chart', async ({
  page,
}) => {
  await openBench(page, '/compare?with=demo-tirrick')
  await expect(page.getByRole('status')).toContainText('Choose one more')
  await page.locator('[data-make-variant]').click()
  await expect(page.locator('.sides thead th')).toHaveCount(3)
  const variant = page.locator('.sides thead button').nth(1)
  await variant.click()
  await openBench(page, '/use')
  await type(page, 'use.reserve', '50 %')
  const id = await page.evaluate(() => localStorage.getItem('remigo-open'))
  await openBench(page, `/compare?with=demo-tirrick,${id}`)
  await expect(page.locator('[data-row=cruiseRange]')).toBeVisible()
  const groups = page.locator('.sides tbody')
  await expect(groups.first()).toContainText('Differs')
  await expect(groups.first().locator('[data-row=cruiseRange] td.best')).toHaveCount(1)
  await expect(groups.nth(1).locator('[data-row=motor]')).toBeVisible()
  await page.locator('[data-pick=demo-osprel] input').check()
  await expect(page.locator('.sides thead th')).toHaveCount(4)
  await expect(page.locator('[data-compare] .js-plotly-plot')).toBeVisible()
})

test('a word of the trade explains itself where it stands, by touch and by keyboard', async ({ page }) => {
  await openBench(page, '/wiring')
  const word = page.locator('.term', { hasText: /^precharge$/i }).first()
  await word.click()
  await expect(page.locator('[data-term]')).toContainText('Fills a controller’s capacitors slowly')
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-term]')).toHaveCount(0)
  await word.press('Enter')
  await expect(page.locator('[data-term]')).toBeVisible()
})
