import { wrap, type Remote } from 'comlink'
import type { WorkName } from './remigo.worker'

/** A worker beside the page, and how it is spoken to. */
export interface WorkerLine<T> {
  /** asks something of it: an answer, or an error, which comes to the asker whatever went wrong */
  ask<R>(question: (remote: Remote<T>) => R): Promise<Awaited<R>>
  /** fails when the worker cannot be had, or dies */
  lost: Promise<never>
  end(): void
}

/**
 * A worker beside the page that does one work. What it throws is thrown here; so is that its script cannot be had, as
 * when a newer Remigo has taken its place on the server, or that it dies.
 *
 * @param name its work
 * @returns the line to it
 */
export function startWorker<T>(name: WorkName): WorkerLine<T> {
  const worker = new Worker(new URL('./remigo.worker.ts', import.meta.url), { type: 'module', name })
  const remote = wrap<T>(worker)
  const lost = new Promise<never>((_, reject) => {
    for (const kind of ['error', 'messageerror'])
      worker.addEventListener(kind, event =>
        reject(new Error((event as ErrorEvent).message || 'a part of Remigo could not be loaded')),
      )
  })
  // nobody asks: nobody needs to hear it
  lost.catch(() => undefined)
  return {
    lost,
    ask: async question => Promise.race([question(remote), lost]) as Promise<never>,
    end: () => worker.terminate(),
  }
}
