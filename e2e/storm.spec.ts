import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test, type Page } from './walk'
import {
  DEMO,
  DEMO_BOATS,
  EMPTY_READING,
  EMPTY_TRIP,
  edit,
  usualOf,
  BUDGET_ITEM,
  TASK,
  withEdits,
  writeProject,
  type Project,
} from '@remigo/core'
import { goBench, openBench, type, giveFile } from './board'
import { everyNth, howMany, STORM } from '../packages/core/test/howMany'

// Pages under what is too much: `npm run storm` runs these with many more rounds.

/** Brings a boat in by her file, as an owner does. */
async function importBoat(page: Page, project: Project) {
  await page.locator('[data-menu]').first().click()
  await giveFile(page, '[data-import-boat]', {
    name: 'boat.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeProject(project)),
  })
  await expect(page.locator('h1')).toHaveText(project.name)
}

/** A file where an owner has it: one that is handed over in memory is unpacked by the page, which is then held up. */
function onDisk(name: string, text: string): string {
  const path = join(mkdtempSync(join(tmpdir(), 'remigo-walk-')), name)
  writeFileSync(path, text)
  return path
}

/** ms for which the page was held up at most until something is shown, or for twenty seconds. */
const longestStall = (page: Page, until: string) =>
  page.evaluate(
    shown =>
      new Promise<number>(resolve => {
        let last = performance.now(),
          most = 0
        const from = last
        const look = () => {
          const now = performance.now()
          most = Math.max(most, now - last)
          last = now
          if (document.querySelector(shown) || now - from > 20_000) resolve(most)
          else setTimeout(look, 4)
        }
        look()
      }),
    until,
  )

/** A boat as she is after years: readings, things, tasks, trips. */
function heavyBoat(): Project {
  const boat = { ...DEMO.lodden, id: 'heavy', name: 'Heavy' }
  const many = <T>(n: number, make: (i: number) => T) => Array.from({ length: n }, (_, i) => make(i))
  const [trip] = boat.log.trips
  return withEdits(boat, [
    edit(
      'yard.items',
      many(
        2000,
        i => ({ ...usualOf(BUDGET_ITEM.fields), name: `Thing ${i}`, quantity: 1, price: i % 90, paid: null }) as never,
      ),
    ),
    edit(
      'yard.tasks',
      many(
        300,
        i =>
          ({
            ...boat.yard.tasks[0],
            ...usualOf(TASK.fields),
            id: `task-${i}`,
            name: `Task ${i}`,
            after: i > 0 ? [`task-${i - 1}`] : [],
            least: 3600,
            most: 7200,
          }) as never,
      ),
    ),
    edit(
      'log.trips',
      many(500, i => ({
        ...EMPTY_TRIP,
        ...trip,
        id: `trip-${i}`,
        date: new Date(Date.UTC(2025, 0, 1) + i * 86_400_000).toISOString().slice(0, 10),
      })),
    ),
    edit(
      'trial.points',
      many(200, i => ({ ...EMPTY_READING, speed: 1 + i / 200, power: 400 + 4 * i, setup: 0 })),
    ),
    edit('trial.setups', boat.log.setups.slice(0, 1)),
  ])
}

test('a boat with 200 readings, 2,000 things, 300 tasks, 500 trips opens, is edited, is read back', async ({
  page,
}) => {
  test.setTimeout(120_000)
  const heavy = heavyBoat()
  await openBench(page, '/drive/boat?boat=demo-tirrick')
  await importBoat(page, heavy)
  const opened = Date.now()
  await openBench(page, '/drive/boat')
  await expect(page.locator('h1')).toHaveText('Heavy')
  const open = Date.now() - opened
  const edits: number[] = []
  for (const mass of ['3.1 t', '3.2 t', '3.3 t', '3.2 t', '3.1 t']) {
    await page.evaluate(() => new Promise(r => requestAnimationFrame(() => r(null))))
    const field = page.locator('[data-field="boat.mass"] input, input[data-field="boat.mass"]').first()
    await field.fill(mass)
    edits.push(
      await field.evaluate(async input => {
        const from = performance.now()
        input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
        ;(input as HTMLInputElement).blur()
        await new Promise(r => requestAnimationFrame(() => setTimeout(r)))
        return performance.now() - from
      }),
    )
  }
  edits.sort((a, b) => a - b)
  console.log(`a heavy boat: opened in ${open} ms, edits in ${edits.map(t => t.toFixed(0)).join(', ')} ms`)
  for (const path of ['/yard/money', '/yard/work', '/log/trips', '/log/health', '/drive/curve']) {
    await goBench(page, path)
    await expect(page.locator('[data-failed]')).toHaveCount(0)
  }
  const download = page.waitForEvent('download')
  await page.locator('[data-menu]').first().click()
  await page.getByRole('button', { name: 'Export file' }).click()
  const stream = await (await download).createReadStream()
  const parts: Buffer[] = []
  for await (const part of stream) parts.push(part as Buffer)
  const out = JSON.parse(Buffer.concat(parts).toString()) as Project
  expect({ ...out, boat: { ...out.boat, mass: 0 }, typed: {} }).toEqual({
    ...(JSON.parse(writeProject(heavy)) as Project),
    boat: { ...heavy.boat, mass: 0 },
    typed: {},
  })
})

test('a hundred pictures of the work are kept, and she opens as before', async ({ page }) => {
  test.setTimeout(240_000)
  const MANY = howMany(10, 100)
  await openBench(page, '/yard/work?boat=demo-tirrick')
  // a picture as a telephone takes it, far larger than what is kept
  const picture = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 4000, height: 3000 })
    const ink = canvas.getContext('2d')!
    for (let i = 0; i < 400; i++) {
      ink.fillStyle = `hsl(${i * 37} 60% 50%)`
      ink.fillRect((i * 997) % 4000, (i * 613) % 3000, 900, 700)
    }
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1]!
  })
  await page.locator('[data-task] .what').first().click()
  const photos = page.locator('.photos').first()
  const file = { name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(picture, 'base64') }
  for (let i = 0; i < MANY; i += 10)
    await giveFile(
      page,
      photos.locator('[data-add-photo]'),
      Array.from({ length: 10 }, () => file),
    )
  await expect(photos.locator('[data-photo]')).toHaveCount(MANY, { timeout: 180_000 })
  await expect(photos).toContainText('MB')
  const opened = Date.now()
  await openBench(page, '/yard/work')
  console.log(`${MANY} pictures: opened in ${Date.now() - opened} ms`)
  await page.locator('[data-task] .what').first().click()
  await expect(page.locator('.photos').first().locator('[data-photo]')).toHaveCount(MANY)
  // deleted for good, her pictures go with her
  await page.locator('[data-menu]').first().click()
  await page.getByRole('button', { name: 'Delete' }).click()
  await expect(page.locator('h1')).not.toHaveText('Tirrick')
  await openBench(page, '/drive/boat')
  await expect
    .poll(() =>
      page.evaluate(
        () =>
          new Promise<number>(resolve => {
            const open = indexedDB.open('remigo')
            open.onsuccess = () => {
              const count = open.result.transaction('photos').objectStore('photos').count()
              count.onsuccess = () => resolve(count.result)
            }
          }),
      ),
    )
    .toBe(0)
})

test('names that nobody foresaw: no view overflows, nothing in them is run', async ({ page }) => {
  test.setTimeout(STORM ? 600_000 : 120_000)
  const names = [
    'W'.repeat(60),
    'سفينة جدتي الكبيرة جدا في البحر الأزرق',
    'Z͑ͫ̓ͪ̂ͫ̽͏̴̙̤̞͉͚a̴̵lgo e\u0301\u0302\u0303',
    '👩‍👩‍👧‍👦⛵🛥️🚤',
    '<img src=x onerror="window.run=1">{{7*7}}',
    'a\u202Eb\u200Fc',
  ]
  for (const name of everyNth(names, 3)) {
    const parts = (part: { name: string }) => ({
      ...part,
      name: name
        .repeat(3)
        .slice(0, 80)
        .replace(/[\uD800-\uDBFF]$/, ''),
    })
    const { design } = DEMO.tirrick
    const boat = withEdits({ ...DEMO.tirrick, id: 'named', name, story: name.repeat(9).slice(0, 600) }, [
      edit('design.motor', { ...design.motor, ...parts(design.motor) }),
      edit('design.controller', { ...design.controller, ...parts(design.controller) }),
      edit('design.pack.cell', { ...design.pack.cell, ...parts(design.pack.cell) }),
    ])
    await openBench(page, '/drive/boat?boat=demo-tirrick')
    await importBoat(page, { ...boat, id: `named-${names.indexOf(name)}` })
    for (const path of STORM
      ? ['/drive/motor', '/drive/pack', '/drive/wiring', '/days/day', '/yard/money', '/yard/work', '/sheet', '/library']
      : ['/drive/wiring', '/sheet']) {
      // one goes on where the tabs stand; on the phone the view is only looked at
      await page.setViewportSize({ width: 1280, height: 800 })
      await page.locator('.tab').first().waitFor()
      await goBench(page, path)
      for (const width of [1280, 390]) {
        await page.setViewportSize({ width, height: 800 })
        if (width < 900) await page.locator('.tab').first().waitFor({ state: 'detached' })
        await expect
          .poll(
            () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
            { message: `${name.slice(0, 12)} on ${path} at ${width}` },
          )
          .toBeLessThanOrEqual(1)
      }
    }
    await page.setViewportSize({ width: 1280, height: 800 })
    expect(await page.evaluate(() => (window as { run?: number }).run)).toBeUndefined()
  }
})

test('a browser that is killed while one works loses nothing that it said was saved', async ({ context }) => {
  test.setTimeout(STORM ? 900_000 : 120_000)
  let page = await context.newPage()
  await openBench(page, '/drive/boat?boat=demo-osprel')
  let acknowledged = ''
  for (let round = 0; round < howMany(3, 200); round++) {
    const wanted = `${2000 + 10 * round} kg`
    await type(page, 'boat.mass', wanted)
    // said to be saved in some of the rounds, killed at once in the others
    if (round % 3 > 0) {
      await expect(page.locator('[data-saved]').first()).toHaveText(/^Saved/)
      acknowledged = wanted
    }
    const cdp = await context.newCDPSession(page)
    await Promise.race([
      cdp.send('Page.crash').catch(() => {}),
      page.waitForEvent('crash', { timeout: 5000 }).catch(() => {}),
    ])
    await page.close().catch(() => {})
    page = await context.newPage()
    await openBench(page, '/drive/boat')
    await expect(page.locator('h1')).toContainText('Osprel')
    if (round % 3 > 0) {
      const kept = await page
        .locator('[data-field="boat.mass"] input, input[data-field="boat.mass"]')
        .first()
        .inputValue()
      expect(Number.parseFloat(kept) * (kept.includes('t') ? 1000 : 1), acknowledged).toBeCloseTo(2000 + 10 * round, -1)
    }
  }
})

test('wrong files are refused with a word, nothing is lost, and the page goes on meanwhile', async ({ page }) => {
  await openBench(page, '/drive/boat?boat=demo-tirrick')
  const deep = `${'['.repeat(10_000)}${']'.repeat(10_000)}`
  const keys = Object.fromEntries(Array.from({ length: 200_000 }, (_, i) => [`k${i}`, i]))
  for (const [text, says] of [
    [`{"format":{"toString":1},"version":1}`, 'remigo-boat'],
    [`{"format":"remigo-boat","version":1,"boat":${deep}}`, 'deep'],
    [JSON.stringify({ ...DEMO.tirrick, ...keys }), 'not part of a Remigo boat'],
    [JSON.stringify({ format: 'remigo-boat', version: 5, boat: { hullType: {} } }), 'Kind of hull should be'],
    ['x'.repeat(3_000_000), 'damaged'],
  ] as const) {
    await page.locator('[data-menu]').first().click()
    const longest = longestStall(page, '[role=alertdialog]')
    await giveFile(page, '[data-import-boat]', onDisk('boat.json', text))
    const dialog = page.getByRole('alertdialog')
    await expect(dialog).toContainText(says)
    expect((await dialog.innerText()).length).toBeLessThan(4000)
    const stall = await longest
    if (STORM) console.log(`${says}: the page was held up for ${stall.toFixed(0)} ms at most`)
    await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
  }
  await expect(page.locator('h1')).toHaveText('Tirrick')
})

test('a log of many rows is read beside the page', async ({ page }) => {
  const MANY = howMany(20_000, 200_000)
  await openBench(page, '/log/trips?boat=demo-tirrick')
  const rows = Array.from(
    { length: MANY },
    (_, i) => `${i},${(4 + Math.sin(i / 900)).toFixed(2)},52.1,${(40 + (i % 3)).toFixed(1)},${1100 + (i % 5)}`,
  )
  const longest = longestStall(page, '[data-columns]'),
    from = Date.now()
  const csv = onDisk('any.csv', ['elapsed s,speed kn,Volts,Amps,Motor RPM', ...rows].join('\n'))
  await giveFile(page, '[data-read-log]', csv)
  await expect(page.locator('[data-columns]')).toContainText('speed kn')
  const shown = Date.now() - from,
    stall = await longest
  const longestTaken = longestStall(page, '[data-trip-edit]')
  await page.locator('[data-columns-take]').click()
  await expect(page.locator('[data-trip-edit]')).toContainText('Steady stretches')
  console.log(
    `${MANY} rows: shown after ${shown} ms, held up for ${stall.toFixed(0)} ms; ` +
      `taken after ${Date.now() - from - shown} ms, held up for ${(await longestTaken).toFixed(0)} ms`,
  )
})

test('each page has a title; a closed dialog gives the caret back', async ({ page }) => {
  await openBench(page, '/drive/motor?boat=demo-tirrick')
  await expect(page).toHaveTitle('Motor, Tirrick, Remigo')
  await page.locator('.tab[href$="/drive/pack"]').click()
  await expect(page).toHaveTitle('Pack, Tirrick, Remigo')
  const tab = page.locator('.tab[href$="/drive/pack"]')
  await tab.focus()
  for (const key of ['?', 'f']) {
    await page.keyboard.press(key)
    await page.locator('[data-keys], [data-find-dialog]').first().waitFor()
    await page.keyboard.press('Escape')
    await expect(page.locator('[data-keys], [data-find-dialog]')).toHaveCount(0)
    await expect(tab).toBeFocused()
  }
  expect(DEMO_BOATS.length).toBeGreaterThan(9)
})

test('a part that is not there any more is told, and the boat stays', async ({ page }) => {
  await openBench(page, '/drive/boat?boat=demo-tirrick')
  await page.route(/_nuxt\/.*\.(js|css)$/, route => route.abort())
  await page.locator('.tab[href$="/drive/motor"]').click()
  await expect(page.locator('[data-part-lost]')).toBeVisible()
  await page.unroute(/_nuxt\/.*\.(js|css)$/)
  await page.locator('[data-part-lost] .v-btn--variant-flat').click()
  await expect(page.locator('h1')).toHaveText('Tirrick')
})

test('once a boat of one’s own is saved, Remigo asks once to keep it for good', async ({ page }) => {
  await page.addInitScript(() => {
    Object.assign(navigator.storage, { persisted: () => Promise.resolve(false), persist: () => Promise.resolve(true) })
  })
  await openBench(page, '/drive/boat?boat=demo-tirrick')
  await expect(page.locator('[data-ask-to-last]')).toHaveCount(0)
  await importBoat(page, { ...DEMO.tirrick, id: 'own', name: 'My own' })
  await type(page, 'boat.mass', '5 t')
  await expect(page.locator('[data-ask-to-last]')).toBeVisible()
  await page.locator('[data-ask-to-last] .v-btn--variant-flat').click()
  await expect(page.locator('.band', { hasText: 'for good' })).toBeVisible()
  await page.reload()
  await page.locator('.strip .cells').first().waitFor()
  await expect(page.locator('[data-ask-to-last]')).toHaveCount(0)
})
