import { expect, test } from './walk'
import { openBench } from './board'

/** Sheets of paper of a PDF, and whether each lies across. */
const sheets = (pdf: Buffer) =>
  [...pdf.toString('latin1').matchAll(/\/MediaBox\s*\[0 0 ([\d.]+) ([\d.]+)\]/g)].map(m =>
    Number(m[1]) > Number(m[2]) ? 'across' : 'upright',
  )

test('the sheet prints on two pages, the diagram on one that lies across, both with boat, day and version', async ({
  page,
}) => {
  await openBench(page, '/sheet')
  await expect(page.locator('[data-decided]')).toBeVisible()
  expect(sheets(await page.pdf({ format: 'A4', preferCSSPageSize: true }))).toEqual(['upright', 'upright'])
  await openBench(page, '/drive/wiring')
  await expect(page.locator('[data-device=motor]')).toBeVisible()
  const wiring = sheets(await page.pdf({ format: 'A4', preferCSSPageSize: true }))
  expect(wiring.filter(s => s === 'across')).toHaveLength(1)
  expect(wiring.length).toBeLessThanOrEqual(4)
  await page.emulateMedia({ media: 'print' })
  await expect(page.locator('[data-print-head]')).toContainText('Tirrick')
  await expect(page.locator('[data-print-head]')).toContainText('advice, not certified')
  await expect(page.locator('[data-parts-list]')).toContainText('Main fuse'.toLowerCase())
  await page.emulateMedia({ media: 'screen' })
})
