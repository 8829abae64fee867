import { readFileSync } from 'node:fs'
import { expect, test } from './walk'
import { DEMO_BOATS } from '@remigo/core'
import { openBench, giveFile, pick } from './board'

test('from an empty browser to the printed sheet: ten answers, a first design, export, delete, import, print', async ({
  page,
}, info) => {
  await openBench(page)
  await expect(page.getByRole('heading', { name: 'Tirrick' })).toBeVisible()
  await page.locator('[data-start]').click()

  const answer = (question: string, text: string) =>
    page.locator(`[data-question=${question}] :is(input, textarea)`).first().fill(text)
  await expect(page.locator('.n')).toHaveCount(10)
  await answer('name', 'Kittiwake of Sarn')
  await page.locator('[data-start-form]').getByText('Keel sailing yacht').click()
  await answer('lengthOverAll', '30 ft 2 in')
  await answer('beam', '2,95 m')
  await answer('mass', '10100 lb')
  await answer('greatestDiameter', '15 in')
  await answer('oldEnginePower', '18 hp')
  await answer('cruiseSpeed', 'brisk')
  await answer('duration', '4 h')
  await page.locator('[data-make]').click()
  await expect(page.getByRole('alert').filter({ hasText: '“brisk” is not a speed' })).toBeVisible()
  await answer('cruiseSpeed', '4.6 kn')
  await page.locator('[data-make]').click()

  const sheet = page.locator('[data-sheet]')
  await expect(sheet.getByRole('heading', { name: 'Kittiwake of Sarn' })).toBeVisible()
  await expect(sheet).toContainText('What to fit')
  await expect(sheet).toContainText(/Brindle .* kW/)
  await expect(sheet).toContainText(/Continuous top speed \d/)
  await expect(sheet).toContainText(/NM at 4\.6.kn/)
  await expect(sheet.locator('[data-sheet-findings]')).toContainText(/Open, weight ± 20.%/)
  await expect(page.locator('[data-tally=stop] .count')).toHaveText('0')

  // export
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    sheet.getByRole('button', { name: 'Export file' }).click(),
  ])
  expect(file.suggestedFilename()).toBe('kittiwake-of-sarn.remigo.json')
  const path = info.outputPath('boat.remigo.json')
  await file.saveAs(path)
  const exported = JSON.parse(readFileSync(path, 'utf8'))
  expect(exported.boat.mass).toBeCloseTo(10100 * 0.45359237, 2)
  expect(exported.typed['boat.lengthOverAll']).toBe('30 ft 2 in')

  // delete, with undo offered; import again
  await page.locator('[data-menu]').click()
  await page.getByRole('button', { name: 'Delete' }).click()
  await expect(page.getByText('Kittiwake of Sarn is deleted.')).toBeVisible()
  await page.getByRole('button', { name: 'Close' }).first().click()
  await page.locator('[data-menu]').click()
  await expect(page.locator('[data-boats] li')).toHaveCount(DEMO_BOATS.length)
  await giveFile(page, '[data-import-boat]', path)
  await expect(page.locator('h1')).toHaveText('Kittiwake of Sarn')
  await page.locator('[data-bench=sheet]').click()

  // print: the sheet alone, on paper
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('.strip')).toBeHidden()
  await expect(page.locator('[data-print]')).toBeHidden()
  await expect(sheet.getByText('How far')).toBeVisible()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  expect(pdf.length).toBeGreaterThan(15_000)
})

test('the drawing shows where each answer is measured', async ({ page }) => {
  await openBench(page, '/start')
  const drawn = page.locator('[data-first-sketch]'),
    ask = (question: string) => page.locator(`[data-question=${question}] :is(input, textarea)`).first().focus()
  const below = await drawn.locator('h2').boundingBox()
  for (const [question, says] of [
    ['lengthOverAll', 'From stem to stern'],
    ['beam', 'At her widest'],
    ['mass', 'To the line at which she floats'],
    ['greatestDiameter', 'middle of the shaft'],
    ['oldEnginePower', 'As its plate says'],
    ['cruiseSpeed', 'What GPS shows'],
    ['duration', 'from one charge to the next'],
  ] as const) {
    await ask(question)
    await expect(drawn.locator('[data-where]')).toContainText(says)
    // what lies below does not move
    expect((await drawn.locator('h2').boundingBox())!.y).toBe(below!.y)
  }
  await ask('beam')
  await pick(page, page.locator('[data-start-form] .pick-field').first(), 'Catamaran')
  await ask('beam')
  await expect(drawn.locator('path.hull')).toHaveCount(3)
})

test('a dimension that no boat can have gets a sentence, and nothing is lost', async ({ page }) => {
  await openBench(page, '/start')
  const answer = (question: string, text: string) =>
    page.locator(`[data-question=${question}] :is(input, textarea)`).first().fill(text)
  await answer('name', 'Tub')
  await answer('beam', '11 m')
  await page.locator('[data-make]').click()
  await expect(page.getByText(/more than 60 % of the length/)).toBeVisible()
  await expect(page.locator('input[data-question=name], [data-question=name] input').first()).toHaveValue('Tub')
})

test('a foreign file changes nothing and says why', async ({ page }) => {
  await openBench(page)
  await page.locator('[data-menu]').click()
  await giveFile(page, '[data-import-boat]', {
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"remigo-boat","version":99}'),
  })
  await expect(page.locator('[data-import-errors]')).toContainText('version')
  await expect(page.locator('[data-import-errors]')).toContainText('Update Remigo')
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(page.locator('h1')).toHaveText('Tirrick')
})
