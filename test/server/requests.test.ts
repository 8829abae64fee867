import { readFileSync } from 'node:fs'
import { expect, inject, it } from 'vitest'
import { DEMO, DEMO_BOATS } from '@remigo/core'

// What the built server answers, asked without a browser.

const server = inject('server')
interface Errors {
  errors: { field: string; message: string }[]
}
const json = { 'content-type': 'application/json' }
const get = (path: string) => fetch(server + path)
/** Sends JSON, or what is none as it is. */
const post = (path: string, data: unknown) =>
  fetch(server + path, {
    method: 'POST',
    headers: json,
    body: typeof data === 'string' ? data : JSON.stringify(data),
  })

it('POST /api/evaluate answers as the core does', async () => {
  const response = await post('/api/evaluate', { project: DEMO.tirrick, speed: 2.5 })
  expect(response.status).toBe(200)
  const answer = await response.json()
  expect(answer.name).toBe('Tirrick')
  expect(answer.figures.packPower.value).toBeGreaterThan(1000)
  expect(answer.findings[0]).toMatchObject({ rule: 'packAboveWindow', severity: 'stop' })
})

it('several speeds, a new boat from answers, and readings by HTTP', async () => {
  const several = await post('/api/evaluate', { project: DEMO.tirrick, speed: [2, 2.5] })
  expect(((await several.json()) as { speed: number }[]).map(a => a.speed)).toEqual([2, 2.5])
  const does = (await (await post('/api/does', { project: DEMO.tirrick })).json()) as Record<string, { limit: string }>
  expect(Object.keys(does)).toEqual(['flatOut', 'continuous', 'farthest'])
  const made = await post('/api/new', {
    answers: { hullType: 'canoe', lengthOverAll: '16 ft', known: ['3 kn 120 W'] },
  })
  expect(made.status).toBe(200)
  const { project } = (await made.json()) as { project: typeof DEMO.tirrick }
  expect(project.boat.lengthOverAll).toBeCloseTo(4.8768, 6)
  const fitted = await post('/api/fit', { project, csv: 'speed kn,power W\n3.5,200' })
  const answer = (await fitted.json()) as { readings: unknown[]; project: typeof DEMO.tirrick }
  expect(answer.readings).toHaveLength(2)
  expect(answer.project.trial.use).toBe('measured')
  for (const [path, data, field] of [
    ['does', {}, 'project'],
    ['new', { answers: { hullType: 'raft' } }, 'answers.hullType'],
    ['new', { answers: { hullType: 'canoe', known: ['fast'] } }, 'answers.known.0'],
    ['fit', { project }, 'csv'],
    ['fit', { project, csv: 'speed,power\n4,fast' }, 'csv, line 2, column 2'],
    ['fit', { project, known: ['4 kn'] }, 'known.0'],
    ['fit', { project, known: [{ say: '4 kn 90 W', with: { kind: 'sail' } }] }, 'known.0.with.kind'],
    [
      'new',
      { answers: { hullType: 'canoe', known: [{ say: '3 kn 90 W', with: { pack: 'x' } }] } },
      'answers.known.0.with.pack',
    ],
  ] as const) {
    const refused = await post(`/api/${path}`, data)
    expect(refused.status, field).toBe(400)
    expect(((await refused.json()) as { errors: { field: string }[] }).errors[0]!.field).toBe(field)
  }
})

it('unusable requests get 400 with a list of errors', async () => {
  const broken = { ...DEMO.tirrick, boat: { ...DEMO.tirrick.boat, mass: -1 } }
  for (const [data, field] of [
    ['{', 'body'],
    [{}, 'project'],
    [{ project: DEMO.tirrick, speed: 'fast' }, 'speed'],
    [{ project: broken }, 'project.boat.mass'],
    [{ project: DEMO.tirrick, extra: 1 }, 'extra'],
  ] as const) {
    const response = await post('/api/evaluate', data)
    expect(response.status, field).toBe(400)
    const { errors } = (await response.json()) as { errors: { field: string; message: string }[] }
    expect(errors.map(e => e.field)).toContain(field)
    expect(errors[0]!.message.length).toBeGreaterThan(5)
  }
})

it('a request over 1 MB is refused', async () => {
  const response = await post('/api/evaluate', ' '.repeat(1_100_000))
  expect(response.status).toBe(413)
})

it('the OpenAPI document is served as it is kept in docs', async () => {
  expect(await (await get('/openapi.json')).json()).toEqual(JSON.parse(readFileSync('docs/openapi.json', 'utf8')))
})

it('a simulated boat speaks NMEA 0183 as an event stream, and her lever is heard', async () => {
  const abort = new AbortController()
  const stream = await fetch(`${server}/api/instruments?boat=demo-osprel&seed=3&id=walk`, { signal: abort.signal })
  expect(stream.headers.get('content-type')).toContain('text/event-stream')
  const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader()
  let text = ''
  while (!text.includes('XDR')) text += (await reader.read()).value ?? ''
  expect(text).toMatch(/data: \$IIXDR,U,.*\*[0-9A-F]{2}/)
  const lever = (body: object) =>
    fetch(`${server}/api/instruments`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  expect(await (await lever({ id: 'walk', power: 800 })).json()).toMatchObject({ power: 800 })
  abort.abort()
  expect((await lever({ id: 'nobody', power: 800 })).status).toBe(400)
  expect((await fetch(`${server}/api/instruments?boat=raft`)).status).toBe(400)
})

it('what is not there, not so asked for, or not JSON, is refused as what it is', async () => {
  for (const [method, path, status, data] of [
    ['GET', '/api/evaluate', 405],
    ['PUT', '/api/fit', 405, {}],
    ['DELETE', '/api/instruments', 405],
    ['POST', '/', 405, {}],
    ['POST', '/openapi.json', 405, {}],
    ['GET', '/api', 404],
    ['GET', '/api/nothing', 404],
    ['POST', '/api/toString', 404, {}],
    ['GET', '/nothing.json', 404],
    ['GET', '/.env', 404],
    ['POST', '/api/evaluate', 415, 'x'],
  ] as const) {
    const response = await fetch(server + path, {
      method,
      ...(data === undefined
        ? {}
        : { body: JSON.stringify(data), headers: data === 'x' ? { 'content-type': 'text/plain' } : json }),
    })
    expect(response.status, `${method} ${path}`).toBe(status)
    expect(response.headers.get('content-type')).toContain('application/json')
    const { errors } = (await response.json()) as Errors
    expect(errors[0]!.message.length).toBeGreaterThan(8)
    if (status === 405) expect(response.headers.get('allow')).toMatch(/GET|POST/)
  }
  // any view is the page
  for (const path of ['/', '/sheet', '/nowhere'])
    expect((await get(path)).headers.get('content-type'), path).toContain('text/html')
})

it('security headers stand on pages, files and JSON', async () => {
  for (const path of ['/', '/icon.svg', '/openapi.json', '/api/nothing']) {
    const headers = Object.fromEntries((await get(path)).headers)
    expect(headers['x-content-type-options'], path).toBe('nosniff')
    expect(headers['content-security-policy'], path).toContain("form-action 'none'")
    expect(headers['content-security-policy'], path).toContain("frame-ancestors 'none'")
    expect(headers['cross-origin-opener-policy'], path).toBe('same-origin')
    expect(headers['x-powered-by'], path).toBeUndefined()
  }
})

it('a request of nonsense gets a short answer', async () => {
  const nonsense = Object.fromEntries(Array.from({ length: 20_000 }, (_, i) => [`nonsense-${i}`, { x: [i] }]))
  for (const data of [
    { project: { ...DEMO.tirrick, ...nonsense } },
    nonsense,
    { project: { ...DEMO.tirrick, boat: nonsense } },
    { project: DEMO.tirrick, speed: Array.from({ length: 20_000 }, () => 'x') },
  ]) {
    const response = await post('/api/evaluate', data)
    expect(response.status).toBe(400)
    expect((await response.text()).length).toBeLessThan(8000)
  }
})

it('many at once over connections that are used again: each is answered', async () => {
  const ask = async (i: number) => {
    const project = DEMO_BOATS[i % DEMO_BOATS.length]!
    const response = await post('/api/evaluate', { project })
    return response.status
  }
  for (let round = 0; round < 2; round++) {
    const statuses = await Promise.all(Array.from({ length: 30 }, (_, i) => ask(i)))
    expect(statuses.filter(s => s !== 200 && s !== 503)).toEqual([])
    expect(statuses.filter(s => s === 200).length).toBeGreaterThan(20)
  }
})
