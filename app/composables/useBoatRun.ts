import { onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue'
import type { Project } from '@remigo/core'
import type { RunNews, RunQuestion } from '~/workers/serveRun'

/**
 * A long run over a boat in a worker, with progress and cancel. A change of the boat stops it and makes its result old.
 *
 * @param makeWorker the worker, made when it is first wanted
 * @param boat the boat that is run
 * @returns result, progress as the run tells it, and the handles
 */
export function useBoatRun<R>(makeWorker: () => Worker, boat: () => Project) {
  const result = shallowRef<R | null>(null)
  const progress = ref(0)
  const running = ref(false)
  let worker: Worker | null = null
  let id = 0

  function start() {
    worker ??= connect()
    running.value = true
    progress.value = 0
    id += 1
    worker.postMessage({ id, question: toRaw(boat()) } satisfies RunQuestion<Project>)
  }
  function connect(): Worker {
    const made = makeWorker()
    made.addEventListener('message', ({ data }: MessageEvent<RunNews<R>>) => {
      if (data.id !== id) return
      if ('progress' in data) { progress.value = data.progress; return }
      result.value = data.result
      running.value = false
    })
    return made
  }
  function cancel() {
    worker?.postMessage({ cancel: true })
    id += 1
    running.value = false
  }
  watch(boat, () => {
    cancel()
    result.value = null
  })
  onScopeDispose(() => worker?.terminate())
  return { result, progress, running, start, cancel }
}
