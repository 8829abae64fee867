import { everyNth, STORM } from '../packages/core/test/howMany'
import { violations } from './axe'
import { goBench, keepBoats, openBench } from './board'
import { TWELVE } from './twelveBoats'
import { BENCH_PATHS, VIEWS } from './views'
import { expect, test, type Page } from './walk'
import { wordFaults } from './words'

// Every view at every size, in every light, as each person has it who does not sit at a laptop with a mouse. One window
// goes from view to view and changes its size there, as a tablet that is turned does: to open a view is dear.

const LAPTOP = { width: 1280, height: 800 },
  PHONE = { width: 390, height: 844 }
/** Sizes at which nothing may be cut off, and nothing has to be scrolled across. */
const SIZES = [
  ['large', { width: 1920, height: 1080 }],
  ['tablet', { width: 820, height: 1180 }],
  ['zoomed to 200 %', { width: 640, height: 400 }],
  ['zoomed to 400 %', { width: 320, height: 256 }],
  ['a phone lying down', { width: 844, height: 390 }],
] as const

/** Goes on after a fault, so that all of them are told. */
const softly = expect.configure({ soft: true, timeout: 3000 })

/** How far the page is wider than its window, and the room of the bench, px. */
const room = (page: Page) =>
  page.evaluate(() => {
    const bench = document.querySelector('#bench')!
    return {
      wide: Math.max(document.documentElement.scrollWidth - innerWidth, bench.scrollWidth - bench.clientWidth),
      high: bench.getBoundingClientRect().height,
    }
  })

/** Waits until the frame of a size and the chart in it stand, and reads the words. */
async function words(page: Page, size: typeof LAPTOP, where: string) {
  await page.setViewportSize(size)
  await page
    .locator(size === PHONE ? '.flat' : '.at-findings .rail, [data-room-rail]')
    .first()
    .waitFor()
  if (await page.locator('[data-drawn]').count()) await page.locator('[data-drawn=true]').first().waitFor()
  await softly.poll(() => wordFaults(page), { message: where, timeout: 5000, intervals: [60, 200, 400] }).toEqual([])
}

/** What a reader's voice needs: one heading, regions by name, a table behind each chart. */
const heard = (page: Page) =>
  page.evaluate(() => ({
    headings: document.querySelectorAll('h1').length,
    mains: document.querySelectorAll('main').length,
    nameless: [...document.querySelectorAll('nav, aside, [role=dialog], [role=alertdialog]')]
      .filter(e => e.checkVisibility())
      .filter(e => !e.getAttribute('aria-label') && !e.getAttribute('aria-labelledby'))
      .map(e => `${e.tagName.toLowerCase()}.${e.className}`),
    bare: [...document.querySelectorAll('.ink-plot, figure.chart')]
      .filter(e => e.checkVisibility() && !e.parentElement!.querySelector('table'))
      .map(e => e.getAttribute('aria-label')),
  }))

/** What moves, and what is chosen and not marked by an outline, for who asks for no movement and sees few colours. */
const stillAndMarked = (page: Page) =>
  page.evaluate(() => ({
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

const PARTS = 4
for (let part = 0; part < PARTS; part++) {
  const paths = [...VIEWS, '/solar?boat=demo-osprel'].filter((_, i) => i % PARTS === part)
  test(`every view, at every size and light, by voice, without movement: ${part + 1} of ${PARTS}`, async ({ page }) => {
    test.setTimeout(240_000)
    const boat = TWELVE.find(b => b.id === 'walk-tirrick')!
    await openBench(page)
    await keepBoats(page, [boat])
    await openBench(page, `/drive/boat?boat=${boat.id}`)
    const titles = new Set<string>()
    for (const [i, path] of paths.entries()) {
      await page.setViewportSize(LAPTOP)
      await goBench(page, path)
      titles.add(await page.title())
      await words(page, LAPTOP, `${path}, laptop`)
      if (BENCH_PATHS.includes(path))
        softly(await heard(page), path).toEqual({ headings: 1, mains: 1, nameless: [], bare: [] })
      // a working or a trial stands outside the bench
      if (path === '/drive/curve') await page.locator('.at-bench [data-figure]').first().click()
      if (path === '/drive/pack') await page.locator('.fix').first().click()
      const whole = [paths[0], '/drive/curve', '/drive/pack'].includes(path)
      softly(await violations(page, whole ? 'html' : '#bench', null), `${path}, by day`).toEqual([])
      await page.keyboard.press('Escape')
      await page.emulateMedia({ colorScheme: 'dark' })
      await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
      // daily colours at night on half of the views, the phone on the other
      if (STORM || i % 2 !== part % 2)
        softly(await violations(page, whole ? 'html' : '#bench', ['color-contrast']), `${path}, by night`).toEqual([])
      await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce', forcedColors: 'active' })
      softly(await stillAndMarked(page), `${path}, no movement, few colours`).toEqual({ moves: [], unmarked: [] })
      await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'no-preference', forcedColors: 'none' })
      for (const [name, size] of SIZES) {
        await page.setViewportSize(size)
        await softly.poll(async () => (await room(page)).wide, `${path}, ${name}`).toBeLessThanOrEqual(0)
        softly((await room(page)).high, `room for ${path}, ${name}`).toBeGreaterThan(100)
        if (size.height < 800) continue
        await softly(page.locator('[data-lever]'), `${path}, ${name}`).toBeInViewport({ ratio: 0.9 })
        await softly(page.locator('.strip'), `${path}, ${name}`).toBeInViewport()
      }
      await words(page, PHONE, `${path}, phone`)
      if (STORM || i % 2 === part % 2) softly(await violations(page, '#bench', null), `${path}, phone`).toEqual([])
    }
    expect(titles.size).toBeGreaterThanOrEqual(new Set(paths.map(path => path.split('?')[0])).size)
  })
}

test('a first visit: no violation, nothing cut off, on laptop and phone, by day and night', async ({ page }) => {
  await openBench(page, '/start')
  for (const size of [LAPTOP, PHONE])
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.setViewportSize(size)
      await page.emulateMedia({ colorScheme })
      softly(await violations(page, 'html', null), `${size.width}, ${colorScheme}`).toEqual([])
      await softly.poll(async () => (await room(page)).wide).toBeLessThanOrEqual(0)
    }
})

/** Where what is written depends on the boat; daily every third of them, the others on the next boats. */
const OF_THE_BOAT = ['/drive/boat', '/drive/propeller', '/drive/motor', '/drive/pack', '/drive/wiring', '/sheet']
/** Daily read on every view beside Tirrick, since all that is long, double and shared stands on her. */
const WHOLE = 'walk-garran'

for (const [i, boat] of TWELVE.entries()) {
  if (boat.id === 'walk-tirrick') continue
  const paths = STORM || boat.id === WHOLE ? VIEWS : everyNth(OF_THE_BOAT, 3, i)
  test(`no word on another, none cut, nothing sideways: ${boat.name}`, async ({ page }) => {
    test.setTimeout(180_000)
    await openBench(page)
    await keepBoats(page, [boat])
    await page.evaluate(
      units => localStorage.setItem('remigo-units', units),
      JSON.stringify({ profile: i % 2 ? 'us' : 'metric', overrides: {} }),
    )
    await openBench(page, `/drive/boat?boat=${boat.id}`)
    await expect(page.locator('h1').first()).toHaveText(boat.name)
    // each view is come to at the size in which the last was left
    let sizes = [LAPTOP, PHONE]
    for (const path of paths) {
      await goBench(page, path)
      for (const size of sizes) await words(page, size, `${path}, ${size === PHONE ? 'phone' : 'laptop'}`)
      sizes = sizes.toReversed()
    }
  })
}

test.describe('by touch', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: PHONE })
  test('everything that is touched is 44 px or has that much room', async ({ page }) => {
    test.setTimeout(180_000)
    await openBench(page)
    for (const path of BENCH_PATHS) {
      await goBench(page, path)
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
          // a field is touched anywhere in its box, a tick anywhere on its line
          const touched = e.closest('label, .v-field, .v-selection-control') ?? e,
            box = touched.getBoundingClientRect()
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
