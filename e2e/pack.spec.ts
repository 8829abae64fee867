import { expect, test } from './walk'
import { figure, openBench, type, goBench, pick } from './board'

test('a space is measured, the blocks are drawn in it, and what finds no room is told with a way out', async ({
  page,
}) => {
  await openBench(page, '/pack?view=room&boat=demo-osprel')
  await expect(page.locator('[data-room]')).toContainText('All 32 blocks find a place')
  const height = page
    .locator('[data-input="Under the side benches: Height"] input, input[data-input="Under the side benches: Height"]')
    .first()
  await height.fill('15 cm')
  await height.press('Enter')
  await expect(page.locator('[data-room]')).toContainText('0 of 32 blocks')
  await expect(page.locator('.rail')).toContainText('no room for the pack')
  // nonsense has its sentence and is not lost
  await height.fill('40 m')
  await height.press('Enter')
  await expect(page.locator('[data-room] .field-error')).toContainText('runs from')
  await expect(height).toHaveValue('40 m')
  await page.locator('[data-add-space]').click()
  await expect(page.locator('[data-room]')).toContainText('All 32 blocks find a place')
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-room] .space')).toHaveCount(1)
})

test('two banks bring her home on one; worn strings beside them are explained and taken out again', async ({
  page,
}) => {
  await openBench(page, '/pack?view=strings&boat=demo-osprel')
  expect(await figure(page, 'goneSpeed')).toBeGreaterThan(2)
  expect(await figure(page, 'goneRange')).toBeGreaterThan(5)
  await page.locator('[data-add-string]').click()
  await expect(page.locator('[data-others]')).toContainText('More worn')
  await expect(page.locator('.rail')).toContainText('strings that are not alike')
  await pick(page, page.locator('[data-others] .which').first(), 'Ostra NMC module, 22 V 62 Ah')
  await expect(page.locator('[data-others]')).toContainText('Another chemistry')
  await expect(page.locator('[data-others]')).toContainText('not counted')
  await page
    .locator('.rail')
    .getByRole('button', { name: /Leave them out/ })
    .first()
    .click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect(page.locator('[data-others] .group')).toHaveCount(0)
})

test('blocks that are there already find their best use', async ({ page }) => {
  await openBench(page, '/pack?view=strings&boat=demo-osprel')
  await type(page, 'design.banks.owned', '48')
  await expect(page.locator('[data-owned] tbody tr').first()).toContainText('16 × 3')
  await page.locator('[data-owned]').getByRole('button', { name: 'Try 16 × 3' }).click()
  await expect(page.locator('[data-trial]').first()).toContainText('16 × 3')
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect(page.locator('[data-owned] tr.current')).toContainText('16 × 3')
})

test('the cold takes power and charge; outings wear the pack', async ({ page }) => {
  await openBench(page, '/pack?boat=demo-osprel')
  await page.locator('[data-view=power]').click()
  await expect(page.locator('[data-drawn=true]').first()).toBeVisible()
  await expect(page.locator('[data-cold-charge] tbody tr').first()).toContainText('The cold decides')
  await page.locator('[data-view=sag]').click()
  await page.getByText('Continuous', { exact: true }).click()
  await page.locator('[data-view=wear]').click()
  const years = await figure(page, 'packYears')
  await goBench(page, '/use')
  await type(page, 'use.distance', '40 nm')
  await goBench(page, '/pack')
  await page.locator('[data-view=wear]').click()
  await type(page, 'use.outings', '366')
  await expect.poll(() => figure(page, 'packYears')).toBeLessThan(years)
  await expect(page.locator('[data-wear]')).toContainText('Outings wear it more')
})
