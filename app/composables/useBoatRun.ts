import { toRaw, watch } from 'vue'
import type { Project } from '@remigo/core'
import { useWorkerRun } from './useWorkerRun'

/**
 * A long run over a boat in a worker. A change of the boat stops it and makes its result old.
 *
 * @param makeWorker the worker, made when it is first wanted
 * @param boat the boat that is run
 * @param question what the worker is asked about it
 * @returns result, progress as the run tells it, and the handles
 */
export function useBoatRun<R, Q = Project>(
  makeWorker: () => Worker,
  boat: () => Project,
  question: (boat: Project) => Q = project => project as Q,
) {
  const run = useWorkerRun<Q, R>(makeWorker)
  watch(boat, () => {
    run.cancel()
    run.result.value = null
  })
  return { ...run, start: () => run.start(question(toRaw(boat()))) }
}
