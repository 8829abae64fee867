import { expect, test } from './walk'
import { field, figure, openBench, type, pick } from './board'

test('panels are fitted, moved over the map, and give less in winter and nothing straight on the wrong volts', async ({
  page,
}) => {
  await openBench(page, '/charging')
  await page.locator('[data-to-sun]').click()
  await expect(page.locator('[data-sun]')).toContainText('No panels fitted')
  await page.locator('[data-fit-panels]').click()
  const july = await figure(page, 'sunDay')
  // the column below takes the press
  await page.locator('[data-month="11"]').click({ force: true })
  await expect.poll(() => figure(page, 'sunDay')).toBeLessThan(july / 3)
  // as sailors write it, and by a touch on the map
  await type(page, 'use.place.latitude', '35° 30′ S')
  await expect(page.locator('[data-map]')).toHaveAttribute('aria-label', /−35[.]5/)
  await expect.poll(() => figure(page, 'sunDay')).toBeGreaterThan(july / 2)
  const map = page.locator('[data-map]')
  const box = (await map.boundingBox())!
  await map.click({ position: { x: box.width / 2, y: box.height / 3 } })
  await expect(page.locator('[data-map]')).toHaveAttribute('aria-label', /(29|30|31)[.]\d/)
  await map.focus()
  await page.keyboard.press('ArrowUp')
  await expect(page.locator('[data-map]')).toHaveAttribute('aria-label', /3[012][.]0/)
  // a string too long for its controller stops, with a way out
  await type(page, 'design.solar.series', '9')
  await expect(page.locator('.rail')).toContainText('It would not survive')
  await page.locator('.rail [data-rule=panelVolts] .fix').first().click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect(page.locator('.rail [data-rule=panelVolts]')).toHaveCount(0)
  // straight on the pack
  await pick(page, '[data-regulator]', /straight on/)
  await expect(page.locator('.rail')).toContainText('panels straight on the pack')
  await expect(page.locator('[data-sun]')).toContainText('they lose')
})

test('a table of light of one’s own is met', async ({ page }) => {
  await openBench(page, '/solar?boat=demo-osprel')
  await page.getByRole('radio', { name: 'Your table', exact: true }).click()
  const july = page.locator('input[data-input=July], [data-input=July] input').first()
  await july.fill('8 kWh/m²')
  await july.press('Enter')
  await page.locator('[data-view=light]').click()
  await expect(page.locator('[data-sun-chart] [data-month="6"]')).toBeVisible()
  const more = await figure(page, 'sunDay')
  await july.fill('4')
  await july.press('Enter')
  await expect.poll(() => figure(page, 'sunDay')).toBeLessThan(0.6 * more)
  await july.fill('a lot')
  await july.press('Enter')
  await expect(page.locator('[data-sun-table] .field-error')).toContainText('sunlight')
})

test('several sources charge at once, and the house takes its share', async ({ page }) => {
  await openBench(page, '/charging?boat=demo-osprel')
  const hours = await figure(page, 'chargeTime')
  await page.locator('[data-help=sun] input').check()
  await expect.poll(() => figure(page, 'chargeTime')).toBeLessThan(hours)
  await page.getByText('Generator', { exact: true }).click()
  await type(page, 'design.charging.generatorPower', '1 kW')
  await expect(page.locator('[data-charging]')).toContainText('The generator decides')
  expect(await figure(page, 'chargeFuel')).toBeGreaterThan(1)
  await page.getByText('Nothing', { exact: true }).click()
  await type(page, 'use.houseLoad', '2 kW')
  await expect(page.locator('.rail')).toContainText('no charge left over')
  await pick(page, '[data-plug]', /32 A/)
  await expect(field(page, 'design.charging.shoreCurrent')).toHaveValue(/32/)
})

test('two banks, panels and what stops them stand in the one-line diagram', async ({ page }) => {
  await openBench(page, '/wiring?boat=demo-osprel')
  for (const id of ['pack2', 'contactor2', 'bus', 'panels', 'regulator', 'panelRelay', 'isolator'])
    await expect(page.locator(`[data-device=${id}]`)).toBeVisible()
  await page.locator('[data-device=panels]').click()
  await page.getByRole('link', { name: 'Open Sun' }).click()
  await expect(page.locator('[data-sun]')).toBeVisible()
})

test('a hundred years of clouds: how often she plugs in, by how she is used', async ({ page }) => {
  await openBench(page, '/days/year?boat=demo-osprel')
  const said = page.locator('[data-year-said]')
  await expect(said).toContainText(/plugs in on \d+ days/)
  const days = async () => Number(/plugs in on (\d+)/.exec((await said.textContent()) ?? '')?.[1])
  const sundays = await days()
  await pick(page, '[data-pattern]', /hire/i)
  await expect.poll(days).toBeGreaterThan(sundays)
})

test('a mast and a boom near the panels throw shadows by the hour, and what they take is told', async ({ page }) => {
  await openBench(page, '/days/year?boat=demo-osprel')
  if ((await page.locator('[data-spars]').count()) === 0) await page.locator('[data-fit-panels]').click()
  const before = await figure(page, 'sunDay', '.bench__side')
  await page.locator('[data-add-mast]').click()
  await page.locator('[data-add-boom]').click()
  await expect(page.locator('[data-spar]')).toHaveCount(2)
  const shade = page.locator('[data-spars]')
  await expect(shade).toContainText('as the mean of all headings')
  const both = await figure(page, 'sunShade')
  expect(both).toBeGreaterThan(1)
  expect(await figure(page, 'sunDay', '.bench__side')).toBeLessThan(before)
  // the boom moved far to port no longer shades; a word is refused with its reason
  const starboard = shade.locator('[data-spar]').nth(1).getByLabel('To starboard')
  await starboard.fill('abeam')
  await starboard.press('Enter')
  await expect(shade.getByRole('alert')).toContainText('To starboard')
  await starboard.fill('-9 m')
  await starboard.press('Enter')
  await expect(shade.getByRole('alert')).toHaveCount(0)
  await expect.poll(() => figure(page, 'sunShade')).toBeLessThan(both)
  await shade.getByRole('button', { name: 'Remove: Mast 1' }).click()
  await expect(page.locator('[data-spar]')).toHaveCount(1)
})
