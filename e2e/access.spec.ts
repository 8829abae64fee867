import { violations } from './axe'
import { openBench } from './board'
import { expect, test } from './walk'

/** Goes on after a fault, so that all of them are told. */
const softly = expect.configure({ soft: true, timeout: 3000 })

test('the whole walk by keyboard alone', async ({ page }) => {
  await openBench(page)
  for (const [key, bench] of [
    ['2', 'Use'],
    ['3', 'Power curve'],
    ['4', 'Propeller'],
    ['5', 'Motor'],
    ['6', 'Pack'],
    ['7', 'Wiring'],
    ['8', 'Charging'],
    ['9', 'Sheet'],
    ['0', 'Library'],
    ['1', 'Boat'],
    ['b', 'Pack'],
    ['p', 'Propeller'],
    ['m', 'Motor'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(page.locator('.tab.here')).toContainText(bench)
  }
  await page.keyboard.press('ArrowUp')
  await expect(page.locator('[data-lever]')).toHaveAttribute('aria-valuenow', '4.7')
  // a fix by Tab and Enter
  const fix = page.locator('.fix').first()
  await fix.focus()
  await page.keyboard.press('Enter')
  await page.locator('[data-trial]').getByRole('button', { name: 'Keep it' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-tally=stop] .count')).toHaveText('0')
  // a working by keys, closed by Escape
  await page.locator('.at-bench [data-figure]').first().focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('.working')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.locator('.working')).toBeHidden()
})

test('every dialog has a name, and what is said in it can be read before the page behind it', async ({ page }) => {
  test.setTimeout(120_000)
  await openBench(page, '/drive/boat')
  const menu = (button: string) => async () => {
    await page.locator('[data-menu]').first().click()
    await page.getByRole('button', { name: button, exact: true }).click()
  }
  for (const scheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: scheme })
    for (const [name, open] of [
      ['keys', () => page.keyboard.press('?')],
      ['find', () => page.keyboard.press('f')],
      ['boats', () => page.locator('[data-menu]').first().click()],
      ['history', menu('Last changes')],
      ['units', menu('Units and light')],
      ['a working', () => page.locator('.at-bench [data-figure]').first().click()],
    ] as const) {
      await open()
      const dialog = page.locator('[role=dialog]:visible, [data-boats]:visible').first()
      await expect(dialog, name).toBeVisible()
      const nameless = await page.evaluate(() =>
        [...document.querySelectorAll('[role=dialog], [role=alertdialog]')]
          .filter(e => e.checkVisibility() && !e.getAttribute('aria-label') && !e.getAttribute('aria-labelledby'))
          .map(e => e.outerHTML.slice(0, 120)),
      )
      softly(nameless, name).toEqual([])
      softly(await violations(page, 'html', null), `${name}, ${scheme}`).toEqual([])
      await page.keyboard.press('Escape')
      await expect(page.locator('[role=dialog]:visible'), name).toHaveCount(0)
    }
  }
})
