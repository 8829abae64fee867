import AxeBuilder from '@axe-core/playwright'
import { expect, test, type Page } from '@playwright/test'
import { goBench, openBench } from './board'

const BENCHES = ['/boat', '/use', '/curve', '/propeller', '/motor', '/pack', '/pack?view=room', '/pack?view=strings', '/pack?view=power', '/pack?view=wear', '/wiring', '/charging', '/solar?boat=demo-osprel', '/sheet', '/library', '/settings-sheet', '/start']
const LAPTOP = { width: 1280, height: 800 }, PHONE = { width: 390, height: 844 }

/**
 * Every rule by day on a laptop and a phone; by night only the colours differ, and they are the same at every size.
 * What stands around the bench is the same on all: it is looked at again on each of them only on the laptop by day.
 */
const LOOKS = [
  { name: 'laptop by day', size: LAPTOP, theme: 'light' as const, rules: null, around: true }, { name: 'phone by day', size: PHONE, theme: 'light' as const, rules: null, around: false },
  { name: 'laptop by night', size: LAPTOP, theme: 'dark' as const, rules: ['color-contrast'], around: false },
]
/** A new window is dear, so that benches share one; two halves, so that two workers share the work. */
const HALVES = [BENCHES.filter((_, i) => i % 2 === 0), BENCHES.filter((_, i) => i % 2 === 1)]
for (const { name, size, theme, rules, around } of LOOKS) {
  for (const [half, paths] of HALVES.entries()) {
    test(`no serious or critical axe violation, nothing cut off, ${name}, ${half + 1} of 2`, async ({ browser }) => {
      test.setTimeout(240_000)
      const context = await browser.newContext({ viewport: size, colorScheme: theme })
      const page = await context.newPage()
      await openBench(page)
      for (const path of paths) {
        await goBench(page, path)
        await nothingCutOff(page, path)
        if (path === '/curve') await page.locator('.at-bench [data-figure]').first().click()
        if (path === '/pack' && size === LAPTOP) await page.locator('.fix').first().click()
        // all is one document: without a window of its own for each check it takes a quarter of the time
        const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode()
        // a working or a trial stands outside the bench
        if (!around && ![paths[0], '/curve', '/pack'].includes(path)) axe.include('#bench')
        const { violations } = await (rules ? axe.withRules(rules) : axe).analyze()
        const bad = violations.filter(v => v.impact === 'serious' || v.impact === 'critical')
        await page.keyboard.press('Escape')
        expect(bad.map(v => `${path} ${v.id}: ${v.nodes.slice(0, 3).map(n => n.target).join(' | ')}`)).toEqual([])
      }
      await context.close()
    })
  }
}

// the two sizes between
for (const { name, ...size } of [{ name: 'large', width: 1920, height: 1080 }, { name: 'tablet', width: 820, height: 1180 }]) {
  test(`nothing is cut off or runs past the screen, ${name}`, async ({ browser }) => {
    test.setTimeout(120_000)
    const page = await browser.newPage({ viewport: size })
    await openBench(page)
    for (const path of BENCHES) {
      await goBench(page, path)
      await nothingCutOff(page, path)
    }
    await page.close()
  })
}

/** Neither the page nor the bench is wider than its place, and lever and boat are in view. */
async function nothingCutOff(page: Page, where: string) {
  const wide = await page.evaluate(() => {
    const bench = document.querySelector('#bench')!
    return { page: document.documentElement.scrollWidth - innerWidth, bench: bench.scrollWidth - bench.clientWidth }
  })
  expect(wide, where).toEqual({ page: 0, bench: 0 })
  await expect(page.locator('[data-lever]')).toBeInViewport({ ratio: 0.9 })
  await expect(page.locator('.strip')).toBeInViewport()
}

test('the whole walk by keyboard alone', async ({ page }) => {
  await openBench(page)
  for (const [key, bench] of [['2', 'Use'], ['3', 'Power curve'], ['4', 'Propeller'], ['5', 'Motor'], ['6', 'Pack'], ['7', 'Wiring'], ['8', 'Charging'], ['9', 'Sheet'], ['0', 'Library'], ['1', 'Boat'], ['b', 'Pack'], ['p', 'Propeller'], ['m', 'Motor']] as const) {
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
