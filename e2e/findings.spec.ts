import { expect, test } from './walk'
import { figure, openBench } from './board'

test('a fix is tried, put back, tried again, kept, and undone', async ({ page }) => {
  await openBench(page, '/pack')
  const clash = page.locator('[data-rule=packAboveWindow]')
  await expect(clash).toContainText('A full pack reaches 58.4')
  await clash.getByRole('button', { name: /15 in series/ }).click()
  const trial = page.locator('[data-trial]')
  await expect(trial).toContainText('→')
  await expect(page.getByText('On trial:')).toBeVisible()
  await expect(page.locator('[data-tally=stop] .count')).toHaveText('0')
  expect(await figure(page, 'packEnergy')).toBeCloseTo(13.4, 1)

  await trial.getByRole('button', { name: 'Put back' }).click()
  await expect(clash).toBeVisible()
  expect(await figure(page, 'packEnergy')).toBeCloseTo(14.3, 1)

  await clash.getByRole('button', { name: /15 in series/ }).click()
  await trial.getByRole('button', { name: 'Keep it' }).click()
  await expect(trial).toBeHidden()
  await expect(clash).toBeHidden()

  await page.keyboard.press('Control+z')
  await expect(clash).toBeVisible()
  await page.keyboard.press('Control+Shift+z')
  await expect(clash).toBeHidden()
})

test('every clash and tight place of the demo boats can be cleared one click at a time', async ({ page }) => {
  for (const boat of ['demo-tirrick', 'demo-osprel']) {
    await openBench(page, `/boat?boat=${boat}`)
    for (let i = 0; i < 8; i++) {
      const next = page.locator('.finding--stop, .finding--caution').first()
      if ((await next.count()) === 0) break
      await next.locator('.fix').first().click()
      await page.locator('[data-trial]').getByRole('button', { name: 'Keep it' }).click()
    }
    await expect(page.locator('.finding--stop, .finding--caution')).toHaveCount(0)
    await expect(page.locator('[data-tally=caution] .count')).toHaveText('0')
  }
})

test('the rest is sized around what is held, with reasons', async ({ page }) => {
  await openBench(page, '/motor')
  await page.locator('[data-size-rest]').click()
  const trial = page.locator('[data-trial]')
  await expect(trial).toContainText('Brindle 6 kW, 48 V, 1500 rpm is held.')
  await expect(trial.locator('.v-expansion-panel li')).toHaveCount(6)
  // and every part that it changes by name
  await expect(trial.locator('[data-changed-parts]')).toContainText(/Propeller .*→/)
  await trial.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.locator('[data-tally=stop] .count')).toHaveText('0')

  // let the motor go: another may be chosen
  await page.getByRole('button', { name: /^Held/ }).click()
  await expect(page.getByText('Nothing is held')).toBeVisible()
  await page.locator('[data-size-rest]').click()
  await expect(trial).toContainText('the cheapest way to hold')
})

test('parts of the library are tried from their rows', async ({ page }) => {
  await openBench(page, '/motor')
  await page.locator('[data-motors]').getByRole('button', { name: 'Try Brindle 10 kW, 48 V, 2000 rpm' }).click()
  await expect(page.locator('[data-trial]')).toContainText('Brindle 10 kW')
  await page.locator('[data-bench=pack]').click()
  await page
    .locator('[data-cells]')
    .getByRole('button', { name: /Try Ostra LFP 160/ })
    .click()
  await expect(page.locator('[data-trial]')).toContainText('Ostra LFP 160')
  await page.locator('[data-bench=propeller]').click()
  await page.locator('[data-best-pitch]').click()
  await expect(page.locator('[data-trial]')).toContainText('Pitch')
})
