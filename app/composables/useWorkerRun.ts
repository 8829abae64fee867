import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { whenLeverRests } from '~/directives/whileLeverMoves'
import type { RunAnswerOf, RunName, RunQuestionOf } from '~/workers/runs'
import type { RunNews, RunQuestion } from '~/workers/serveRun'
import { startWorker } from '~/workers/startWorker'
import { useViewStore } from '~/stores/view'

/**
 * A long run in a worker, with progress and cancel. It gives way to the lever: on a machine of two cores the picture of
 * a step would else wait for it.
 *
 * @param name which run; its worker is made when it is first wanted
 * @returns result, progress as the run tells it while the lever rests, and the handles
 */
export function useWorkerRun<N extends RunName>(name: N) {
  type Q = RunQuestionOf<N>
  type R = RunAnswerOf<N>
  const result = shallowRef<R | null>(null)
  const progress = ref(0)
  const running = ref(false)
  let worker: Worker | null = null
  let id = 0

  function start(question: Q) {
    worker ??= connect()
    running.value = true
    progress.value = 0
    id += 1
    worker.postMessage({ id, question } satisfies RunQuestion<Q>)
  }
  function connect(): Worker {
    const made = startWorker(name)
    made.addEventListener('message', ({ data }: MessageEvent<RunNews<R>>) => {
      if (data.id !== id) return
      // the page would be laid out under the owner's hand
      whenLeverRests(made, () => {
        if (data.id !== id) return
        if ('progress' in data) {
          progress.value = data.progress
          return
        }
        result.value = data.result
        running.value = false
      })
    })
    return made
  }
  function cancel() {
    worker?.postMessage({ cancel: true })
    id += 1
    running.value = false
  }
  const view = useViewStore()
  watch(
    () => view.speed,
    () => {
      if (running.value) worker?.postMessage({ giveWay: true } satisfies RunQuestion<Q>)
    },
    { flush: 'sync' },
  )
  onScopeDispose(() => worker?.terminate())
  return { result, progress, running, start, cancel }
}
