import { searchDesigns, type DesignSearch, type Project } from '@remigo/core'

/** What the page asks, and what it is told. A new question stops the one before. */
export interface DesignQuestion { id: number, project: Project }
export type DesignNews = { id: number, share: number } | { id: number, search: DesignSearch }

let current = 0

self.addEventListener('message', async ({ data }: MessageEvent<DesignQuestion | { cancel: true }>) => {
  if ('cancel' in data) { current = 0; return }
  current = data.id
  const run = searchDesigns(data.project)
  for (;;) {
    const step = run.next()
    if (current !== data.id) return
    if (step.done) {
      self.postMessage({ id: data.id, search: step.value } satisfies DesignNews)
      return
    }
    self.postMessage({ id: data.id, share: step.value } satisfies DesignNews)
    // let a cancel come in
    await new Promise(resolve => setTimeout(resolve))
  }
})
