import { expect, test, type Page } from '@playwright/test'
import { violations } from './axe'
import { goBench, openBench } from './board'
import { BENCH_PATHS } from './views'

// What each person needs who does not sit at a laptop with a mouse: zoom, touch, a phone lying down, no movement, few
// colours, a reader's voice.

/** Goes on after a fault, so that all of them are told. */
const softly = expect.configure({ soft: true, timeout: 3000 })

/** How far the page is wider than its window, px. */
const tooWide = (page: Page) =>
  page.evaluate(() => {
    const bench = document.querySelector('#bench')!
    return Math.max(document.documentElement.scrollWidth - innerWidth, bench.scrollWidth - bench.clientWidth)
  })

test('zoomed to 200 and 400 per cent, and on a phone lying down, nothing has to be scrolled across', async ({
  page,
}) => {
  test.setTimeout(180_000)
  await openBench(page, '/drive/boat')
  for (const path of BENCH_PATHS) {
    await page.setViewportSize({ width: 1280, height: 800 })
    await goBench(page, path)
    for (const [name, width, height] of [
      ['200 %', 640, 400],
      ['400 %', 320, 256],
      ['a phone lying down', 844, 390],
    ] as const) {
      await page.setViewportSize({ width, height })
      await softly.poll(() => tooWide(page), `${path} at ${name}`).toBeLessThanOrEqual(0)
      const room = await page.evaluate(() => document.querySelector('#bench')!.getBoundingClientRect().height)
      softly(room, `room for ${path} at ${name}`).toBeGreaterThan(100)
    }
  }
})

test.describe('by touch', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } })
  test('everything that is touched is 44 px or has that much room', async ({ page }) => {
    test.setTimeout(180_000)
    for (const path of BENCH_PATHS) {
      await openBench(page, path)
      const small = await page.evaluate(() => {
        const LEAST = 44
        const wanted = 'button, a[href], input, select, textarea, summary, [role=button], [role=tab], [role=radio]'
        const found = [...document.querySelectorAll<HTMLElement>(wanted)].filter(e => {
          const box = e.getBoundingClientRect()
          // hidden, or words in a sentence, which may be as high as their line
          if (!e.checkVisibility({ visibilityProperty: true }) || box.width < 2 || box.height < 2) return false
          return !e.closest('svg, .visually-hidden, [inert]') && getComputedStyle(e).display !== 'inline'
        })
        return found.flatMap(e => {
          const label = e.closest('label'),
            box = (label ?? e).getBoundingClientRect()
          const after = getComputedStyle(e, '::after'),
            spread = (side: string) => (after.position === 'absolute' ? parseFloat(side) || 0 : 0)
          return Math.max(box.height, spread(after.height)) >= LEAST - 0.5 &&
            Math.max(box.width, spread(after.width)) >= 24
            ? []
            : [`${e.tagName.toLowerCase()}.${e.className} ${Math.round(box.width)} × ${Math.round(box.height)}`]
        })
      })
      softly([...new Set(small)], path).toEqual([])
    }
  })
})

test('each page has one heading, its title and its regions by name; each chart a table behind it', async ({ page }) => {
  test.setTimeout(120_000)
  await openBench(page, '/drive/boat')
  const titles = new Set<string>()
  for (const path of BENCH_PATHS) {
    await goBench(page, path)
    await expect(page.locator('h1'), path).toHaveCount(1)
    titles.add(await page.title())
    const of = await page.evaluate(() => ({
      mains: document.querySelectorAll('main').length,
      nameless: [...document.querySelectorAll('section, nav, aside, [role=dialog], [role=alertdialog]')]
        .filter(e => e.checkVisibility() && e.tagName !== 'SECTION')
        .filter(e => !e.getAttribute('aria-label') && !e.getAttribute('aria-labelledby'))
        .map(e => `${e.tagName.toLowerCase()}.${e.className}`),
      bare: [...document.querySelectorAll('.ink-plot, figure.chart')]
        .filter(e => e.checkVisibility() && !e.parentElement!.querySelector('table'))
        .map(e => e.getAttribute('aria-label')),
    }))
    softly(of, path).toEqual({ mains: 1, nameless: [], bare: [] })
  }
  expect(titles.size).toBe(BENCH_PATHS.length)
})

test('who asks for no movement sees none; with few colours what is chosen is still marked', async ({ page }) => {
  test.setTimeout(120_000)
  await page.emulateMedia({ reducedMotion: 'reduce', forcedColors: 'active', colorScheme: 'dark' })
  await openBench(page, '/drive/boat')
  for (const path of BENCH_PATHS) {
    await goBench(page, path)
    const of = await page.evaluate(() => ({
      moves: document
        .getAnimations()
        .filter(a => Number(a.effect?.getComputedTiming().duration ?? 0) > 1)
        .map(a => (a.effect as KeyframeEffect | null)?.target?.className),
      unmarked: [
        ...document.querySelectorAll<HTMLElement>(
          '#bench [aria-pressed=true], #bench [aria-selected=true], #bench [aria-checked=true]',
        ),
      ]
        .filter(e => e.checkVisibility() && !e.closest('svg') && parseFloat(getComputedStyle(e).outlineWidth) < 2)
        .map(e => e.className),
    }))
    softly(of, path).toEqual({ moves: [], unmarked: [] })
  }
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
