import { expect, test } from './walk'
import { field, openBench, type } from './board'

test('a plate that prints amps, torque for each amp or a resistance is taken as it is', async ({ page }) => {
  await openBench(page, '/motor')
  const form = (id: string) => page.locator(`[data-form=${id}] input`)
  await form('amps').fill('150')
  await form('amps').press('Enter')
  await expect(field(page, 'design.motor.ratedEfficiency')).toHaveValue('83 %')
  await form('amps').fill('10 A')
  await form('amps').press('Enter')
  await expect(page.locator('[data-nameplate-forms] [role=alert]')).toContainText('motors have 40 to 98.5 %')
  await form('kt').fill('0.3')
  await form('kt').press('Enter')
  await expect(field(page, 'design.motor.kvRpmPerVolt')).toHaveValue(/31.8/)
})

test('the lever’s curve is shaped by keys, presets and a drag, undone, and printed as settings', async ({ page }) => {
  await openBench(page, '/motor')
  const point = page.locator('[data-point="2"]')
  await expect(point).toHaveAttribute('aria-valuenow', '27')
  await point.press('ArrowUp')
  await expect(point).toHaveAttribute('aria-valuenow', '28')
  await page.keyboard.press('Control+z')
  await expect(point).toHaveAttribute('aria-valuenow', '27')
  const before = await page.locator('[data-feel]').textContent()
  await page.locator('[data-preset=even]').click()
  await expect(page.locator('[data-feel]')).not.toHaveText(before!)
  await point.scrollIntoViewIfNeeded()
  const box = (await point.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y - 30, { steps: 4 })
  await page.mouse.up()
  const dragged = Number(await point.getAttribute('aria-valuenow'))
  await page.locator('[data-settings-sheet]').click()
  await expect(page.locator('[data-settings]')).toContainText(`At 52 % of its way${dragged} %`)
  await expect(page.locator('[data-settings]')).toContainText('Under-voltage, off below46.4 V')
})

test('heat over the whole day says when power must drop, and to what', async ({ page }) => {
  await openBench(page, '/motor')
  await page.locator('[data-view=heat]').click()
  await page.getByText('The whole day').click()
  await expect(page.locator('[data-day]')).toContainText('stay cool enough')
  await type(page, 'use.ambient', '60 °C')
  await expect(page.locator('[data-day]')).toContainText(/After .* power must drop: she goes on at .*\skn/)
})

test('a propeller is designed anew for the place, and tried', async ({ page }) => {
  await openBench(page, '/propeller')
  const rows = page.locator('[data-propeller-designs] tbody tr')
  await expect(rows).toHaveCount(3)
  await rows.nth(1).getByRole('button', { name: /Try/ }).click()
  await expect(page.locator('[data-trial]').first()).toContainText('for the place')
})
