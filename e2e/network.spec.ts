import { expect, test } from './walk'

test('the page asks nothing of the network and keeps to its content policy', async ({ page, baseURL }) => {
  const foreign: string[] = [],
    problems: string[] = []
  page.on('request', r => {
    if (!r.url().startsWith(baseURL!) && !/^(data|blob):/.test(r.url())) foreign.push(r.url())
  })
  page.on('console', m => {
    if (m.type() === 'error') problems.push(m.text())
  })
  page.on('pageerror', e => problems.push(e.message))
  for (const path of ['/boat', '/curve', '/motor', '/pack', '/sheet']) {
    const response = await page.goto(path)
    expect(response!.headers()['content-security-policy']).toContain("script-src 'self'")
    await expect(page.locator('.strip svg.still')).toBeVisible()
    if (path === '/curve') await expect(page.locator('.chart')).toHaveAttribute('data-drawn', 'true')
  }
  expect(foreign).toEqual([])
  expect(problems).toEqual([])
})
