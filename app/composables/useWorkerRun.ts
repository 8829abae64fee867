import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import { proxy } from 'comlink'
import { whenLeverRests } from '~/directives/whileLeverMoves'
import type { RunAnswerOf, RunName, RunQuestionOf } from '~/workers/runs'
import type { WorkerRun } from '~/workers/serveRun'
import { startWorker, type WorkerLine } from '~/workers/startWorker'
import { useViewStore } from '~/stores/view'

/**
 * A long run in a worker, with progress and cancel. It gives way to the lever: on a machine of two cores the picture of
 * a step would else wait for it. What goes wrong is told, and can be tried again.
 *
 * @param name which run; its worker is made when it is first wanted
 * @returns result, progress as the run tells it while the lever rests, why it failed (empty where it did not), and the
 *   handles
 */
export function useWorkerRun<N extends RunName>(name: N) {
  type Q = RunQuestionOf<N>
  type R = RunAnswerOf<N>
  const result = shallowRef<R | null>(null)
  const progress = ref(0)
  const running = ref(false)
  const failed = ref('')
  let line: WorkerLine<WorkerRun<Q, R>> | null = null
  let id = 0
  let last: (() => Promise<void>) | null = null
  /** the page would be laid out under the owner's hand */
  const telling = {},
    answering = {}

  function start(question: Q): Promise<void> {
    last = () => start(question)
    return run(question, ++id)
  }
  async function run(question: Q, mine: number) {
    running.value = true
    progress.value = 0
    failed.value = ''
    const asked = (line ??= startWorker(name))
    const tell = proxy((share: number) =>
      whenLeverRests(telling, () => {
        if (mine === id && running.value) progress.value = share
      }),
    )
    try {
      const answer = await asked.ask(worker => worker.run(question as never, tell))
      whenLeverRests(answering, () => {
        if (mine !== id || !answer) return
        result.value = answer.result as R
        running.value = false
      })
    } catch (error) {
      // what has thrown once may be in any state: the next question gets a new worker
      asked.end()
      if (line === asked) line = null
      if (mine !== id) return
      // what stood there belongs to another question
      result.value = null
      failed.value = error instanceof Error ? error.message : String(error)
      running.value = false
    }
  }
  function cancel() {
    tellWorker(worker => worker.stop())
    id += 1
    running.value = false
    failed.value = ''
  }
  /** What needs no answer; where the worker is lost, the run itself hears of it. */
  const tellWorker = (say: Parameters<WorkerLine<WorkerRun<Q, R>>['ask']>[0]) =>
    void line?.ask(say).catch(() => undefined)
  const view = useViewStore()
  watch(
    () => view.speed,
    () => {
      if (running.value) tellWorker(worker => worker.giveWay())
    },
    { flush: 'sync' },
  )
  onScopeDispose(() => line?.end())
  return { result, progress, running, failed, start, again: () => last?.(), cancel }
}
