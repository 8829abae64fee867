import { expect, test, type Page } from './walk'
import { readFileSync } from 'node:fs'
import { openBench, giveFile } from './board'

const left = async (page: Page) => Number.parseInt((await page.locator('[data-day-left]').textContent()) ?? '', 10)

test('what is left of a day, when to turn home, whether to go; a better word is a touch away', async ({ page }) => {
  await openBench(page, '/days/day')
  await expect(page.locator('[data-leg]')).toHaveCount(7)
  await expect(page.locator('[data-day-left]')).toContainText(/\d+%/)
  await expect(page.locator('[data-day-chart]')).toContainText('Last turn home')
  await expect(page.locator('[data-weighed=charge]')).toContainText('the reserve is 32')
  const before = await left(page),
    verdict = page.locator('[data-go-or-stay]')
  // a clash of the drive keeps her ashore whatever the plan, and is mended by its own fix
  await expect(verdict).toHaveAttribute('data-verdict', 'stay')
  await page.locator('[data-cure=clash]').first().click()
  await expect(verdict).toHaveAttribute('data-verdict', 'notThis')
  // what is tried stands over the bench until it is kept
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect(page.locator('[data-weighed=charge]')).toContainText('of 20 such days')
  // each cure was tried: the day with it is as it was told
  await page.locator('[data-cure=shorter]').click()
  await expect(verdict).toHaveAttribute('data-verdict', 'go')
  await expect.poll(() => left(page)).toBeGreaterThan(before)
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Put back' }).click()
  await expect(verdict).toHaveAttribute('data-verdict', 'notThis')
})

test('a wind that was not given is open, and with it nobody says go', async ({ page }) => {
  await openBench(page, '/days/day?boat=demo-lodden')
  const verdict = page.locator('[data-go-or-stay]')
  await expect(verdict).toHaveAttribute('data-verdict', /go|notYet/)
  if ((await verdict.getAttribute('data-verdict')) === 'go') return
  const give = page.locator('[data-give-wind]')
  await give.getByRole('textbox').nth(1).fill('30 kn')
  await give.getByRole('button').click()
  await expect(verdict).toHaveAttribute('data-verdict', 'stay')
  await expect(page.locator('[data-weighed=wind]')).toContainText('stays from')
})

test('choosing a leg hands it to the lever, and the lever sets its speed', async ({ page }) => {
  await openBench(page, '/days/day')
  await page.locator('[data-leg="1"] button').click()
  await expect(page.locator('[data-leg="1"]')).toContainText('4.3')
  const lever = page.getByRole('slider').first()
  await expect(lever).toHaveAttribute('aria-valuetext', /4\.3/)
  await lever.focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-leg="1"] .tag')).toHaveText('3.8')
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-leg="1"] .tag')).toHaveText('4.3')
})

test('a day of one’s own: legs typed, waits, home again, moved by keys; bad input is told and nothing is lost', async ({
  page,
}) => {
  await openBench(page, '/days/day?boat=demo-halcyne')
  await expect(page.locator('[data-day]')).toContainText('No legs yet')
  await page.locator('[data-add-leg]').click()
  const fields = page.locator('[data-leg-fields]')
  await fields.getByRole('textbox', { name: 'To', exact: true }).fill('Pass')
  await fields.getByRole('textbox', { name: 'Distance' }).fill('6 km')
  await fields.getByRole('textbox', { name: 'Distance' }).press('Enter')
  await expect(page.locator('[data-leg="0"]')).toContainText('3.2')
  await fields.getByRole('textbox', { name: 'Distance' }).fill('far')
  await fields.getByRole('textbox', { name: 'Distance' }).press('Enter')
  await expect(fields.getByRole('alert')).toContainText('Distance')
  await page.locator('[data-add-wait]').click()
  await page.locator('[data-and-home]').click()
  await expect(page.locator('[data-leg]')).toHaveCount(3)
  await expect(page.locator('[data-day-left]')).toContainText(/\d+%/)
  await page.locator('[data-leg="1"] button').press('Alt+ArrowUp')
  await expect(page.locator('[data-leg="0"]')).toContainText('waits')
  await page.locator('[data-add-stream]').click()
  const streams = page.locator('[data-day-water]').getByRole('textbox', { name: 'Sets to' })
  await expect(streams).toBeVisible()
  // a list that is full says so and stays as it is
  for (let i = 2; i <= 4; i++) {
    await page.locator('[data-add-stream]').click()
    await expect(streams).toHaveCount(i)
  }
  await page.locator('[data-add-stream]').click()
  const full = page.locator('[data-list-full]')
  await expect(full).toContainText('“Streams” holds at most 4; this would make 5')
  await expect(streams).toHaveCount(4)
  await full.getByRole('button').click()
  await expect(full).toHaveCount(0)
})

test('a socket on the way has its own price, and the day says what its shore power costs', async ({ page }) => {
  await openBench(page, '/days/day?boat=demo-osprel')
  const cost = page.locator('[data-day-cost]')
  await expect(cost).toContainText('to fill her again at the berth', { timeout: 20_000 })
  const paid = async () => Number((await cost.locator('.worked').innerText()).replace(/[^\d.]/g, ''))
  const before = await paid()
  const socket = page.locator('[data-leg] button', { hasText: 'socket' }).first()
  await socket.click()
  const price = page.locator('[data-leg-fields]').getByRole('textbox', { name: 'Its energy costs' })
  await price.fill('2')
  await price.press('Enter')
  await expect.poll(paid, { timeout: 20_000 }).toBeGreaterThan(1.5 * before)
  await cost.locator('.worked').click()
  await expect(page.getByRole('dialog')).toContainText('at sockets on the way, each at its price')
})

test('a route comes in as GPX and goes out again; the run goes out as CSV; a broken file is told', async ({ page }) => {
  await openBench(page, '/days/day?boat=demo-wisp')
  await giveFile(page, '[data-read-gpx]', {
    name: 'x.gpx',
    mimeType: 'application/gpx+xml',
    buffer: Buffer.from('<gpx><rte>'),
  })
  await expect(page.getByRole('status')).toContainText('was not read')
  const gpx =
    '<?xml version="1.0"?><gpx version="1.1"><rte><rtept lat="54.0" lon="10.0"><name>Jetty</name></rtept>' +
    '<rtept lat="54.02" lon="10.0"><name>Island</name></rtept><rtept lat="54.0" lon="10.0"/></rte></gpx>'
  await giveFile(page, '[data-read-gpx]', { name: 'r.gpx', mimeType: 'application/gpx+xml', buffer: Buffer.from(gpx) })
  await expect(page.locator('[data-leg]')).toHaveCount(2)
  await expect(page.locator('[data-leg="0"]')).toContainText('Island')
  // 0.02 degrees of latitude are 1.2 miles
  await expect(page.locator('[data-leg="0"]')).toContainText('1.2')
  await expect(page.locator('[data-day-csv]')).toBeEnabled()
  const [route] = await Promise.all([page.waitForEvent('download'), page.locator('[data-day-gpx]').click()])
  expect(readFileSync((await route.path())!, 'utf8')).toContain('<name>Island</name>')
  const [csv] = await Promise.all([page.waitForEvent('download'), page.locator('[data-day-csv]').click()])
  expect(readFileSync((await csv.path())!, 'utf8').split('\n').length).toBeGreaterThan(20)
})
