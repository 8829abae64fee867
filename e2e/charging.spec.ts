import { expect, test } from './walk'
import { figure, openBench, type } from './board'

test('charging at the berth: a weaker breaker takes longer, frost stops it, and the settings can be typed in', async ({
  page,
}) => {
  await openBench(page, '/charging')
  const hours = await figure(page, 'chargeTime')
  await type(page, 'design.charging.shoreCurrent', '8 A')
  await expect.poll(() => figure(page, 'chargeTime')).toBeGreaterThan(1.5 * hours)
  await expect(page.locator('.rail')).toContainText('shore limits the charge')
  await page.locator('[data-view=power]').click()
  await expect(page.locator('[data-drawn=true]')).toBeVisible()
  await page
    .locator('[data-chargers] tr', { hasText: 'Pallan 48/25' })
    .first()
    .getByRole('button', { name: /Try/ })
    .click()
  await expect(page.locator('[data-trial]').first()).toContainText('Pallan 48/25')
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Put back' }).click()
  await type(page, 'design.charging.coldest', '-4 °C')
  await expect(page.locator('.rail')).toContainText('charging below freezing')
  await expect(page.locator('[data-charging]')).toContainText('Nothing flows')
  await page
    .locator('.rail')
    .getByRole('button', { name: /Pack heater/ })
    .click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await page.getByRole('link', { name: 'Settings sheet' }).click()
  await expect(page.locator('[data-settings]')).toContainText(/Bulk and absorption57\.9\sV/)
})
