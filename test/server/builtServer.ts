import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { createInterface } from 'node:readline'
import type { TestProject } from 'vitest/node'

declare module 'vitest' {
  interface ProvidedContext {
    /** where the built server is asked */
    server: string
  }
}

const BUILT = '.output/server/index.mjs'

/** Starts the built server on a free port for the tests that ask it; ends it after them. */
export default async function setup({ provide }: TestProject) {
  if (!existsSync(BUILT)) throw new Error(`${BUILT} is missing: npm run build makes it.`)
  const server = spawn(process.execPath, [BUILT], {
    env: { ...process.env, PORT: '0', NITRO_PORT: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  for await (const line of createInterface({ input: server.stdout })) {
    const at = /Listening on (\S+)/.exec(line)?.[1]
    if (!at) continue
    provide('server', at)
    return () => void server.kill()
  }
  throw new Error('The built server ended before it listened.')
}
