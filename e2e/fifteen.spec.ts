import { expect, test, type Page } from './walk'
import { figure, goBench, leverRests, openBench, pick } from './board'
import { everyNth } from '../packages/core/test/howMany'

interface Entered {
  name: string
  kind: string
  drive?: string
  us?: boolean
  answers: Record<string, string>
  not?: RegExp
  said?: RegExp
}

/** Fifteen boats that are no demo boats, invented, with the ten answers as their owners would type them. */
const FIFTEEN: readonly Entered[] = [
  {
    name: 'Teal, runabout',
    kind: 'Planing motor boat',
    drive: 'Shaft',
    us: true,
    answers: {
      lengthOverAll: '18 ft 2 in',
      beam: '7 ft',
      mass: '2100 lb',
      oldEnginePower: '115 hp',
      cruiseSpeed: '16 mph',
      duration: '20 min',
    },
    not: /under sail|hull speed \d|mast\b/i,
  },
  {
    name: 'Snipe, bass boat',
    kind: 'Planing motor boat',
    drive: 'Outboard',
    us: true,
    answers: {
      lengthOverAll: '16 ft',
      mass: '1300 lb',
      oldEnginePower: '40 hp',
      cruiseSpeed: '5 mph',
      duration: '3 h',
    },
    not: /diesel|under sail/i,
  },
  {
    name: 'Sprinter, jet',
    kind: 'Jet boat',
    answers: { lengthOverAll: '5.1 m', mass: '1.0 t', cruiseSpeed: '18 kn', duration: '15 min' },
    not: /under sail|mast\b/i,
  },
  {
    name: 'Wagtail, pocket yacht',
    kind: 'Keel sailing yacht',
    drive: 'Outboard',
    answers: { lengthOverAll: '6.1 m', mass: '1150 kg', oldEnginePower: '4 hp', cruiseSpeed: '4 kn', duration: '2 h' },
  },
  {
    name: 'Fulmar, long keel',
    kind: 'Keel sailing yacht',
    answers: { lengthOverAll: '31 ft', mass: '6 t', oldEnginePower: '20 hp', cruiseSpeed: '5 kn' },
  },
  {
    name: 'Dunlin, sail drive',
    kind: 'Keel sailing yacht',
    drive: 'Sail drive',
    answers: { lengthOverAll: '10,4 m', mass: '5,6 t', cruiseSpeed: '5,5 kn', duration: '3 h' },
  },
  {
    name: 'Skua, ketch',
    kind: 'Keel sailing yacht',
    answers: { lengthOverAll: '12.5 m', mass: '13 t', cruiseSpeed: '6 kn', duration: '4 h' },
  },
  {
    name: 'Gannet, motor yacht',
    kind: 'Semi-displacement',
    answers: { lengthOverAll: '9.5 m', mass: '5 t', oldEnginePower: '80 kW', cruiseSpeed: '6 kn' },
    not: /under sail/i,
  },
  {
    name: 'Raft of two',
    kind: 'Pontoon boat',
    us: true,
    answers: {
      lengthOverAll: '20 ft',
      mass: '2200 lb',
      oldEnginePower: '25 hp',
      cruiseSpeed: '5 mph',
      duration: '4 h',
    },
    not: /under sail|mast\b|diesel/i,
  },
  {
    name: 'Small float',
    kind: 'Pontoon boat',
    answers: { lengthOverAll: '4.2 m', mass: '600 kg', cruiseSpeed: '3 kn', duration: '3 h' },
    not: /under sail|mast\b/i,
  },
  {
    name: 'Pedal float',
    kind: 'Pontoon boat',
    drive: 'Pod',
    answers: {
      lengthOverAll: '3.5 m',
      beam: '1.65 m',
      mass: '420 kg',
      greatestDiameter: '220 mm',
      cruiseSpeed: '2.2 kn',
      duration: '3 h',
      houseLoad: '0',
    },
    not: /under sail|mast\b/i,
  },
  {
    name: 'Sunbeam, launch',
    kind: 'Displacement launch',
    answers: { lengthOverAll: '6.4 m', mass: '1.4 t', cruiseSpeed: '4.5 kn', duration: '5 h' },
    not: /under sail/i,
  },
  {
    name: 'Old launch of 1911',
    kind: 'Displacement launch',
    answers: { lengthOverAll: '9.6 m', mass: '3.1 t', oldEnginePower: '12 kW', cruiseSpeed: '5 kn', duration: '6 h' },
    not: /under sail/i,
  },
  {
    name: 'Pram, three metres',
    kind: 'Dinghy or inflatable',
    us: true,
    answers: { lengthOverAll: '9 ft 10 in', mass: '460 lb', cruiseSpeed: '3.5 mph', duration: '1 h' },
    not: /under sail|DC-DC|hull speed of 9/i,
  },
  {
    name: 'Kayak',
    kind: 'Canoe, kayak, rowing boat',
    answers: { lengthOverAll: '3.9 m', mass: '150 kg', cruiseSpeed: '3 kn', duration: '2 h' },
    not: /under sail|DC-DC/i,
  },
]
/** What no boat's screen may say. */
const SENSELESS =
  /NaN|undefined|Infinity|\u221e|\d{4,}\s%|[\u2212-]0\.0+\b(?!\d)|\+\d{4,}(?!\d|\s?€)|null\b|Relax one:\s*$/m

async function enter(page: Page, boat: Entered) {
  await openBench(page, '/start')
  for (const [question, text] of Object.entries({ name: boat.name, ...boat.answers })) {
    if (question === 'name') await pick(page, page.locator('[data-start-form] .pick-field').first(), boat.kind)
    const box = page.locator(`[data-question=${question}] :is(input, textarea)`)
    await box.click()
    await page.keyboard.type(text)
  }
  if (boat.drive) await page.locator('[data-start-form]').getByText(boat.drive, { exact: true }).click()
  await page.locator('[data-make]').click()
  await expect(page.locator('[data-sheet]')).toContainText(boat.name)
}

// three of them daily
for (const boat of everyNth(FIFTEEN, 5)) {
  test(`entered as its owner would: ${boat.name}`, async ({ page }) => {
    // ten answers, and ten benches read
    test.setTimeout(120_000)
    const errors: string[] = []
    page.on('pageerror', e => errors.push(e.message))
    await page.addInitScript(
      us => localStorage.setItem('remigo-units', JSON.stringify({ profile: us ? 'us' : 'metric', overrides: {} })),
      boat.us ?? false,
    )
    await enter(page, boat)
    // the sheet is read from its top
    expect(await page.locator('#bench').evaluate(bench => bench.scrollTop)).toBe(0)
    for (const path of [
      '/sheet',
      '/boat',
      '/use',
      '/curve',
      '/propeller',
      '/motor',
      '/pack',
      '/wiring',
      '/charging',
      '/year',
    ]) {
      await goBench(page, path)
      await leverRests(page)
      const words = await page.locator('.board').innerText()
      expect(words.match(SENSELESS)?.[0], path).toBeUndefined()
      if (boat.not) expect(words.match(boat.not)?.[0], path).toBeUndefined()
      await expect(page.locator('[data-failed]'), path).toHaveCount(0)
    }
    // what was answered is what she is; what was not is no fact of hers
    await goBench(page, '/boat')
    const power = await figure(page, 'packPower')
    expect(power).toBeGreaterThan(0)
    if (!boat.answers.oldEnginePower)
      await expect(
        page
          .locator('[data-field="boat.oldEngine.ratedPower"] input, input[data-field="boat.oldEngine.ratedPower"]')
          .first(),
      ).toHaveValue(/^0(\.0+)? (kW|hp)$/)
    // the first fix that is offered is tried, and kept
    const fix = page.locator('.rail .fix').first()
    if (await fix.isVisible()) {
      await fix.click()
      await expect(page.locator('[data-trial]').first()).toBeVisible()
      await page.getByRole('button', { name: 'Keep it' }).first().click()
    }
    await expect(page.locator('[data-saved]').first()).toContainText('Saved')
    // and she is the same after a reload, which begins at cruise
    await page.locator('[data-lever]').first().press('Home')
    await leverRests(page)
    const kept = await page.locator('h1').first().innerText(),
      after = await figure(page, 'packPower')
    await page.reload()
    await expect(page.locator('h1').first()).toHaveText(kept)
    await expect.poll(() => figure(page, 'packPower')).toBe(after)
    expect(errors).toEqual([])
  })
}
