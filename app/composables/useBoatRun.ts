import { toRaw, watch } from 'vue'
import type { Project } from '@remigo/core'
import type { RunName, RunQuestionOf } from '~/workers/runs'
import { useWorkerRun } from './useWorkerRun'

/**
 * A long run over a boat in a worker. A change of the boat stops it and makes its result old.
 *
 * @param name which run
 * @param boat the boat that is run
 * @param question what is asked about it
 * @returns result, progress as the run tells it, and the handles
 */
export function useBoatRun<N extends RunName>(
  name: N,
  boat: () => Project,
  question: (boat: Project) => RunQuestionOf<N>,
) {
  const run = useWorkerRun(name)
  watch(boat, () => {
    run.cancel()
    run.result.value = null
  })
  return { ...run, start: () => run.start(question(toRaw(boat()))) }
}
