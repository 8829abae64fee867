/** What a worker is asked: to run something for a question, or to stop. */
export type RunQuestion<Q> = { id: number, question: Q } | { cancel: true }
/** What it tells: how far it is, and what came out. */
export type RunNews<R> = { id: number, progress: number } | { id: number, result: R }

/**
 * Lets a worker run one generator at a time: each yield is told as progress, a new question or a cancel stops the one before.
 *
 * @param start makes the run for a question
 * @param finish what is done with the outcome before it is told
 */
export function serveRun<Q, R, T = R>(start: (question: Q) => Generator<number, R>, finish: (outcome: R, question: Q) => T | Promise<T> = outcome => outcome as unknown as T) {
  let current = 0
  self.addEventListener('message', async ({ data }: MessageEvent<RunQuestion<Q>>) => {
    if ('cancel' in data) { current = 0; return }
    current = data.id
    const run = start(data.question)
    for (;;) {
      const step = run.next()
      if (current !== data.id) return
      if (step.done) {
        const result = await finish(step.value, data.question)
        if (current === data.id) self.postMessage({ id: data.id, result } satisfies RunNews<T>)
        return
      }
      self.postMessage({ id: data.id, progress: step.value } satisfies RunNews<T>)
      // let a cancel come in
      await new Promise(resolve => setTimeout(resolve))
    }
  })
}
