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

test('several speeds, a new boat from answers, and readings by HTTP', async ({ request }) => {
  const several = await request.post('/api/evaluate', { data: { project: DEMO.tirrick, speed: [2, 2.5] } })
  expect(((await several.json()) as { speed: number }[]).map(a => a.speed)).toEqual([2, 2.5])
  const made = await request.post('/api/new', {
    data: { answers: { hullType: 'canoe', lengthOverAll: '16 ft', known: ['3 kn 120 W'] } },
  })
  expect(made.status()).toBe(200)
  const { project } = (await made.json()) as { project: typeof DEMO.tirrick }
  expect(project.boat.lengthOverAll).toBeCloseTo(4.8768, 6)
  const fitted = await request.post('/api/fit', { data: { project, csv: 'speed kn,power W\n3.5,200' } })
  const answer = (await fitted.json()) as { readings: unknown[]; project: typeof DEMO.tirrick }
  expect(answer.readings).toHaveLength(2)
  expect(answer.project.trial.use).toBe('measured')
  for (const [path, data, field] of [
    ['new', { answers: { hullType: 'raft' } }, 'answers.hullType'],
    ['new', { answers: { hullType: 'canoe', known: ['fast'] } }, 'answers.known.0'],
    ['fit', { project }, 'csv'],
    ['fit', { project, csv: 'speed,power\n4,fast' }, 'csv, line 2, column 2'],
    ['fit', { project, known: ['4 kn'] }, 'known.0'],
  ] as const) {
    const refused = await request.post(`/api/${path}`, { data })
    expect(refused.status(), field).toBe(400)
    expect(((await refused.json()) as { errors: { field: string }[] }).errors[0]!.field).toBe(field)
  }
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

test('a simulated boat speaks NMEA 0183 as an event stream, and her lever is heard', async ({ baseURL }) => {
  const abort = new AbortController()
  const stream = await fetch(`${baseURL}/api/instruments?boat=demo-osprel&seed=3&id=walk`, { signal: abort.signal })
  expect(stream.headers.get('content-type')).toContain('text/event-stream')
  const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader()
  let text = ''
  while (!text.includes('XDR')) text += (await reader.read()).value ?? ''
  expect(text).toMatch(/data: \$IIXDR,U,.*\*[0-9A-F]{2}/)
  const lever = (body: object) =>
    fetch(`${baseURL}/api/instruments`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  expect(await (await lever({ id: 'walk', power: 800 })).json()).toMatchObject({ power: 800 })
  abort.abort()
  expect((await lever({ id: 'nobody', power: 800 })).status).toBe(400)
  expect((await fetch(`${baseURL}/api/instruments?boat=raft`)).status).toBe(400)
})
