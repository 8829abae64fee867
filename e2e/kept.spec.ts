import { expect, test, type Page } from './walk'
import { field, openBench, rewriteSavedBoat, savedBoat, type } from './board'
import { everyNth } from '../packages/core/test/howMany'

/** What the store holds of a boat. */
const stored = async (page: Page, id: string) =>
  (await savedBoat(page)).find(row => row.id === id) as unknown as
    | { revision: number; project: { boat: { mass: number }; story: string; design: { motor: { id: string } } } }
    | undefined
const saved = (page: Page) => expect(page.locator('[data-saved]').first()).toContainText(/^Saved/)

for (const [kind, path] of everyNth(
  [
    ['motor', 'design.motor'],
    ['controller', 'design.controller'],
    ['cell', 'design.pack.cell'],
    ['pack', 'design.pack.cell'],
    ['charger', 'design.charging.charger'],
    ['fuse', 'design.wiring.fuse'],
    ['panel', 'design.solar.panel'],
    ['chargeController', 'design.solar.controller'],
  ] as const,
  4,
  1,
)) {
  test(`a listed ${kind} that is tried and kept from the library is saved`, async ({ page }) => {
    await openBench(page, `/library?kind=${kind}`)
    const tryIt = page.locator('[data-try-part]')
    for (const row of await page.locator('[data-library] .list button').all()) {
      await row.click()
      if (await tryIt.isVisible()) break
    }
    const name = (await page.locator('[data-library] .bench__side h2').innerText()).trim()
    await tryIt.click()
    await page.getByRole('button', { name: 'Keep it' }).first().click()
    await expect
      .poll(async () => {
        const project = (await stored(page, 'demo-tirrick'))?.project as unknown as Record<string, unknown>
        return (
          path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown>)?.[key], project) as {
            name?: string
          } | null
        )?.name
      })
      .toBe(name)
    await saved(page)
    await expect(page.locator('[data-not-saved]')).toHaveCount(0)
  })
}

test('a field follows what changed the boat: another pack, undo, a story taken back', async ({ page }) => {
  await openBench(page, '/pack')
  await type(page, 'design.pack.parallel', '3')
  await field(page, 'design.pack.parallel').blur()
  const tries = page.locator('[data-cells]').getByRole('button', { name: /^Try/ })
  await tries.first().click()
  await page.getByRole('button', { name: 'Keep it' }).first().click()
  const parallel = field(page, 'design.pack.parallel'),
    shown = await parallel.inputValue()
  await parallel.click()
  await expect(parallel).toHaveValue(shown)
  await page.locator('[data-bench=boat]').click()
  await field(page, 'boat.mass').click()
  await page.keyboard.type('5.5 t')
  await page.keyboard.press('Control+z')
  await expect(field(page, 'boat.mass')).toHaveValue('4.60 t')
  await page.keyboard.type('5.5 t')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+z')
  await field(page, 'boat.beam').click()
  await expect(field(page, 'boat.mass')).toHaveValue('4.60 t')
  const story = page.locator('[data-field=story] textarea'),
    before = await story.inputValue()
  await story.click()
  await story.fill('She was found in a barn.')
  await story.blur()
  await page.locator('h1').click()
  await page.keyboard.press('Control+z')
  await expect(story).toHaveValue(before)
})

test('a click and typing take the place of the old value; a second click places the caret', async ({ page }) => {
  await openBench(page, '/boat')
  for (const [path, text, shown] of [
    ['boat.mass', '5 t', '5.00 t'],
    ['boat.lengthOverAll', '9.6', '9.60 m'],
    ['boat.mass', '11000 lb', '4.99 t'],
  ] as const) {
    await field(page, path).click()
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
    await field(page, 'boat.beam').click()
    await expect(field(page, path)).toHaveValue(shown)
  }
  await page.locator('[data-bench=use]').click()
  await field(page, 'use.cruiseSpeed').focus()
  await page.keyboard.type('4.4 kn')
  await page.keyboard.press('Tab')
  await expect(field(page, 'use.cruiseSpeed')).toHaveValue('4.4 kn')
  // the caret: the second click lets one add, and what makes two numbers is refused
  await field(page, 'use.cruiseSpeed').click()
  await field(page, 'use.cruiseSpeed').click()
  await page.keyboard.press('End')
  await page.keyboard.type('4.6 kn')
  await page.keyboard.press('Enter')
  await expect(page.getByText('holds two numbers in kn')).toBeVisible()
})

test('what is typed and not left outlives a reload; a text that makes no sense comes back with its sentence', async ({
  page,
}) => {
  await openBench(page, '/boat')
  await field(page, 'boat.mass').click()
  await page.keyboard.type('5.2 t')
  await expect(page.locator('[data-saved]').first()).toContainText('Typed, not kept yet')
  await page.reload()
  await expect(field(page, 'boat.mass')).toHaveValue('5.20 t')
  await page.locator('[data-field=story] textarea').click()
  await page.keyboard.press('Control+End')
  await page.keyboard.type(' Her seats are oak.')
  await expect.poll(async () => (await stored(page, 'demo-tirrick'))?.project.story).toMatch(/Her seats are oak\.$/)
  await field(page, 'boat.draught').click()
  await page.keyboard.type('1.5 furlongs')
  await page.reload()
  await expect(field(page, 'boat.draught')).toHaveValue('1.5 furlongs')
  await expect(page.getByText('“furlongs” is not a unit Remigo knows')).toBeVisible()
})

test('a stored boat is not taken for the demo boat, whatever the browser forgot', async ({ page }) => {
  await openBench(page, '/boat')
  await type(page, 'boat.mass', '5.1 t')
  await expect.poll(async () => (await stored(page, 'demo-tirrick'))?.project.boat.mass).toBe(5100)
  await page.evaluate(() => localStorage.removeItem('remigo-open'))
  await page.reload()
  await expect(field(page, 'boat.mass')).toHaveValue('5.10 t')
  await type(page, 'boat.beam', '3.1 m')
  await saved(page)
  expect((await stored(page, 'demo-tirrick'))!.project.boat.mass).toBe(5100)
})

test('an edit outlives a quick change to another boat by its address', async ({ page }) => {
  await openBench(page, '/boat?boat=demo-tirrick')
  await type(page, 'boat.mass', '5.3 t')
  await page.goto('/boat?boat=demo-osprel')
  await expect(page.locator('h1')).toHaveText('Osprel')
  await expect.poll(async () => (await stored(page, 'demo-tirrick'))?.project.boat.mass).toBe(5300)
})

test('two tabs: what one deletes and the other goes on with are both kept; the other’s edit is a step of undo', async ({
  context,
}) => {
  const a = await context.newPage(),
    b = await context.newPage()
  await openBench(a, '/boat?boat=demo-osprel')
  await openBench(b, '/boat?boat=demo-osprel')
  await type(a, 'boat.mass', '2.2 t')
  await field(a, 'boat.mass').blur()
  await expect(field(b, 'boat.mass')).toHaveValue('2.20 t')
  await type(b, 'boat.mass', '2.3 t')
  await field(b, 'boat.mass').blur()
  await expect(field(a, 'boat.mass')).toHaveValue('2.30 t')
  await a.locator('h1').click()
  await a.keyboard.press('Control+z')
  await a.keyboard.press('Control+z')
  const first = await field(a, 'boat.mass').inputValue()
  expect(['2.20 t', '2.30 t']).not.toContain(first)
  await expect(field(b, 'boat.mass')).toHaveValue(first)
  await a.locator('[data-menu]').click()
  await a.getByRole('button', { name: 'Delete' }).click()
  await type(b, 'boat.mass', '2.6 t')
  await expect.poll(async () => (await stored(b, 'demo-osprel'))?.project.boat.mass).toBe(2600)
  await a.getByRole('button', { name: 'Bring back' }).click()
  await expect(a.locator('h1')).toHaveText('Osprel (this tab)')
  expect((await stored(b, 'demo-osprel'))!.project.boat.mass).toBe(2600)
})

test('on the phone a store that fails is told, work goes on in memory and is saved when it can be', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openBench(page, '/boat')
  await saved(page).catch(() => undefined)
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put as (...args: unknown[]) => IDBRequest
    Object.assign(window, {
      mend: () => {
        IDBObjectStore.prototype.put = put as never
      },
    })
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  })
  await type(page, 'boat.mass', '5 t')
  await expect(page.locator('[data-not-saved]')).toContainText('the room that the browser gives is full')
  await expect(page.locator('.head [data-saved]')).toHaveText('Not saved')
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend())
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.locator('[data-not-saved]')).toHaveCount(0)
  expect((await stored(page, 'demo-tirrick'))!.project.boat.mass).toBe(5000)
})

test('a store that hangs, and a browser that keeps no site data, are told; the boat is there', async ({ context }) => {
  for (const block of [
    () => {
      IDBFactory.prototype.open = () => new EventTarget() as never
    },
    () => {
      const denied = {
        get() {
          throw new DOMException('denied', 'SecurityError')
        },
      }
      Object.defineProperty(window, 'localStorage', denied)
      Object.defineProperty(window, 'indexedDB', denied)
    },
  ]) {
    const page = await context.newPage()
    await page.addInitScript(block)
    await openBench(page, '/boat')
    await expect(page.locator('[data-not-saved]')).toContainText(/does not answer|keeps no site data/)
    await type(page, 'boat.mass', '5 t')
    await field(page, 'boat.mass').blur()
    await expect(field(page, 'boat.mass')).toHaveValue('5.00 t')
    await page.close()
  }
})

test('a run that cannot be is refused at its cell, and a boat that holds one can be opened', async ({ page }) => {
  await openBench(page, '/curve')
  const cell = (name: string) => page.locator(`[data-cell=${name}]`)
  await page.locator('[data-add-run]').click()
  for (const [name, text] of [
    ['speed-0', '2'],
    ['read-0', '500 W'],
  ] as const) {
    await cell(name).click()
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
  }
  await cell('stream-0').click()
  await page.keyboard.type('3')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-reading-errors]')).toContainText(
    'Reading 1: with stream, a stream of 3.0 kn leaves nothing of 2.0 kn',
  )
  await expect(page.locator('[data-drawn=true]')).toBeVisible()
  // a document that holds it already
  const run = {
    speed: 1,
    kind: 'battery',
    power: 500,
    voltage: null,
    current: null,
    rpm: null,
    pull: null,
    fuelRate: null,
    used: null,
    time: null,
    doubt: null,
    direction: '',
    stream: 1.5,
    note: '',
    setup: 0,
  }
  await rewriteSavedBoat(page, 'demo-osprel', { trial: { use: 'measured', points: [run, run, run], setups: [] } })
  await openBench(page, '/curve?boat=demo-osprel')
  await expect(page.locator('[data-drawn=true]')).toBeVisible()
  await expect(page.locator('[data-failed]')).toHaveCount(0)
})

test('a boat that no sum can be made of says so panel by panel; boats and undo stay alive', async ({ page }) => {
  await openBench(page, '/boat')
  await rewriteSavedBoat(page, 'demo-osprel', { boat: { hullType: 'submarine' } })
  await page.goto('/boat?boat=demo-osprel')
  await expect(page.locator('[data-failed]').first()).toContainText('cannot be drawn for this boat')
  await page.locator('[data-menu]').click()
  await page
    .locator('[data-boats]')
    .getByRole('button', { name: /Tirrick/ })
    .click()
  await expect(page.locator('h1')).toHaveText('Tirrick')
  await expect(page.locator('[data-failed]')).toHaveCount(0)
})

for (const size of [
  { width: 640, height: 400 },
  { width: 844, height: 390 },
]) {
  test(`on a low screen, ${size.width} × ${size.height}, the bench keeps most of it`, async ({ page }) => {
    await page.setViewportSize(size)
    await page.goto('/boat')
    await page.locator('.flat').waitFor()
    await expect(field(page, 'boat.draught')).toBeAttached()
    const seen = await page.evaluate(() => {
      const bench = document.querySelector('#bench')!.getBoundingClientRect(),
        lever = document.querySelector('.at-lever')!.getBoundingClientRect()
      return Math.min(lever.top, bench.bottom) - bench.top
    })
    expect(seen).toBeGreaterThan(0.55 * size.height)
    await expect(page.locator('[data-lever]')).toBeInViewport()
    await field(page, 'boat.draught').scrollIntoViewIfNeeded()
    await expect(field(page, 'boat.draught')).toBeInViewport()
  })
}

test('an address that leads nowhere is told, and there is a way back to the boat', async ({ page }) => {
  await page.goto('/drive/anchor')
  await expect(page.getByRole('heading')).toHaveText('There is no page /drive/anchor')
  await expect(page.locator('[data-trouble]')).toContainText('Your boats are kept')
  await page.getByRole('link', { name: 'A new boat' }).click()
  await expect(page.locator('[data-start-form]')).toBeVisible()
})
