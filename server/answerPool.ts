import { fileURLToPath } from 'node:url'
import Tinypool from 'tinypool'
import { refused, type Answer } from './answers/answering'
import type { Ask } from './answers'

/** Answers worked out at one time, and how many more may wait; beyond, a visitor is asked to come again. */
const AT_ONCE = 2,
  WAITING = 256
/** A worker that has nothing to do ends, and gives its memory back: ms. */
const IDLE = 10_000
/** s after which one may come again. */
export const RETRY_AFTER = 2

let pool: Tinypool | null = null
/** How many are asked for and not answered yet. */
let open = 0

/**
 * Answers a request in a worker.
 *
 * @param ask what is asked
 * @returns the answer; 503 while too many wait
 */
export async function answerInPool(ask: Ask): Promise<Answer> {
  // in development the server's files are not built: the answer is worked out here
  if (import.meta.dev) return (await import('./answers')).default(ask)
  if (open >= AT_ONCE + WAITING) return refused(503, 'server', `Too many ask at once. Ask again in ${RETRY_AFTER} s.`)
  pool ??= new Tinypool({
    filename: fileURLToPath(new URL('answers.mjs', workers())),
    // processes of their own: what a burst took goes back when they end
    runtime: 'child_process',
    minThreads: 0,
    maxThreads: AT_ONCE,
    idleTimeout: IDLE,
  })
  open++
  try {
    return (await pool.run(ask)) as Answer
  } finally {
    open--
  }
}

/** Where the build puts what workers run: beside the server's own entry. */
const workers = () => new URL('workers/', `file://${process.argv[1]!.replace(/[^/]*$/, '')}`)

/** Lets go of the workers, as the server stops. */
export const closePool = async (): Promise<void> => void (await pool?.destroy())
