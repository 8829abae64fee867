import { expect, test, type Page } from './walk'
import { readFileSync } from 'node:fs'
import { openBench, giveFile } from './board'

const fresh = 'boat=demo-halcyne'
const figure = async (page: Page, of: string) => Number.parseFloat((await page.locator(of).textContent()) ?? '')

test('weights: what goes out and comes in moves by keys and by hand, and the trim follows', async ({ page }) => {
  await openBench(page, '/yard/weights?boat=demo-osprel')
  await expect(page.locator('[data-trim]')).toContainText('mm')
  const before = await figure(page, '[data-trim]')
  const pack = page.locator('[data-weight="1"]')
  await pack.focus()
  for (let i = 0; i < 4; i++) await page.keyboard.press('Shift+ArrowRight')
  await expect.poll(() => figure(page, '[data-trim]')).not.toBe(before)
  await page.locator('[data-put-in]').click()
  await page.locator('[data-typical-id=anchor]').click()
  const open = page.locator('[data-weight-open]')
  await open.getByRole('textbox', { name: 'Weighs' }).fill('120 lb')
  await open.getByRole('textbox', { name: 'Weighs' }).press('Enter')
  await expect(page.locator('[data-weight-rows]')).toContainText('54.4 kg')
  await open.getByRole('textbox', { name: 'Weighs' }).fill('heavy')
  await open.getByRole('textbox', { name: 'Weighs' }).press('Enter')
  await expect(open.getByRole('alert')).toContainText('Weighs')
  await page.keyboard.press('Escape')
  await page.locator('[data-weight-remove]').click()
  await expect(page.locator('[data-weight-rows]')).not.toContainText('Anchor')
})

test('weights: the best place of the pack is one touch, and undo takes it back', async ({ page }) => {
  await openBench(page, '/yard/weights?boat=demo-merrin')
  const before = await figure(page, '[data-trim]')
  await page.locator('[data-best-place]').click()
  await expect.poll(() => figure(page, '[data-trim]')).toBeLessThan(before / 4)
  await page.keyboard.press('Control+z')
  await expect.poll(() => figure(page, '[data-trim]')).toBe(before)
})

test('weights: a thing is dragged along the boat', async ({ page }) => {
  await openBench(page, '/yard/weights?boat=demo-osprel')
  const box = page.locator('[data-weight="1"] .hit'),
    before = await figure(page, '[data-trim]')
  await box.scrollIntoViewIfNeeded()
  const at = (await box.boundingBox())!
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2)
  await page.mouse.down()
  await page.mouse.move(at.x + at.width / 2 + 120, at.y + at.height / 2, { steps: 6 })
  await page.mouse.up()
  await expect.poll(() => figure(page, '[data-trim]')).toBeLessThan(before)
})

test('money: lines of the design with prices, own lines, a file out and in, a budget that is too small', async ({
  page,
}) => {
  await openBench(page, `/yard/money?${fresh}`)
  const likely = page.locator('[data-likely]')
  await expect(likely).toContainText('€')
  const before = await likely.textContent()
  await page.locator('[data-add-line]').click()
  await page.locator('[data-sundry="Crane, out and in"]').click()
  await expect(likely).not.toHaveText(before!)
  const download = page.waitForEvent('download')
  await page.locator('[data-budget-csv]').click()
  const csv = readFileSync((await (await download).path())!, 'utf8')
  expect(csv).toContain('"Crane, out and in"')
  await giveFile(page, '[data-budget-file]', {
    name: 'a.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('item,price_euro\nSeacock,cheap'),
  })
  await expect(page.getByRole('status').filter({ hasText: 'Line 2' })).toBeVisible()
  await page.locator('[data-field="yard.budget"] input').fill('500')
  await page.locator('[data-field="yard.budget"] input').press('Enter')
  await expect(page.locator('[data-money]')).toContainText('more than the budget')
})

test('work: usual tasks, ticked and inspected, with a last day; a calendar goes out', async ({ page }) => {
  await openBench(page, `/yard/work?${fresh}`)
  await expect(page.locator('[data-work]')).toContainText('No work is planned yet')
  await page.locator('[data-work-begin]').click()
  await expect(page.locator('[data-task]').first()).toContainText('Weigh her')
  await expect(page.locator('[data-work-finish]')).toContainText(/Done on \d+ \w{3} \d{4}, between/)
  const first = page.locator('[data-task=weigh]')
  await first.locator('input[type=checkbox]').first().check()
  await expect(first).toContainText('done ')
  await first.locator('.what').click()
  await first.locator('[data-inspected=weigh] input').fill('3.9 t on the crane')
  await first.locator('[data-inspected=weigh] input').press('Enter')
  await expect(first.locator('.what')).toContainText('3.9 t on the crane')
  await page.locator('[data-task=drain] .what').press('Alt+ArrowDown')
  await expect(page.locator('[data-task]').nth(2)).toHaveAttribute('data-task', 'drain')
  const download = page.waitForEvent('download')
  await page.locator('[data-work-calendar]').click()
  const ics = readFileSync((await (await download).path())!, 'utf8')
  expect(ics).toContain('BEGIN:VEVENT')
  expect(ics).toContain('DTSTART;VALUE=DATE:')
})

/** A picture of one point. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
)

test('pictures are kept with their task, and go with the boat in one file; a hostile one is refused', async ({
  page,
}) => {
  await openBench(page, '/yard/work')
  // the demo boat's own, drawn for her, come when they are first looked at
  await expect(page.locator('[data-task=engineOut]')).toContainText('165 kg on the crane; a picture')
  await page.locator('[data-task=control] .what').click()
  const photos = page.locator('[data-task=control] .photos')
  await giveFile(page, photos.locator('[data-add-photo]'), { name: 'a.png', mimeType: 'image/png', buffer: PIXEL })
  await expect(photos.locator('[data-photo]')).toHaveCount(1)
  await giveFile(page, photos.locator('[data-add-photo]'), {
    name: 'a.png',
    mimeType: 'image/png',
    buffer: Buffer.from('none'),
  })
  await expect(photos.getByRole('alert')).toContainText('no picture')
  const download = page.waitForEvent('download')
  await page.locator('[data-archive-out]').click()
  const path = (await (await download).path())!
  await giveFile(page, '[data-archive-in]', path)
  await expect(page.locator('.archive [role=status]')).toContainText('with 6 pictures')
  await giveFile(page, '[data-archive-in]', {
    name: 'b.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('not a zip'),
  })
  await expect(page.locator('.archive [role=status]')).toContainText('not a whole zip file')
})

test('first power: what is next, a value outside stops, writing why lets it pass, and what follows is locked', async ({
  page,
}) => {
  await openBench(page, `/yard/power?${fresh}`)
  await expect(page.locator('[data-power-next]')).toContainText('plus is plus')
  await expect(page.locator('[data-power-group=precharge]')).toContainText('opens when “Before the main fuse” is done')
  const volts = page.locator('[data-power-step=packVolts]')
  await volts.getByRole('textbox').first().fill('12')
  await volts.getByRole('textbox').first().press('Enter')
  await expect(volts).toContainText('Stop')
  await expect(volts).toContainText('A cell left out')
  await volts.locator('[data-power-why=packVolts] input').fill('only one block is in yet')
  await volts.locator('[data-power-why=packVolts] input').press('Enter')
  await expect(volts).toContainText('Passed over')
})

test('first power: cell volts pasted show their spread and go on', async ({ page }) => {
  await openBench(page, '/yard/power')
  await expect(page.locator('[data-power-done]')).toContainText('11')
  await page.locator('[data-power-group=fuse] .head').click()
  await page.locator('[data-power-step=cellsRest] .what').click()
  await page.locator('[data-cell-volts=rest] textarea').fill('3.3 3.3')
  await page.locator('[data-cells-keep]').click()
  await expect(page.locator('[data-power-step=cellsRest] [role=alert]')).toContainText('16 cells')
  await page
    .locator('[data-cell-volts=rest]')
    .fill(Array.from({ length: 16 }, (_, i) => (i === 4 ? 3.24 : 3.3)).join(' '))
  await page.locator('[data-cells-keep]').click()
  await expect(page.locator('[data-cells=rest]')).toContainText('60 mV')
  await expect(page.locator('[data-power-step=cellsRest]')).toContainText('Stop')
})

test('under way: the leg goes on, the charge is read, home now becomes the day', async ({ page }) => {
  await openBench(page, '/days/under')
  await expect(page.locator('[data-under-ground]')).toContainText('kn')
  await expect(page.locator('[data-under-turn]')).toContainText('Last turn home')
  await page.locator('[data-leg-done]').click()
  await expect(page.locator('[data-under-leg] .v-select__selection')).toContainText(/^2(,|$)/)
  const charge = page.getByRole('textbox', { name: 'Charge', exact: true })
  await charge.fill('40')
  await charge.press('Enter')
  await expect(page.locator('[data-under]')).toContainText('40%')
  const done = page.getByRole('textbox', { name: 'Done of this leg' })
  await done.fill('1')
  await done.press('Enter')
  await page.locator('[data-turn-home]').click()
  await expect(page.locator('[data-under]')).toContainText('home')
})
