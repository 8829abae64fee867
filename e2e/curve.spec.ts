import { expect, test } from './walk'
import { field, figure, goBench, openBench, type, pick, giveFile } from './board'

test('what the owner knows already corrects the curve: told, pasted, typed, taken back', async ({ page }) => {
  await openBench(page, '/curve')
  const before = await figure(page, 'packPower')
  const readings = page.locator('[data-readings]')
  await expect(readings.locator('[data-what-next] li').first()).toContainText('Watts at')
  // one sentence is enough
  const sentence = readings.locator('[data-reading-sentence] input')
  await sentence.fill('4.4 kn')
  await sentence.press('Enter')
  await expect(readings.getByRole('alert')).toContainText('what was read there')
  await expect(sentence).toHaveValue('4.4 kn')
  await sentence.fill('4.6 kn 51 V 66 A')
  await sentence.press('Enter')
  await expect(readings.locator('tbody')).toHaveCount(1)
  await expect(readings.locator('[data-reading-words]')).toContainText('more than the theory at cruise')
  await expect.poll(() => figure(page, 'packPower')).toBeGreaterThan(1.1 * before)
  await page.locator('[aria-label^="Undo"]').first().click()
  await expect(readings.locator('tbody')).toHaveCount(0)
  await readings.locator('.v-expansion-panel-title').click()
  await readings.locator('[data-paste] textarea').fill('3\t900\n4\tmany')
  await readings.locator('[data-take]').click()
  await expect(readings.locator('[data-reading-errors]')).toContainText('Line 2, column 2')
  await expect(readings.locator('tbody')).toHaveCount(0)
  await readings
    .locator('[data-paste] textarea')
    .fill('speed\twatts\tway\n3.4\t900\tout\n2.6\t900\tback\n4\t1900\t\n4.6 kn\t2900\t\n5.2\t4.6 kW\t')
  await readings.locator('[data-take]').click()
  await expect(readings.locator('tbody')).toHaveCount(5)
  await expect.poll(() => figure(page, 'packPower')).toBeGreaterThan(1.1 * before)
  await readings.getByText('The methods alone').click()
  await expect.poll(() => figure(page, 'packPower')).toBe(before)
  // a cell is typed, nonsense is told, and undo takes it all back
  await readings.locator('[data-cell=read-3] input').fill('lots')
  await readings.locator('[data-cell=read-3] input').press('Enter')
  await expect(readings.locator('[data-reading-errors]')).toContainText('Reading 4: ')
  await expect(readings.locator('[data-cell=read-3] input')).toHaveValue('lots')
  await expect(readings.locator('[data-cell=read-3] input')).toHaveAttribute('aria-invalid', 'true')
  await readings.locator('[data-cell=read-3] input').fill('2.8 kW')
  await readings.locator('[data-cell=read-3] input').press('Enter')
  await expect(readings.locator('[data-reading-errors]')).toHaveCount(0)
  await expect(readings.locator('[data-cell=read-3] input')).toHaveValue('2.80 kW')
  await page.getByRole('button', { name: 'Take out reading 5' }).click()
  await expect(readings.locator('tbody')).toHaveCount(4)
  for (let i = 0; i < 4; i++) await page.locator('[aria-label^="Undo"]').first().click()
  await expect(readings.locator('tbody')).toHaveCount(0)
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
  await page.locator('.tools').getByRole('radio', { name: 'hp', exact: true }).click()
  await page.locator('.tools').getByText('Log').click()
  await expect(page.locator('.lever-echo')).toHaveAttribute('aria-label', /hp/)
  for (const [name, ending] of [
    ['PNG', 'png'],
    ['SVG', 'svg'],
    ['CSV', 'csv'],
  ] as const) {
    await page
      .getByRole('button', { name: /^Save the chart/ })
      .first()
      .click()
    const kept = page.waitForEvent('download')
    await page.locator('.v-list-item', { hasText: name }).click()
    expect((await kept).suggestedFilename()).toMatch(new RegExp(`^tirrick-.*[.]${ending}$`))
  }
})

test('other boats: the owner’s list joins, a wrong one is told by line', async ({ page }) => {
  await openBench(page, '/curve')
  await page.locator('[data-view=others]').click()
  const list = (text: string) =>
    giveFile(page, '[data-others]', { name: 'boats.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
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
    await pick(page, page.locator('.choice').first(), kind)
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

test('a share of a charge told at Start asks for the pack of then, and moves the curve once it is told', async ({
  page,
}) => {
  await openBench(page, '/start')
  await pick(page, page.locator('[data-start-form] .pick-field').first(), 'Pontoon boat')
  for (const [question, text] of [
    ['lengthOverAll', '18 ft'],
    ['mass', '1500 lb'],
    ['cruiseSpeed', '5 mph'],
    ['have', '3 miles in 45 min took 40 %'],
  ] as const)
    await page.locator(`[data-question=${question}] :is(input, textarea)`).first().fill(text)
  await expect(page.locator('[data-known-pack]')).toContainText('once their pack is told')
  // what is told last moves the answer that stands beside it, and so does the drive that it was made with
  const takes = page.locator('.takes'),
    known = page.locator('[data-question=have] textarea').first()
  await expect(takes).toContainText('At 5.0 mph')
  const alone = await takes.innerText()
  await known.fill('5 mph 3 kW')
  await expect(takes).not.toHaveText(alone)
  await known.fill('3 miles in 45 min took 40 %')
  await expect(takes).toHaveText(alone)
  await page.locator('[data-known-made]').getByText('Another drive').click()
  await page.locator('[data-make]').click()
  await expect(page.locator('[data-sheet]')).toBeVisible()
  await goBench(page, '/drive/curve')
  await expect(page.locator('[data-reading-remark]').first()).toContainText('Say what pack that was')
  await expect(page.locator('[data-made="0"]')).toContainText('another')
  const before = await figure(page, 'packPower')
  await page.locator('[data-setup="0"] button').click()
  const pack = page.locator('[data-setup="0"]').getByLabel('Energy of the pack')
  await pack.fill('5 kWh')
  await pack.press('Enter')
  await expect(page.locator('[data-reading-words]')).toContainText('more than the theory')
  expect(await figure(page, 'packPower')).toBeGreaterThan(before)
})
