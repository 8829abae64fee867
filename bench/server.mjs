// The built server: its memory once started, and the JavaScript that a first view loads.
import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT } from '../scripts/prepare.mjs'

import { row } from './rows.mjs'

export const PORT = 4187

const answers = () =>
  fetch(`http://localhost:${PORT}/`).then(
    () => true,
    () => false,
  )

/** Starts the built server and waits until it answers; it ends with the bench, however that ends. */
export async function startServer() {
  // an old server that was left running would be measured in place of this one
  if (await answers()) throw new Error(`Something answers at port ${PORT} already: end it first.`)
  const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
    env: { ...process.env, PORT: String(PORT), NITRO_PORT: String(PORT) },
    stdio: 'ignore',
  })
  process.on('exit', () => server.kill())
  for (let i = 0; i < 100; i++) {
    if (await answers()) return server
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  throw new Error('the server does not answer')
}

/** Resident memory of the started server after some requests. */
export async function serverBench() {
  const server = await startServer()
  for (let i = 0; i < 20; i++) await fetch(`http://localhost:${PORT}/`)
  const kilobytes = Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1] ?? 0)
  server.kill()
  await once(server, 'close')
  return [row('server, resident memory', [kilobytes / 1024], 'MB', 150)]
}
