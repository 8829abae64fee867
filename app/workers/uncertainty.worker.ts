import { sampleBoat, type Project, type UncertaintyReport } from '@remigo/core'

/** What the page asks, and what it is told. A new question stops the one before. */
export interface UncertaintyQuestion { id: number, project: Project, samples: number, seed: number }
export type UncertaintyNews = { id: number, done: number } | { id: number, report: UncertaintyReport }

let current = 0

self.addEventListener('message', async ({ data }: MessageEvent<UncertaintyQuestion | { cancel: true }>) => {
  if ('cancel' in data) { current = 0; return }
  current = data.id
  const run = sampleBoat(data.project, data.samples, data.seed)
  for (;;) {
    const step = run.next()
    if (current !== data.id) return
    if (step.done) {
      self.postMessage({ id: data.id, report: step.value } satisfies UncertaintyNews)
      return
    }
    self.postMessage({ id: data.id, done: step.value } satisfies UncertaintyNews)
    // let a cancel come in
    await new Promise(resolve => setTimeout(resolve))
  }
})
