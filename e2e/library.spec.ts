import { expect, test, type Page } from './walk'
import { readFileSync } from 'node:fs'
import { openBench, giveFile } from './board'

const row = (page: Page, name: string) => page.locator('[data-library] .list .v-data-table__tr', { hasText: name })
const csv = (page: Page, text: string) =>
  giveFile(page, '[data-parts-file]', { name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })

test('a part is copied, changed with typed units, kept, tried on the boat, deleted and brought back', async ({
  page,
}) => {
  await openBench(page, '/library')
  await row(page, 'Brindle 6 kW, 48 V, 1000 rpm').click()
  await page.locator('[data-copy-part]').click()
  await page.locator('[data-part=name] input').fill('The one in the shed')
  await page.locator('[data-part=ratedPower] input').fill('heavy')
  await page.locator('[data-keep-part]').click()
  await expect(page.locator('[data-part-editor] [role=alert]')).toContainText('“heavy” is not a power')
  await page.locator('[data-part=ratedPower] input').fill('8 hp')
  await page.locator('[data-part=peakPower] input').fill('2 kW')
  await page.locator('[data-keep-part]').click()
  await expect(page.locator('[data-part-editor] [role=alert]')).toContainText('The peak is below the rated power')
  await page.locator('[data-part=peakPower] input').fill('10 kW')
  await page.locator('[data-keep-part]').click()
  await expect(row(page, 'The one in the shed')).toContainText('5.97 kW')
  await page.locator('[data-try-part]').click()
  await expect(page.locator('[data-trial]').first()).toContainText('The one in the shed')
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Put back' }).click()
  await page.locator('[data-bench=motor]').click()
  await expect(page.locator('[data-motors]')).toContainText('The one in the shed')
  await page.locator('[data-bench=library]').click()
  await row(page, 'The one in the shed').click()
  await page.locator('[data-delete-part]').click()
  await expect(row(page, 'The one in the shed')).toHaveCount(0)
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(row(page, 'The one in the shed')).toHaveCount(1)
  await page.reload()
  await expect(row(page, 'The one in the shed')).toHaveCount(1)
})

test('CSV goes out and in; cells that make no sense are named and nothing is taken', async ({ page }) => {
  await openBench(page, '/library?kind=fuse')
  const [file] = await Promise.all([page.waitForEvent('download'), page.locator('[data-export-parts]').click()])
  const text = readFileSync((await file.path())!, 'utf8')
  const [head, first] = text.split('\n')
  const named = (name: string) => first!.replace(/^"[^"]*"|^[^,]*/, name)
  await csv(page, [head, named('Mine'), named('Odd').replace(',125,', ',many,')].join('\n'))
  await expect(page.locator('[data-part-errors]')).toContainText('Line 3, clears_at_up_to_V “many” is not a number.')
  await expect(row(page, 'Mine')).toHaveCount(0)
  await csv(page, `${head}\n${named('Mine')}`)
  await expect(row(page, 'Mine')).toHaveCount(1)
})

test('ten thousand motors come in while the page goes on', async ({ page }) => {
  await openBench(page, '/library')
  const [file] = await Promise.all([page.waitForEvent('download'), page.locator('[data-export-parts]').click()])
  const [head, ...lines] = readFileSync((await file.path())!, 'utf8')
    .trim()
    .split('\n')
  const text = [
    head,
    ...Array.from({ length: 10_000 }, (_, i) => lines[i % lines.length]!.replace(/^"[^"]*"|^[^,]*/, `Shop motor ${i}`)),
  ].join('\n')
  // the page goes on drawing frames meanwhile
  await page.evaluate(() => {
    const w = window as unknown as { frames: number }
    w.frames = 0
    const tick = () => {
      w.frames++
      requestAnimationFrame(tick)
    }
    tick()
  })
  await csv(page, text)
  await expect(page.getByRole('status').filter({ hasText: '10000 parts' })).toBeVisible({ timeout: 60_000 })
  expect(await page.evaluate(() => (window as unknown as { frames: number }).frames)).toBeGreaterThan(20)
  await page.locator('[data-find] input').fill('shop 9999')
  await expect(page.locator('[data-library] .list .v-data-table__tr')).toHaveCount(1)
  await page.locator('[data-bench=motor]').click()
  await expect(page.locator('[data-motors] tbody tr')).toHaveCount(24)
})

test('of a new part one figure is enough: the rest is estimated, said so, and told later', async ({ page }) => {
  await openBench(page, '/library?kind=motor')
  await page.locator('[data-new-part]').click()
  for (const key of ['ratedPower', 'noLoadCurrent', 'mass'])
    await expect(page.locator(`[data-part=${key}] input`)).toHaveValue('')
  await page.locator('[data-part=name] input').fill('Lift truck motor')
  await page.locator('[data-keep-part]').click()
  await expect(page.locator('[data-first-error]')).toContainText('at least one figure')
  await page.locator('[data-part=ratedPower] input').fill('11 hp')
  await page.locator('[data-form=second] input').fill('20 kW at 96 V')
  await page.locator('[data-form=second] input').press('Enter')
  await expect(page.locator('[data-nameplate-forms] [role=alert]')).toContainText('Check power and volts of both')
  await page.locator('[data-keep-part]').click()
  await expect(page.locator('[data-part-editor]')).toContainText(/not known; .*usual of its power/)
  await expect(row(page, 'Lift truck motor')).toContainText('8.20 kW')
  await page.locator('[data-edit-part]').click()
  await expect(page.locator('[data-part=ratedRpm] input')).toHaveValue('')
  await page.locator('[data-part=ratedRpm] input').fill('2400')
  await page.locator('[data-keep-part]').click()
  await expect(row(page, 'Lift truck motor')).toContainText('2400 rpm')
  await page.locator('[data-try-part]').click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await page.locator('[data-bench=motor]').click()
  await expect(page.locator('#bench')).toContainText('Lift truck motor')
})

test('a trolling motor of which its box tells pounds and volts drives a dinghy', async ({ page }) => {
  await openBench(page, '/library?kind=wholeDrive')
  await page.locator('[data-new-part]').click()
  await page.locator('[data-part=name] input').fill('From the fishing shop')
  await page.locator('[data-part=thrust] input').fill('55 lbf')
  await page.locator('[data-part=ratedVoltage] input').fill('12')
  await page.locator('[data-keep-part]').click()
  await expect(row(page, 'From the fishing shop')).toBeVisible()
  await page.locator('[data-try-part]').click()
  await expect(page.locator('[data-trial]').first()).toContainText('From the fishing shop')
})
