import { expect, test } from './walk'
import { figure, openBench, type } from './board'

test('the motor bench tells match and heat, and takes the owner’s own readings', async ({ page }) => {
  await openBench(page, '/motor')
  await page.locator('[data-view=matching]').click()
  await expect(page.locator('[data-crossings]')).toContainText(/calm .*rpm.*quay .*rpm/)
  await page.locator('[data-view=heat]').click()
  const winding = await figure(page, 'windingTemperature', '[data-heat]')
  expect(winding).toBeGreaterThan(30)
  await type(page, 'use.ambient', '50 °C')
  await expect.poll(() => figure(page, 'windingTemperature', '[data-heat]')).toBeGreaterThan(winding)
  for (const [time, temperature] of [
    ['0 min', '20 °C'],
    ['5', '34,5'],
    ['10', '43'],
    ['20', '53'],
    ['40', '59 °C'],
  ]) {
    await page.locator('[data-reading=time] input').fill(time!)
    await page.locator('[data-reading=temperature] input').fill(temperature!)
    await page.locator('[data-reading-add]').click()
  }
  await expect(page.locator('[data-readings]')).toContainText(/It ends at 6\d/)
  await page.locator('[data-reading=time] input').fill('soon')
  await page.locator('[data-reading-add]').click()
  await expect(page.locator('[data-readings] [role=alert]')).toContainText('After: ')
})

test('the propeller bench compares wheels and says whether she holds in wind', async ({ page }) => {
  await openBench(page, '/propeller')
  await expect(page.locator('[data-thrust]')).toContainText('holds her ground')
  await expect(page.locator('[data-propellers] tbody tr')).not.toHaveCount(0)
  await page.locator('[data-propellers] tbody tr').nth(1).getByRole('button', { name: /Try/ }).click()
  await expect(page.locator('[data-trial]').first()).toContainText('2 blades')
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Put back' }).click()
  await page.getByRole('radio', { name: 'Folding', exact: true }).click()
  await expect(page.locator('[data-regen]')).toContainText('Into the pack')
})

test('whole designs are searched, one is tried and kept; a wish too high is named', async ({ page }) => {
  await openBench(page, '/sheet?boat=demo-osprel')
  await page.locator('[data-search]').click()
  const rows = page.locator('[data-designs] tbody tr')
  await expect(rows.first()).toContainText('cheapest')
  await rows.nth(1).getByRole('button', { name: /Try/ }).click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect(page.locator('[data-tally=stop] .count')).toHaveText('0')
  await page.locator('[data-bench=use]').click()
  await type(page, 'use.topSpeed', '14 kn')
  await page.locator('[data-bench=sheet]').click()
  await page.locator('[data-search]').click()
  await expect(page.locator('[data-designs]')).toContainText('Relax one')
  await page.locator('[data-designs] .relax .v-btn').first().click()
  await page.locator('[data-search]').click()
  await expect(rows.first()).toContainText('cheapest')
})

test('a jet boat has a jet where others have a propeller: tried, held, named in the tab and on the sheet', async ({
  page,
}) => {
  await openBench(page, '/propeller?boat=demo-rillet')
  await expect(page.locator('[data-bench=propeller]')).toContainText('Jet')
  const cruise = await figure(page, 'deliveredPower', '.bench__side')
  await page
    .locator('[data-jets]')
    .getByRole('button', { name: /Try.*Sluice 210/ })
    .click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect.poll(() => figure(page, 'deliveredPower', '.bench__side')).toBeLessThan(cruise)
  await type(page, 'design.jet.nozzleDiameter', '2 m')
  await expect(page.getByRole('alert').filter({ hasText: 'Nozzle runs from' })).toBeVisible()
  await page.locator('[data-bench=sheet]').click()
  await expect(page.locator('[data-sheet]')).toContainText('Sluice 210')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('nothing runs past the screen: heat over the day, jets side by side, designs', async ({ page }) => {
    for (const [path, wait] of [
      ['/motor', '[data-view=heat]'],
      ['/propeller?boat=demo-rillet', '[data-jets]'],
      ['/sheet?boat=demo-osprel', '[data-search]'],
    ] as const) {
      await openBench(page, path)
      await page.locator(wait).click()
      await page.waitForLoadState('networkidle')
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    }
  })
})
