import { expect, test } from './walk'
import { DEMO } from '@remigo/core'
import { field, figure, openBench, savedBoat, type, pick, giveFile } from './board'

test('fields take typed units, remember what was typed, and keep the last good value', async ({ page }) => {
  await openBench(page, '/boat')
  const over = field(page, 'boat.lengthOverAll')
  await type(page, 'boat.lengthOverAll', '31 ft 6 in')
  await expect(page.locator('dl').filter({ hasText: 'Length over all' }).first()).toContainText('9.60')
  await over.blur()
  await expect(over).toHaveValue('9.60 m')
  await over.focus()
  await expect(over).toHaveValue('31 ft 6 in')
  await type(page, 'boat.lengthOverAll', '12 kg')
  await expect(page.getByText(/measures a weight; this field wants a length/)).toBeVisible()
  await expect(page.locator('h1 ~ p, dl').filter({ hasText: '9.60' }).first()).toBeVisible()
  await type(page, 'boat.lengthOverAll', '90 m')
  await expect(page.getByText(/Length over all runs from 2\.00.m to 40\.0.m/)).toBeVisible()
  await type(page, 'boat.lengthOverAll', '9,2')
  await expect(page.getByText(/runs from/)).toBeHidden()
})

test(
  'a dimension that cannot be is told at its field and changes nothing; in a file it is a finding, ' + 'which mends it',
  async ({ page }) => {
    await openBench(page, '/boat?boat=demo-halcyne')
    const before = await figure(page, 'packPower')
    for (const [path, text, told] of [
      ['boat.hullSpacing', '0.2 m', /Hulls 0\.20.m apart and 1\.10.m wide would stand in each other/],
      ['boat.draught', '0.1', /the hull alone would lie 0\.56.m deep; her draught is 0\.10.m/],
      ['boat.beam', '30 m', /runs from/],
      ['boat.mass', '0', /Weight runs from/],
      ['boat.draught', '-1 m', /Draught runs from/],
    ] as const) {
      await type(page, path, text)
      await expect(page.getByText(told)).toBeVisible()
      expect(await figure(page, 'packPower')).toBe(before)
    }
    await expect(page.locator('[aria-label^="Undo"]').first()).toBeDisabled()
    const halcyne = DEMO.halcyne,
      odd = { ...halcyne, id: 'odd', name: 'Odd', boat: { ...halcyne.boat, hullSpacing: 0.2 } }
    await page.locator('[data-menu]').click()
    await giveFile(page, '[data-import-boat]', {
      name: 'odd.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(odd)),
    })
    const finding = page.locator('.rail').getByText(/stand in each other\. No figure holds until this is right/)
    await expect(finding).toBeVisible()
    await page.getByRole('button', { name: /Hulls apart not known: estimated/ }).click()
    await expect(finding).toBeHidden()
  },
)

test('US units change every figure and field', async ({ page }) => {
  await openBench(page, '/boat')
  await page.locator('[data-menu]').click()
  await page.getByRole('button', { name: 'Units and light' }).click()
  await page.getByText('US', { exact: true }).click()
  await pick(page, '[data-unit=speed]', 'mph')
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await expect(field(page, 'boat.lengthOverAll')).toHaveValue('30.2 ft')
  await expect(field(page, 'boat.oldEngine.ratedPower')).toHaveValue('18.0 hp')
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /mph/)
  await page.reload()
  await expect(field(page, 'boat.mass')).toHaveValue(/lb$/)
})

test('range, miles and time are read to the reserve or until empty, and say which', async ({ page }) => {
  await openBench(page, '/drive/use')
  const kept = 1 - DEMO.tirrick.use.reserve
  // both ends are always at hand beside the lever
  await expect(page.locator('.panel dt').first()).toHaveText('To the reserve')
  await expect(page.locator('.panel dt').nth(1)).toHaveText('Until empty')
  const near = await figure(page, 'distanceLeft', '.panel'),
    reach = await figure(page, 'cruiseRange')
  await page.locator('[data-menu]').click()
  await page.getByRole('button', { name: 'Units and light' }).click()
  await page.getByRole('dialog').getByText('Until empty', { exact: true }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  expect(near / (await figure(page, 'distanceToEmpty', '.panel'))).toBeCloseTo(kept, 1)
  expect(reach / (await figure(page, 'rangeToEmpty'))).toBeCloseTo(kept, 1)
  await openBench(page, '/sheet')
  await expect(page.locator('body')).toContainText('with nothing kept back')
})

test('undo and redo go across benches', async ({ page }) => {
  await openBench(page, '/boat')
  await type(page, 'boat.mass', '5 t')
  await page.locator('[data-bench=use]').click()
  await type(page, 'use.reserve', '30 %')
  await page.locator('[data-bench=pack]').click()
  await page.locator('h1').click()
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await page.locator('[data-bench=boat]').click()
  await expect(field(page, 'boat.mass')).toHaveValue('4.60 t')
  await page.keyboard.press('Control+Shift+z')
  await expect(field(page, 'boat.mass')).toHaveValue('5.00 t')
})

test('saved as one works, and on leaving at once', async ({ page }) => {
  await openBench(page, '/boat')
  await type(page, 'boat.mass', '4.9 t')
  await expect
    .poll(async () => (await savedBoat(page)).find(row => row.id === 'demo-tirrick')?.revision, { intervals: [50] })
    .toBe(2)
  await type(page, 'boat.mass', '5.3 t')
  await page.reload()
  await expect(field(page, 'boat.mass')).toHaveValue('5.30 t')
})

test('several boats: duplicate, delete with undo, open', async ({ page }) => {
  await openBench(page, '/boat')
  await page.locator('[data-menu]').click()
  await page.getByRole('button', { name: 'Duplicate' }).click()
  await expect(page.locator('h1')).toHaveText('Tirrick (copy)')
  await page.locator('[data-menu]').click()
  await page.getByRole('button', { name: 'Delete' }).click()
  await page.getByRole('button', { name: 'Bring back' }).click()
  await expect(page.locator('h1')).toHaveText('Tirrick (copy)')
  await page.locator('[data-menu]').click()
  await page
    .locator('[data-boats]')
    .getByRole('button', { name: /Osprel/ })
    .click()
  await expect(page.locator('h1')).toHaveText('Osprel')
  expect(await figure(page, 'hullSpeed')).toBeCloseTo(6.9, 1)
})
