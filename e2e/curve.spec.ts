import { expect, test } from '@playwright/test'
import { field, figure, openBench, type } from './board'

test('the owner’s own runs become the curve that everything else uses', async ({ page }) => {
  await openBench(page, '/curve')
  const before = await figure(page, 'packPower')
  const trial = page.locator('[data-sea-trial]')
  await expect(trial.locator('[data-trial-words]')).toContainText('Three speeds or more')
  await trial.locator('summary').click()
  await trial.locator('[data-paste]').fill('3\t900\n4\tmany')
  await trial.locator('[data-take]').click()
  await expect(trial.locator('[data-trial-errors]')).toContainText('Line 2, column 2')
  await expect(trial.locator('tbody tr')).toHaveCount(0)
  await trial
    .locator('[data-paste]')
    .fill('speed\twatts\tway\n3.4\t900\tout\n2.6\t900\tback\n4\t1900\t\n4.6 kn\t2900\t\n5.2\t4.6 kW\t')
  await trial.locator('[data-take]').click()
  await expect(trial.locator('tbody tr')).toHaveCount(5)
  await expect(trial.locator('[data-trial-words]')).toContainText('of what the methods say at cruise')
  await trial.getByText('My runs').click()
  await expect.poll(() => figure(page, 'packPower')).toBeGreaterThan(1.15 * before)
  // a cell is typed, nonsense is told, and undo takes it all back
  await trial.locator('[data-cell=power-3]').fill('lots')
  await trial.locator('[data-cell=power-3]').press('Enter')
  await expect(trial.locator('[data-trial-errors]')).toContainText('Row 4: Watts: ')
  await expect(trial.locator('[data-cell=power-3]')).toHaveValue('lots')
  await expect(trial.locator('[data-cell=power-3]')).toHaveAttribute('aria-invalid', 'true')
  await trial.locator('[data-cell=power-3]').fill('2.8 kW')
  await trial.locator('[data-cell=power-3]').press('Enter')
  await expect(trial.locator('[data-trial-errors]')).toHaveCount(0)
  await expect(trial.locator('[data-cell=power-3]')).toHaveValue('2800 W')
  await page.getByRole('button', { name: 'Take out run 5' }).click()
  await expect(trial.locator('tbody tr')).toHaveCount(4)
  for (let i = 0; i < 4; i++) await page.locator('[aria-label^="Undo"]').first().click()
  await expect(trial.locator('tbody tr')).toHaveCount(0)
  await expect.poll(() => figure(page, 'packPower')).toBe(before)
})

test('the samples say what to settle first, and a changed boat makes them old', async ({ page }) => {
  await openBench(page, '/curve')
  const sure = page.locator('[data-how-sure]')
  await sure.locator('[data-sample]').click()
  await expect(sure.locator('[data-first]')).toContainText('of the spread')
  await expect(sure.locator('tbody tr')).toHaveCount(3)
  await page.locator('[data-lever]').focus()
  await page.keyboard.press('ArrowUp')
  await expect(sure.locator('[data-first]')).toBeVisible()
  await type(page, 'boat.mass', '5.4 t')
  await expect(sure.locator('[data-first]')).toBeHidden()
})

test('five charts, in kilowatts or horsepower, even or log, kept as files', async ({ page }) => {
  await openBench(page, '/curve')
  for (const view of ['energy', 'parts', 'engine', 'others', 'power']) {
    await page.locator(`[data-view=${view}]`).click()
    await expect(page.locator('[data-drawn=true]')).toBeVisible()
    await expect(page.locator('.lever-echo')).toHaveAttribute('aria-label', /\d/)
  }
  await page.locator('.tools').getByText('hp', { exact: true }).click()
  await page.locator('.tools').getByText('Log').click()
  await expect(page.locator('.lever-echo')).toHaveAttribute('aria-label', /hp/)
  for (const [name, ending] of [
    ['PNG', 'png'],
    ['SVG', 'svg'],
    ['CSV', 'csv'],
  ] as const) {
    const kept = page.waitForEvent('download')
    await page.locator('.keep').getByRole('button', { name }).click()
    expect((await kept).suggestedFilename()).toBe(`tirrick-curve.${ending}`)
  }
})

test('other boats: the owner’s list joins, a wrong one is told by line', async ({ page }) => {
  await openBench(page, '/curve')
  await page.locator('[data-view=others]').click()
  const list = (text: string) =>
    page.locator('[data-others]').setInputFiles({ name: 'boats.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await list('name,waterline_m,mass_t,speed_kn,power_kW\nKittiwake,7.1,heavy,4,1.1')
  await expect(page.getByRole('alert').filter({ hasText: 'Line 2, mass_t' })).toBeVisible()
  await list('name,waterline_m,mass_t,speed_kn,power_kW\nKittiwake,7.1,3.1,4,1.1\nKittiwake,7.1,3.1,5,2.4')
  await expect(page.getByText('1 boats of your own')).toBeVisible()
})

test('every kind of hull is drawn, asks its own questions and has a curve', async ({ page }) => {
  test.setTimeout(90_000)
  const errors: string[] = []
  page.on('pageerror', e => errors.push(e.message))
  await openBench(page, '/boat')
  for (const [kind, asked] of [
    ['Semi-displacement', 'boat.beamWaterline'],
    ['Planing motor boat', 'boat.deadrise'],
    ['Catamaran', 'boat.hullSpacing'],
    ['Pontoon boat', 'boat.hullBeam'],
    ['Canoe, kayak, rowing boat', 'boat.beamWaterline'],
    ['Dinghy or inflatable', 'boat.beamWaterline'],
    ['Displacement launch', 'boat.prismatic'],
    ['Keel sailing yacht', 'boat.prismatic'],
  ] as const) {
    await page.locator('.options label').filter({ hasText: kind }).click()
    await expect(field(page, asked)).toBeVisible()
    await expect(page.locator('.measure')).toBeVisible()
    expect(await figure(page, 'packPower')).toBeGreaterThan(0)
  }
  expect(errors).toEqual([])
})

test('letters and words of the chart keep clear of each other, whatever the boat', async ({ page }) => {
  for (const boat of ['demo-lodden', 'demo-merrin', 'demo-tirrick', 'demo-pippin']) {
    await openBench(page, `/curve?boat=${boat}`)
    await page.locator('[data-drawn=true]').waitFor()
    const { count, overlapping } = await page.locator('.plot').evaluate(plot => {
      const words = [...plot.querySelectorAll('.annotation')].map(a => ({
        text: a.textContent,
        box: a.getBoundingClientRect(),
      }))
      const overlapping = words.flatMap((a, i) =>
        words
          .slice(0, i)
          .filter(
            b =>
              a.box.left < b.box.right &&
              b.box.left < a.box.right &&
              a.box.top < b.box.bottom &&
              b.box.top < a.box.bottom,
          )
          .map(b => `${a.text} on ${b.text}`),
      )
      return { count: words.length, overlapping }
    })
    expect(count, boat).toBeGreaterThan(3)
    expect(overlapping, boat).toEqual([])
  }
})
