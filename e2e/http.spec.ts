import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { DEMO } from '@remigo/core'

test('POST /api/evaluate answers as the core does', async ({ request }) => {
  const response = await request.post('/api/evaluate', { data: { project: DEMO.tirrick, speed: 2.5 } })
  expect(response.status()).toBe(200)
  const answer = await response.json()
  expect(answer.name).toBe('Tirrick')
  expect(answer.figures.packPower.value).toBeGreaterThan(1000)
  expect(answer.findings[0]).toMatchObject({ rule: 'packAboveWindow', severity: 'stop' })
})

test('unusable requests get 400 with a list of errors', async ({ request }) => {
  const broken = { ...DEMO.tirrick, boat: { ...DEMO.tirrick.boat, mass: -1 } }
  for (const [data, field] of [
    ['{', 'body'],
    [{}, 'project'],
    [{ project: DEMO.tirrick, speed: 'fast' }, 'speed'],
    [{ project: broken }, 'project.boat.mass'],
    [{ project: DEMO.tirrick, extra: 1 }, 'extra'],
  ] as const) {
    const response = await request.post('/api/evaluate', {
      data: typeof data === 'string' ? Buffer.from(data) : data,
      headers: { 'content-type': 'application/json' },
    })
    expect(response.status(), field).toBe(400)
    const { errors } = (await response.json()) as { errors: { field: string; message: string }[] }
    expect(errors.map(e => e.field)).toContain(field)
    expect(errors[0]!.message.length).toBeGreaterThan(5)
  }
})

test('a request over 1 MB is refused', async ({ request }) => {
  const response = await request.post('/api/evaluate', {
    data: Buffer.alloc(1_100_000, 32),
    headers: { 'content-type': 'application/json' },
  })
  expect(response.status()).toBe(413)
})

test('the OpenAPI document is served as it is kept in docs', async ({ request }) => {
  expect(await (await request.get('/openapi.json')).json()).toEqual(
    JSON.parse(readFileSync('docs/openapi.json', 'utf8')),
  )
})

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
