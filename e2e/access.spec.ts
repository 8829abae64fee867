import { expect, test, type Page, type ViewportSize } from '@playwright/test'
import { violations } from './axe'
import { goBench, openBench } from './board'
import { VIEWS } from './views'

const PATHS = [...VIEWS, '/solar?boat=demo-osprel', '/start']
const LAPTOP = { width: 1280, height: 800 },
  PHONE = { width: 390, height: 844 }

/**
 * Each view is looked at in turn in one window that changes its size, as a tablet that is turned does: a new window,
 * and going to a view, are dear.
 * Axe's every rule by day on a laptop and a phone; by night only the colours differ, and they are the same at every
 * size.
 * What stands around the bench is the same on all: it is looked at again on each of them only on the laptop by day.
 */
const LOOKS: { name: string; size: ViewportSize; theme: 'light' | 'dark'; check?: 'all' | 'bench' | 'colours' }[] = [
  { name: 'laptop by day', size: LAPTOP, theme: 'light', check: 'all' },
  { name: 'laptop by night', size: LAPTOP, theme: 'dark', check: 'colours' },
  { name: 'large', size: { width: 1920, height: 1080 }, theme: 'light' },
  { name: 'tablet', size: { width: 820, height: 1180 }, theme: 'light' },
  { name: 'phone', size: PHONE, theme: 'light', check: 'bench' },
]
for (const half of [0, 1]) {
  const paths = PATHS.filter((_, i) => i % 2 === half)
  test(
    'no serious or critical axe violation, nothing cut off, by day and night, from phone to large screen, ' +
      `${half + 1} of 2`,
    async ({ page }) => {
      test.setTimeout(240_000)
      await openBench(page)
      for (const path of paths) {
        await goBench(page, path)
        for (const { name, size, theme, check } of LOOKS) {
          const where = `${path} ${name}`
          await page.setViewportSize(size)
          await page.emulateMedia({ colorScheme: theme })
          await expect(page.locator('html'), where).toHaveAttribute('data-theme', theme)
          await nothingCutOff(page, where)
          if (!check) continue
          if (path === '/drive/curve') await page.locator('.at-bench [data-figure]').first().click()
          if (path === '/drive/pack' && size === LAPTOP) await page.locator('.fix').first().click()
          // a working or a trial stands outside the bench
          const whole = check === 'all' || [paths[0], '/drive/curve', '/drive/pack'].includes(path)
          expect(
            await violations(page, whole ? 'html' : '#bench', check === 'colours' ? ['color-contrast'] : null),
            where,
          ).toEqual([])
          await page.keyboard.press('Escape')
        }
      }
    },
  )
}

/** Neither the page nor the bench is wider than its place, and lever and boat are in view. */
async function nothingCutOff(page: Page, where: string) {
  await expect
    .poll(
      () =>
        page.evaluate(() => {
          const bench = document.querySelector('#bench')!
          return {
            page: document.documentElement.scrollWidth - innerWidth,
            bench: bench.scrollWidth - bench.clientWidth,
          }
        }),
      where,
    )
    .toEqual({ page: 0, bench: 0 })
  // the page of a first visit stands by itself
  if (await page.locator('[data-start-form]').count()) return
  await expect(page.locator('[data-lever]')).toBeInViewport({ ratio: 0.9 })
  await expect(page.locator('.strip')).toBeInViewport()
}

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
