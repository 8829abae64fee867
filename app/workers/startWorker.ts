import type { WorkName } from './remigo.worker'

/** A worker beside the page that does one work. */
export const startWorker = (name: WorkName) =>
  new Worker(new URL('./remigo.worker.ts', import.meta.url), { type: 'module', name })
