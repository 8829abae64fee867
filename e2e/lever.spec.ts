import { expect, test } from './walk'
import { FIGURES } from '@remigo/core'
import { goBench, figure, handlePlace, leverRests, leverSpeed, openBench, pick } from './board'
import { STORM } from '../packages/core/test/howMany'

test('the lever moves by keys, and every figure with it', async ({ page }) => {
  await openBench(page, '/curve')
  const lever = page.getByRole('slider')
  await expect(lever).toHaveAttribute('aria-valuetext', /^4\.6\u00A0kn, [\d.]+\u00A0kW from the pack$/)
  const before = await figure(page, 'packPower')
  await lever.focus()
  for (const [key, shown] of [
    ['ArrowUp', '4.7'],
    ['PageUp', '5.7'],
    ['ArrowDown', '5.6'],
    ['Home', '4.6'],
    ['End', '5.6'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(lever).toHaveAttribute('aria-valuenow', shown)
  }
  expect(await figure(page, 'packPower')).toBeGreaterThan(before * 1.5)
  await expect(page.getByRole('img', { name: /^5\.6.kn: [\d.]+.kW$/ })).toBeVisible()
  const shown = await page.locator('.panel [data-figure=packPower] .digits').textContent()
  await expect(page.locator('.cells [data-part=pack] .main')).toContainText(shown!)
})

test('by mouse, by wheel, and by a press on the curve', async ({ page }) => {
  await openBench(page, '/curve')
  const lever = page.getByRole('slider')
  const handle = await handlePlace(page)
  await page.mouse.move(handle.x, handle.y)
  await page.mouse.down()
  await page.mouse.move(handle.x, handle.y + 100, { steps: 6 })
  await page.mouse.up()
  const dragged = await leverSpeed(page)
  expect(dragged).toBeLessThan(4)
  await page.mouse.wheel(0, -100)
  await expect(lever).toHaveAttribute('aria-valuenow', String(Math.round((dragged + 0.1) * 10) / 10))
  const chart = page.locator('.chart')
  await expect(chart).toHaveAttribute('data-drawn', 'true')
  await chart.click({ position: { x: 350, y: 200 } })
  expect(await leverSpeed(page)).toBeGreaterThan(4.5)
})

test('figures in view are written with each step; those scrolled out of view are right when the lever rests', async ({
  page,
}) => {
  await openBench(page, '/curve')
  const lever = page.getByRole('slider'),
    bench = page.locator('.at-bench'),
    lead = page.locator('.bench__lead .digits').first(),
    cells = page.locator('.cells')
  await lever.focus()
  const before = await lead.textContent()
  await page.keyboard.press('ArrowUp')
  await expect(lead).not.toHaveText(before!)
  await bench.evaluate(box => {
    box.scrollTop = box.scrollHeight
  })
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowUp')
  await bench.evaluate(box => {
    box.scrollTop = 0
  })
  await leverRests(page)
  await expect(cells).toContainText(/\d{3}A/)
  // the same figure in the lead and on the chart, in the strip and beside the lever
  const shaft = await page.locator('.bench__lead [data-figure=shaftPower] .digits').textContent()
  await expect(page.locator('.lever-echo .value')).toHaveText(`${shaft}\u00A0kW`)
  const pack = await page.locator('.cells [data-part=pack] .main .digits').textContent()
  await expect(page.locator('.panel [data-figure=packPower] .digits')).toHaveText(pack!)
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
  test('by touch: the ends, and the handle', async ({ page }) => {
    await openBench(page, '/curve')
    const lever = page.getByRole('slider')
    await page.getByRole('button', { name: 'Faster' }).tap()
    await expect(lever).toHaveAttribute('aria-valuenow', '4.7')
    await page.getByRole('button', { name: 'Slower' }).tap()
    await page.getByRole('button', { name: 'Slower' }).tap()
    await expect(lever).toHaveAttribute('aria-valuenow', '4.5')
    const box = (await page.locator('.flat .lever').boundingBox())!
    await page.touchscreen.tap(box.x + box.width * 0.8, box.y + 80)
    expect(await leverSpeed(page)).toBeGreaterThan(5.5)
    await page.locator('[data-open-findings]').tap()
    await expect(page.locator('[data-rule=packAboveWindow]')).toBeVisible()
  })
})

test('a press on another figure opens its working in place of the last, a second press closes it', async ({ page }) => {
  await openBench(page)
  const working = page.locator('.working')
  for (const [id, head] of [
    ['packPower', 'From the pack'],
    ['deliveredPower', 'Power at the propeller'],
    ['motorInput', 'Power into the motor'],
  ] as const) {
    await page.locator(`[data-figure=${id}]`).first().click()
    await expect(working).toHaveAccessibleName(`Working: ${head}`)
    await expect(working).toContainText('If an input is 10 % wrong, kW')
  }
  await page.locator('[data-figure=motorInput]').first().click()
  await expect(working).toBeHidden()
})

test('every figure opens its working', async ({ page }) => {
  test.setTimeout(240_000)
  const seen = new Set<string>()
  /** every figure that stands on the bench and was not opened yet */
  const openAll = async (where: string) => {
    const figures = page.locator('.at-bench [data-figure], .cells [data-figure]')
    await expect(figures.first(), where).toBeVisible()
    const all = await figures.evaluateAll(all =>
      all.map(each => ({ id: (each as HTMLElement).dataset.figure!, said: each.ariaLabel! })),
    )
    for (const { id, said } of all) {
      if (seen.has(id)) continue
      seen.add(id)
      // some two hundred: a true click would scroll to each and wait until it stands still
      await figures
        .and(page.locator(`[data-figure=${id}]`))
        .first()
        .dispatchEvent('click')
      await page.waitForFunction(said => {
        const working = document.querySelector('.working')
        return working?.textContent.includes('Source') && said.startsWith(working.ariaLabel!.replace(/^[^:]*: /, ''))
      }, said)
    }
    await page.keyboard.press('Escape')
    await expect(page.locator('.working')).toBeHidden()
  }
  await openBench(page)
  // two hundred figures, and boats that have the rarer ones, take a minute and a half: daily those of two benches
  if (!STORM) {
    for (const path of ['/drive/motor', '/drive/charging']) {
      await goBench(page, path)
      await openAll(path)
    }
    return
  }
  for (const path of [
    '/boat',
    '/use',
    '/curve',
    '/propeller',
    '/motor',
    '/pack',
    '/pack?view=wear',
    '/pack?view=power&boat=demo-osprel',
    '/wiring',
    '/charging',
    '/sheet',
    '/curve?boat=demo-merrin',
    '/motor',
    '/propeller?boat=demo-rillet',
    '/wiring?boat=demo-osprel',
    '/year',
  ]) {
    await goBench(page, path)
    await openAll(path)
  }
  // what only some designs have: panels straight on the pack, a generator with helpers, two banks with strings beside
  // them, lead
  await pick(page, '[data-regulator]', /straight on/)
  await page.locator('[data-add-boom]').click()
  await openAll('panels straight on')
  // panels stand in Days, the charger in Drive
  await page.locator('[data-set=drive]').click()
  await page
    .getByRole('link', { name: /Charging/ })
    .first()
    .click()
  await page.getByText('Generator', { exact: true }).click()
  await page.locator('[data-help=sun] input').check()
  await openAll('a generator')
  // the propeller helps where there are sails
  await openBench(page, '/charging?boat=demo-tirrick')
  await page.locator('[data-help=sailing] input').check()
  await openAll('under sail')
  await openBench(page, '/pack?view=strings&boat=demo-osprel')
  await page.locator('[data-add-string]').click()
  await openAll('strings')
  await page.locator('[data-view=volts]').click()
  await page.locator('[data-cells] tr', { hasText: 'AGM' }).getByRole('button').first().click()
  await page.locator('[data-trial]').first().getByRole('button', { name: 'Keep it' }).click()
  await page.locator('[data-view=wear]').click()
  await openAll('lead')
  // how long the heat holds stands there only where heat ends it: well beyond top
  await openBench(page, '/motor?boat=demo-tirrick')
  await page.locator('[data-lever]').first().focus()
  await page.keyboard.press('End')
  await page.keyboard.press('PageUp')
  await page.keyboard.press('PageUp')
  for (const id of ['heatHolds', 'heatDropPower', 'heatDropSpeed']) {
    await page.locator(`[data-figure=${id}]`).click({ timeout: 15_000 })
    await expect(page.locator('.working')).toContainText('Source')
    await page.keyboard.press('Escape')
    seen.add(id)
  }
  // the same figures as one reads them until empty
  await page.evaluate(() => localStorage.setItem('remigo-range-end', 'empty'))
  for (const path of ['/use', '/pack']) {
    await openBench(page, path)
    await openAll(`${path} until empty`)
  }
  expect(Object.keys(FIGURES).filter(id => !seen.has(id))).toEqual([])
})
