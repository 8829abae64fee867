import { expect, test } from './walk'
import { readFileSync } from 'node:fs'
import { openBench, pick, giveFile } from './board'

const fresh = 'boat=demo-halcyne'

test('the calendar of a season opens a trip by its day', async ({ page }) => {
  await openBench(page, '/log/trips?boat=demo-lodden')
  const day = page.locator('[data-calendar] button').first()
  await expect(day).toHaveAttribute('aria-label', /^\d+ \w{3} 2\d{3}: .*NM$/)
  await day.click()
  await expect(page.locator('[data-trip].current')).toHaveCount(1)
})

test('the runs of a trial can be set by speed', async ({ page }) => {
  await openBench(page, `/log/trial?${fresh}`)
  await page.locator('[data-step-by]').getByText('Speed').click()
  await expect(page.locator('.steps th').first()).toHaveText('Speed')
  await expect(page.locator('[data-trial-now]')).toContainText(/kn, out/)
  await page.locator('[data-connect-open]').click()
  await page.locator('[data-simulate]').click()
  await pick(page, '[data-fast]', /60/)
  // the helm finds the power that the speed wants
  await expect(async () => {
    const next = page.locator('[data-next-step]')
    if (await next.count()) await next.click()
    await expect(page.locator('[data-step="0"] td').nth(2)).toHaveText(/^\d\.\d\d$/, { timeout: 1500 })
  }).toPass({ timeout: 60_000 })
  // a trial that has runs keeps its kind
  await expect(page.locator('[data-step-by]')).toHaveCount(0)
})

test('a sea trial by hand: runs told one by one and pasted are a trial like any other', async ({ page }) => {
  await openBench(page, `/log/trial?${fresh}`)
  const hand = page.locator('[data-by-hand]')
  const tell = async (sentence: string) => {
    await hand.locator('[data-reading-sentence] input').fill(sentence)
    await hand.locator('[data-tell]').click()
  }
  await tell('4 kn fast')
  await expect(hand.locator('[role=alert]')).toContainText('what was read there')
  await tell('3.0 kn 50 V 20 A')
  await tell('2.6 kn 50 V 20 A')
  await expect(page.locator('[data-honest=ways]')).toContainText('1 pair of 5')
  await expect(page.locator('[data-honest=steady]')).toContainText('by hand')
  await hand.locator('[data-hand-rows] textarea').first().fill('notch,speed kn,power W\n3,4.1,2200\n3,3.8,2210')
  await hand.locator('[data-hand-take]').click()
  await expect(page.locator('[data-honest=ways]')).toContainText('2 pairs')
  await expect(page.locator('[data-trial-fit]')).toContainText('Of what was predicted')
  await page.locator('[data-use-curve]').click()
  // what was run by hand is a trial that can be kept
  await page.locator('[data-keep-trial]').click()
  await expect(page.locator('[data-trials-kept] li')).toHaveCount(1)
})

test('a sea trial of the simulated boat, from the first step to a corrected curve', async ({ page }) => {
  // five powers out and back take her three quarters of an hour, at sixty times the clock
  test.setTimeout(180_000)
  await openBench(page, `/log/trial?${fresh}`)
  await page.locator('[data-connect-open]').click()
  await page.locator('[data-simulate]').click()
  await pick(page, '[data-fast]', /60/)
  await expect(page.locator('[data-instrument=ground]')).toContainText('kn')
  const left = page.getByText('all runs are in.')
  await expect(async () => {
    const next = page.locator('[data-next-step]')
    if (await next.count()) await next.click()
    await expect(left).toBeVisible({ timeout: 1500 })
  }).toPass({ timeout: 150_000 })
  await expect(page.locator('[data-honest=ways]')).toContainText('5 pairs of 5')
  await expect(page.locator('[data-trial-fit]')).toContainText('Of what was predicted')
  // what was not measured does not become her curve
  await expect(page.locator('[data-use-curve]')).toBeDisabled()
  await page.locator('[data-more-pair]').click()
  await expect(page.locator('[data-trial-now]')).toContainText('to hold')
  const raw = page.waitForEvent('download')
  await page.locator('[data-raw]').click()
  const text = readFileSync((await (await raw).path())!, 'utf8')
  expect(text).toMatch(/\$GPRMC,.*\*[0-9A-F]{2}/)
  // the log of the instruments is a trip for who reads it
  await page.locator('[data-instruments-stop]').click()
  await openBench(page, `/log/trips?${fresh}`)
  const read = () =>
    giveFile(page, '[data-read-log]', { name: 'raw.nmea', mimeType: 'text/plain', buffer: Buffer.from(text) })
  await read()
  await expect(page.locator('[data-trips-way]')).toBeVisible()
  await expect(page.locator('[data-trips-note]')).toContainText('One trip logged')
  await expect(page.locator('[data-trip-edit]')).toContainText('Steady stretches')
  await giveFile(page, '[data-raw-keep]', { name: 'raw.nmea', mimeType: 'text/plain', buffer: Buffer.from(text) })
  await expect(page.locator('[data-raw-log]')).toContainText('raw.nmea')
  await read()
  await expect(page.locator('[data-trips-note]')).toContainText('Nothing new')
})

test('a trip by hand: three fields, and curve and health answer; a file out and in changes nothing', async ({
  page,
}) => {
  await openBench(page, `/log/trips?${fresh}`)
  await expect(page.locator('[data-trips-none]')).toBeVisible()
  await page.locator('[data-add-trip]').click()
  const edit = page.locator('[data-trip-edit]')
  const type = async (name: string, text: string) => {
    await edit.getByRole('textbox', { name, exact: true }).fill(text)
    await edit.getByRole('textbox', { name, exact: true }).press('Enter')
  }
  await type('Miles', '12 nm')
  await type('Under way', '2 h 30 min')
  await type('Charge at the start', '95 %')
  await type('Charge at the end', '40 %')
  await type('Counted out', '120 Ah')
  await expect(page.locator('[data-trips-way]')).toContainText('12.0')
  await expect(page.locator('[data-health]')).toContainText('Known from one trip.')
  await expect(page.locator('[data-capacity]')).toBeVisible()
  await type('Charge at the end', 'low')
  await expect(edit.getByRole('alert')).toContainText('Charge at the end')
  const download = page.waitForEvent('download')
  await page.locator('[data-trips-csv]').click()
  const csv = readFileSync((await (await download).path())!, 'utf8')
  expect(csv).toContain('distance_nm')
  await giveFile(page, '[data-read-log]', { name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.locator('[data-trips-note]')).toContainText('Nothing new')
})

test('legs of a trip by hand are readings each, and a long note is kept whole', async ({ page }) => {
  await openBench(page, `/log/trips?${fresh}`)
  await page.locator('[data-add-trip]').click()
  const edit = page.locator('[data-trip-edit]')
  for (const [name, text] of [
    ['Miles', '8 nm'],
    ['Under way', '2 h'],
    ['Charge at the start', '95 %'],
    ['Charge at the end', '60 %'],
  ] as const) {
    await edit.getByRole('textbox', { name, exact: true }).fill(text)
    await edit.getByRole('textbox', { name, exact: true }).press('Enter')
  }
  await edit.locator('[data-stretch-add]').click()
  const leg = edit.locator('[data-stretch]').first()
  // it begins with the mean of the whole
  await expect(leg.getByRole('textbox', { name: 'Speed' })).toHaveValue('4.0 kn')
  await leg.getByRole('textbox', { name: 'Speed' }).fill('5 kn')
  await leg.getByRole('textbox', { name: 'Speed' }).press('Enter')
  await leg.getByRole('textbox', { name: 'Power' }).fill('2,4 kW')
  await leg.getByRole('textbox', { name: 'Power' }).press('Enter')
  await expect(leg.getByRole('textbox', { name: 'Power' })).toHaveValue('2.40 kW')
  const note = 'Fouled by weed off the second mark, went astern twice, then as before. '.repeat(3).trim()
  await edit.getByRole('textbox', { name: 'Note' }).fill(note)
  await edit.getByRole('textbox', { name: 'Note' }).press('Tab')
  await expect(edit.getByRole('textbox', { name: 'Note' })).toHaveValue(note)
  await leg.getByRole('button', { name: 'Take this leg out' }).click()
  await expect(edit.locator('[data-stretch]')).toHaveCount(0)
})

test('a log of any columns is understood, shown and taken; the wrong file is told', async ({ page }) => {
  await openBench(page, `/log/trips?${fresh}`)
  const rows = Array.from(
    { length: 900 },
    (_, i) => `${i},${(7.4 + 0.05 * Math.sin(i)).toFixed(2)},52.1,${(48 + (i % 3)).toFixed(1)},${1100 + (i % 5)}`,
  )
  await giveFile(page, '[data-read-log]', {
    name: 'any.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['elapsed s,speed km/h,Volts,Amps,Motor RPM', ...rows].join('\n')),
  })
  await expect(page.locator('[data-columns]')).toContainText('speed km/h')
  await page.locator('[data-columns-take]').click()
  await expect(page.locator('[data-trip-edit]')).toContainText('Steady stretches')
  await giveFile(page, '[data-read-log]', { name: 'x.txt', mimeType: 'text/plain', buffer: Buffer.from('hello there') })
  await expect(page.getByRole('alert').filter({ hasText: 'neither a GPX track' })).toBeVisible()
})

test('health: what is due is listed, ticked and goes into a calendar; upgrades look back on the season', async ({
  page,
}) => {
  await openBench(page, '/log/health?boat=demo-lodden')
  await expect(page.locator('[data-health] [data-capacity-now]')).toContainText('Ah')
  const cells = page.locator('[data-due-row=cells]')
  await cells.getByRole('button', { name: /done/ }).click()
  await expect(cells).toContainText(/in \d+ days/)
  await page.locator('[data-due-usual]').click()
  await expect(page.locator('[data-due]')).toContainText('Insulation to the hull measured')
  const download = page.waitForEvent('download')
  await page.locator('[data-due-calendar]').click()
  expect(readFileSync((await (await download).path())!, 'utf8')).toContain('BEGIN:VEVENT')
  await expect(page.locator('[data-upgrade-row=charger]')).toContainText('on the charger')
  await page.locator('[data-add-joint]').click()
  await expect(page.locator('[data-joints]')).toContainText('+0 K')
})

test('the helm: the lever drives a simulated boat, and what matters is said', async ({ page }) => {
  await openBench(page, `/log/helm?${fresh}`)
  await page.locator('[data-connect-open]').click()
  await page.locator('[data-simulate]').click()
  await pick(page, '[data-fast]', /60/)
  const speed = async () => Number.parseFloat((await page.locator('[data-helm-speed]').textContent()) ?? '')
  await expect.poll(speed).toBeGreaterThan(1)
  // half a minute of hers, until she has her speed
  await expect(page.locator('[data-helm-trip]')).not.toContainText('0.0')
  await expect(page.locator('[data-helm-charge]')).toContainText('%')
  await expect(page.locator('[data-helm-left]')).not.toContainText('–')
  const before = await speed()
  await page.getByRole('slider').first().focus()
  for (let i = 0; i < 15; i++) await page.keyboard.press('ArrowDown')
  await expect.poll(speed, { timeout: 15_000 }).toBeLessThan(before - 0.5)
  await page.locator('[data-instruments-stop]').click()
  await expect(page.locator('[data-helm]')).toContainText('No instruments are connected')
})

test('a relay is heard when its owner opens it; broken lines and unknown names are told', async ({ page }) => {
  await page.routeWebSocket('ws://relay.invalid:8080/', relay => {
    let n = 0
    const say = setInterval(() => {
      n++
      relay.send(`$IIVHW,,T,,M,4.${n % 10}0,N,,K\r\n$IIRPM,E,1,${1100 + n},,A\r\n$IIXDR,C,21,C,LOCKER\r\n$broken`)
    }, 400)
    relay.onClose(() => clearInterval(say))
  })
  await openBench(page, `/log/helm?${fresh}`)
  await page.locator('[data-connect-open]').click()
  await page.locator('[data-socket] input').fill('relay')
  await page.locator('[data-socket-open]').click()
  await expect(page.getByRole('alert').filter({ hasText: 'begins with ws://' })).toBeVisible()
  await page.locator('[data-socket] input').fill('ws://relay.invalid:8080')
  await page.locator('[data-socket-open]').click()
  await expect(page.locator('[data-helm-speed]')).toContainText(/4\.\d/)
  await expect(page.locator('[data-helm]')).toContainText('Live.')
  await expect(page.locator('[data-transducers]')).toContainText('LOCKER')
})
