import { expect, test, type Page } from './walk'
import { openBench } from './board'

const find = async (page: Page, words: string) => {
  await page.keyboard.press('f')
  await page.locator('[data-find-words] input').fill(words)
  await page.locator('[data-find-words] input').press('Enter')
}

test('sets, benches, Find and Room by keys; back and forward; the last bench of a set is remembered', async ({
  page,
}) => {
  await openBench(page)
  await page.keyboard.press('5')
  await expect(page).toHaveURL(/\/drive\/motor$/)
  await page.keyboard.press('a')
  await expect(page).toHaveURL(/\/days\/day$/)
  await expect(page.locator('[data-set=days]')).toHaveClass(/set--open/)
  await page.keyboard.press('d')
  await expect(page).toHaveURL(/\/drive\/motor$/)
  await page.goBack()
  await expect(page).toHaveURL(/\/days\/day$/)
  await page.keyboard.press('9')
  await expect(page).toHaveURL(/\/sheet$/)
  await page.keyboard.press('?')
  await expect(page.locator('[data-keys]')).toContainText('Room for the bench')
  await page.keyboard.press('Escape')
})

test('a key that is pressed while a page is still on its way is heard', async ({ page }) => {
  await openBench(page)
  await page.keyboard.press('y')
  await page.keyboard.press('9')
  await expect(page).toHaveURL(/\/sheet$/)
})

test('what an owner asks for by an everyday word is found: caret, working, part, finding, bench', async ({ page }) => {
  await openBench(page)
  await find(page, 'prop size')
  await expect(page).toHaveURL(/\/drive\/propeller$/)
  await expect(
    page
      .locator('[data-field="design.propeller.diameter"]')
      .locator('input')
      .or(page.locator('input[data-field="design.propeller.diameter"]')),
  ).toBeFocused()
  await page.locator('h1, h2').first().click()
  await find(page, 'range')
  await expect(page.locator('.working')).toContainText(/range/i)
  await page.keyboard.press('Escape')
  await find(page, 'propellor tern 15')
  await expect(page).toHaveURL(/\/library\?kind=propeller/)
  await expect(page.locator('[data-part-editor]')).toBeVisible()
  await page.keyboard.press('f')
  await page.locator('[data-find-words] input').fill('zzqq')
  await expect(page.locator('[data-find-dialog]')).toContainText('Nothing of that name')
})

test('room for a bench: strip and findings fold, are remembered, and open over it', async ({ page }) => {
  await openBench(page, '/drive/wiring')
  // the diagram takes the room by itself on a screen of this width
  await expect(page.locator('[data-room-rail]')).toBeVisible()
  await page.locator('[data-room-rail]').click()
  await expect(page.locator('.at-findings .rail')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.locator('.at-findings .rail')).toHaveCount(0)
  await page.keyboard.press('w')
  await expect(page.locator('.at-findings .rail')).toBeVisible()
  await page.reload()
  await expect(page.locator('.at-findings .rail')).toBeVisible()
})

test('the last changes stand in a list with what they moved; one goes back to before any of them', async ({ page }) => {
  await openBench(page)
  await page.keyboard.press('6')
  const series = page
    .locator('[data-field="design.pack.parallel"] input, input[data-field="design.pack.parallel"]')
    .first()
  await series.fill('2')
  await series.press('Enter')
  await page.locator('[data-menu]').click()
  await page.locator('[data-open-history]').click()
  const list = page.locator('[data-history]')
  await expect(list.locator('li')).toHaveCount(1)
  await expect(list).toContainText(/Range|Usable|Price/i)
  await list.getByRole('button', { name: 'Undo' }).click()
  await expect(series).toHaveValue('1')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('the strip folds on the way down and returns on the way up; benches come as a sheet', async ({ page }) => {
    await openBench(page, '/drive/motor')
    const strip = page.locator('.at-strip')
    const height = async () => (await strip.boundingBox())!.height
    const full = await height()
    await page.locator('#bench').evaluate(el => el.scrollTo({ top: 400 }))
    await expect.poll(height).toBeLessThan(60)
    await page.waitForTimeout(400)
    await page.locator('#bench').evaluate(el => el.scrollTo({ top: 250 }))
    await expect.poll(height).toBe(full)
    await page.locator('[data-bench-menu]').click()
    await page.locator('[data-bench-sheet] [data-bench=year]').click()
    await expect(page).toHaveURL(/\/days\/year$/)
  })
})
