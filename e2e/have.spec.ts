import { expect, test } from './walk'
import { goBench, openBench, pick } from './board'

test('cells and a motor that he has are held, the rest is sized around them, and they are on his shelf', async ({
  page,
}) => {
  await openBench(page, '/start')
  const have = page.locator('[data-question=have] textarea').first()
  await have.fill('54 cells LFP 270 Ah\nmotor 62 kW at 120 V, 150 V at most\nbananas')
  await page.locator('[data-question=lengthOverAll] input').fill('5.1 m')
  // a line that is not understood is named, and nothing is lost
  await expect(page.locator('#start-have-error')).toContainText('“bananas”: is it a motor, a battery')
  await expect(page.locator('[data-had=cell]')).toContainText('54 × LFP 270 Ah')
  await have.fill(
    '54 cells LFP 270 Ah\nmotor 62 kW at 120 V, 150 V at most\n4 panels 175 W\noutboard 48 V 105 A 210 lbf',
  )
  await pick(page, page.locator('[data-start-form] .pick-field').first(), 'Planing motor boat')
  await expect(page.locator('#start-have-error')).toHaveCount(0)
  // what of it is not used says why; the rest is held
  await expect(page.locator('[data-had=wholeDrive]')).toContainText('stays on your shelf')
  await expect(page.locator('[data-had=motor]')).toContainText('Held')
  await expect(page.locator('[data-what-they-do] [data-does=continuous]')).toContainText(/\d.*kn/)
  // an estimate is corrected in place
  await page.locator('[data-had=cell] [data-correct]').click()
  const dialog = page.locator('[data-correct-dialog]')
  await dialog.locator('[data-part=mass] input').fill('5.4 kg')
  await dialog.locator('[data-keep-part]').click()
  await expect(page.locator('[data-had=cell]')).not.toContainText('weight')
  await page.locator('[data-make]').click()
  await expect(page.locator('[data-sheet]')).toBeVisible()
  await goBench(page, '/drive/use')
  await expect(page.locator('[data-what-they-do] [data-does=flatOut]')).toContainText(/\d.*kn/)
  // a part corrected in the library is offered to the boat that has it
  await goBench(page, '/parts/library')
  await page.getByRole('button', { name: /Own motor 62 kW/ }).click()
  await page.locator('[data-edit-part]').click()
  await page.locator('[data-part=mass] input').fill('71 kg')
  await page.locator('[data-keep-part]').click()
  await page.locator('[data-take-over]').click()
  await expect(page.locator('[data-newer-part]')).toHaveCount(0)
})

test('who answers in feet, pounds and miles gets them everywhere, and a bare number keeps its unit', async ({
  page,
}) => {
  await openBench(page, '/start')
  await pick(page, page.locator('[data-start-form] .pick-field').first(), 'Pontoon boat')
  const answer = (question: string, text: string) =>
    page.locator(`[data-question=${question}] :is(input, textarea)`).first().fill(text)
  await answer('beam', '2.4')
  await answer('lengthOverAll', '20 ft')
  await answer('mass', '1,800 lb')
  await answer('have', 'outboard 48 V 105 A 210 lbf\n48 V 160 Ah, 130 lb, two of them')
  await answer('name', 'Heron')
  await expect(page.locator('[data-units-told]')).toContainText('Feet, pounds and miles')
  await expect(page.locator('[data-question=beam] input')).toHaveValue(/2\.4\d? m/)
  await expect(page.locator('[data-does=farthest]')).toContainText(/mph/)
  await page.locator('[data-make]').click()
  await expect(page.locator('[data-sheet]')).toContainText(/mph/)
  await expect(page.locator('[data-sheet]')).toContainText('Own whole drive 48 V 105 A 210 lbf')
})
