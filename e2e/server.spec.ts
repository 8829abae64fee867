import { expect, test } from '@playwright/test'
import { DEMO, DEMO_BOATS } from '@remigo/core'

interface Errors {
  errors: { field: string; message: string }[]
}
const json = { 'content-type': 'application/json' }

test('what is not there, not so asked for, or not JSON, is refused as what it is', async ({ request }) => {
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
    const response = await request.fetch(path, {
      method,
      ...(data === undefined
        ? {}
        : { data, headers: { 'content-type': data === 'x' ? 'text/plain' : json['content-type'] } }),
    })
    expect(response.status(), `${method} ${path}`).toBe(status)
    expect(response.headers()['content-type']).toContain('application/json')
    const { errors } = (await response.json()) as Errors
    expect(errors[0]!.message.length).toBeGreaterThan(8)
    if (status === 405) expect(response.headers().allow).toMatch(/GET|POST/)
  }
  // any view is the page
  for (const path of ['/', '/sheet', '/nowhere'])
    expect((await request.get(path)).headers()['content-type'], path).toContain('text/html')
})

test('security headers stand on pages, files and JSON', async ({ request }) => {
  for (const path of ['/', '/icon.svg', '/openapi.json', '/api/nothing']) {
    const headers = (await request.get(path)).headers()
    expect(headers['x-content-type-options'], path).toBe('nosniff')
    expect(headers['content-security-policy'], path).toContain("form-action 'none'")
    expect(headers['content-security-policy'], path).toContain("frame-ancestors 'none'")
    expect(headers['cross-origin-opener-policy'], path).toBe('same-origin')
  }
})

test('a request of nonsense gets a short answer', async ({ request }) => {
  const nonsense = Object.fromEntries(Array.from({ length: 20_000 }, (_, i) => [`nonsense-${i}`, { x: [i] }]))
  for (const data of [
    { project: { ...DEMO.tirrick, ...nonsense } },
    nonsense,
    { project: { ...DEMO.tirrick, boat: nonsense } },
    { project: DEMO.tirrick, speed: Array.from({ length: 20_000 }, () => 'x') },
  ]) {
    const response = await request.post('/api/evaluate', { data })
    expect(response.status()).toBe(400)
    expect((await response.body()).length).toBeLessThan(8000)
  }
})

test('many at once over connections that are used again: each is answered', async ({ request }) => {
  // an answer tries every fix that it offers
  test.setTimeout(180_000)
  const ask = async (i: number) => {
    const project = DEMO_BOATS[i % DEMO_BOATS.length]!
    const response = await request.post('/api/evaluate', { data: { project } })
    return response.status()
  }
  for (let round = 0; round < 2; round++) {
    const statuses = await Promise.all(Array.from({ length: 30 }, (_, i) => ask(i)))
    expect(statuses.filter(s => s !== 200 && s !== 503)).toEqual([])
    expect(statuses.filter(s => s === 200).length).toBeGreaterThan(20)
  }
})
