// The built server: its memory once started, and the JavaScript that a first view loads.
import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT } from '../scripts/prepare.mjs'

import { row } from './rows.mjs'

export const PORT = 4187

/** Starts the built server and waits until it answers. */
export async function startServer() {
  const server = spawn(process.execPath, [join(ROOT, '.output/server/index.mjs')], {
    env: { ...process.env, PORT: String(PORT), NITRO_PORT: String(PORT) },
    stdio: 'ignore',
  })
  for (let i = 0; i < 100; i++) {
    try {
      await fetch(`http://localhost:${PORT}/`)
      return server
    } catch {
      await new Promise(resolve => setTimeout(resolve, 100))
    }
  }
  throw new Error('the server does not answer')
}

/** Resident memory of the started server after some requests. */
export async function serverBench() {
  const server = await startServer()
  for (let i = 0; i < 20; i++) await fetch(`http://localhost:${PORT}/`)
  const kilobytes = Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))?.[1] ?? 0)
  server.kill()
  return [row('server, resident memory', [kilobytes / 1024], 'MB', 150)]
}
