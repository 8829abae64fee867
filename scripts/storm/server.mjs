// The built server under bursts: five hundred requests at once over connections that are used again, some of nonsense,
// some event streams that nobody ends; what is lost, and what memory is left when they are over.
import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { Agent, request } from 'node:http'
import { join } from 'node:path'
import { ROOT } from '../prepare.mjs'

const PORT = 4188,
  AT_ONCE = 500,
  ROUNDS = 6,
  /** MB that may stay in use after the last burst */
  MAY_STAY = 20

const wait = ms => new Promise(resolve => setTimeout(resolve, ms))

/** One request; resolves to its status, or to the name of the error by which it was lost. */
function ask(agent, method, path, body) {
  return new Promise(resolve => {
    const sent = request(
      {
        agent,
        port: PORT,
        host: 'localhost',
        method,
        path,
        headers: body ? { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) } : {},
      },
      response => {
        response.resume()
        response.on('end', () => resolve(response.statusCode))
        response.on('error', error => resolve(error.code ?? 'lost'))
      },
    )
    sent.on('error', error => resolve(error.code ?? 'lost'))
    sent.end(body)
  })
}

/** Resident memory, MB. */
const memory = ({ pid }) => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024

/**
 * Storms the built server.
 *
 * @param boat a boat's file
 * @returns how many faults
 */
export async function stormServer(boat) {
  const log = []
  const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
    env: { ...process.env, PORT: String(PORT), NITRO_PORT: String(PORT) },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  server.stderr.on('data', data => log.push(String(data)))
  const once = new Agent()
  for (let i = 0; i < 100 && (await ask(once, 'GET', '/')) !== 200; i++) await wait(100)
  for (let i = 0; i < 30; i++) await ask(once, 'GET', '/')
  const before = memory(server)

  const agent = new Agent({ keepAlive: true, maxSockets: 100 })
  const body = JSON.stringify({ project: JSON.parse(boat) })
  const kinds = [
    () => ask(agent, 'POST', '/api/evaluate', body),
    () => ask(agent, 'GET', '/'),
    () => ask(agent, 'POST', '/api/new', '{"answers":{"hullType":"canoe"}}'),
    () => ask(agent, 'POST', '/api/evaluate', '{"project":[[[[]]]]}'),
  ]
  const told = new Map()
  let most = before
  for (let round = 0; round < ROUNDS; round++) {
    const answers = await Promise.all(Array.from({ length: AT_ONCE }, (_, i) => kinds[i % kinds.length]()))
    for (const status of answers) told.set(status, (told.get(status) ?? 0) + 1)
    most = Math.max(most, memory(server))
    // longer than a server that gives idle connections up at once
    await wait(1000 * round)
  }
  // streams: the seventeenth is refused, and each ends with its listener
  const streams = Array.from({ length: 17 }, (_, i) => {
    const stop = new AbortController()
    const status = fetch(`http://localhost:${PORT}/api/instruments?id=storm-${i}`, { signal: stop.signal }).then(
      r => r.status,
      () => 0,
    )
    return { stop, status }
  })
  const opened = (await Promise.all(streams.map(s => s.status))).filter(s => s === 200).length
  streams.forEach(s => s.stop.abort())
  agent.destroy()
  await wait(Number(process.env.W ?? 15_000))
  const after = memory(server)
  const began = Date.now()
  const ended = new Promise(resolve => server.on('exit', code => resolve(code)))
  server.kill('SIGTERM')
  const code = await Promise.race([ended, wait(10_000).then(() => 'still there')])
  server.kill('SIGKILL')

  const lost = [...told].filter(([status]) => typeof status === 'string' || status >= 504 || status === 500)
  const faults = [
    ...lost.map(([status, n]) => `${n} requests ended with ${status}`),
    ...(after - before > MAY_STAY ? [`${(after - before).toFixed(0)} MB stay in use; ${MAY_STAY} may`] : []),
    ...(opened === 16 ? [] : [`${opened} streams at once; 16 may`]),
    ...(code === 0 ? [] : [`it ended with ${code}`]),
    ...(log.some(l => /uncaught|unhandled/i.test(l)) ? [`its log: ${log.join('').slice(0, 300)}`] : []),
  ]
  console.log(`\nserver: ${ROUNDS} times ${AT_ONCE} at once over 100 connections`)
  console.log(`  answered: ${[...told].map(([status, n]) => `${n} with ${status}`).join(', ')}`)
  console.log(`  memory: ${before.toFixed(0)} MB, at most ${most.toFixed(0)} MB, ${after.toFixed(0)} MB afterwards`)
  console.log(`  event streams at once: ${opened}; stopped after ${Date.now() - began} ms with ${code}`)
  console.log(`  faults: ${faults.length}`)
  for (const fault of faults) console.log(`    ${fault}`)
  return faults.length
}
