import { expect, test } from './walk'
import { readFileSync } from 'node:fs'
import { figure, openBench, type } from './board'

test('the one-line diagram and the parts list point at each other, and go out as files', async ({ page }) => {
  await openBench(page, '/wiring')
  await page.getByText('Parts to buy').first().click()
  await page.locator('[data-device=contactor]').click()
  await expect(page.locator('[data-parts-list] tr.current')).toContainText('Contactor, 150 A, 60 V DC')
  await page.locator('[data-part-of=fuse]').click()
  await expect(page.locator('[data-device=fuse]')).toHaveAttribute('aria-pressed', 'true')
  await page.locator('[data-device=motor]').press('Enter')
  await expect(page.locator('[data-one-line] [role=status] a')).toHaveAttribute('href', '/drive/motor')
  const [svg] = await Promise.all([page.waitForEvent('download'), page.locator('[data-save-svg]').click()])
  const picture = readFileSync((await svg.path())!, 'utf8')
  expect(picture).toContain('xmlns="http://www.w3.org/2000/svg"')
  expect(picture).toContain('Main fuse')
  const [csv] = await Promise.all([page.waitForEvent('download'), page.locator('[data-parts-csv]').click()])
  expect(readFileSync((await csv.path())!, 'utf8')).toContain(
    'item,quantity,unit,use,price_euro\nOstra LFP 280 Ah cell,16,piece,pack,1536.00',
  )
})

test('a longer and thinner cable is told, and one touch mends it; gear left out leaves the drawing', async ({
  page,
}) => {
  await openBench(page, '/wiring')
  const drop = await figure(page, 'mainDrop')
  await type(page, 'design.wiring.mainLength', '8 m')
  await expect.poll(() => figure(page, 'mainDrop')).toBeGreaterThan(drop)
  await type(page, 'design.wiring.mainArea', '10 mm²')
  // the diagram has the room: the findings are opened over it
  await page.locator('[data-room-rail]').click()
  const finding = page
    .locator('.rail')
    .getByText(/cable from the pack/)
    .first()
  await expect(finding).toBeVisible()
  await page
    .locator('.rail')
    .getByRole('button', { name: /50 mm²|35 mm²|25 mm²/ })
    .first()
    .click()
  await expect(page.locator('[data-trial]').first()).toBeVisible()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await expect(finding).toHaveCount(0)
  await page.locator('[data-fit=emergencyStop] input').click()
  await expect(page.locator('[data-device=stop]')).toHaveCount(0)
  await page.locator('[data-room-rail]').click()
  await expect(page.locator('.rail')).toContainText('no emergency stop')
})

test('system voltages stand side by side, and one is sized for at a touch', async ({ page }) => {
  await openBench(page, '/pack?boat=demo-osprel')
  const rows = page.locator('[data-voltages] tbody tr')
  await expect(rows).toHaveCount(9)
  await rows.filter({ hasText: /96\.0/ }).getByRole('button', { name: /Try/ }).click()
  await expect(page.locator('[data-trial]').first()).toContainText('New sizing')
})
