/**
 * What a worker is asked: to run something for a question, to stop, or to rest a moment because the owner moves the
 * lever.
 */
export type RunQuestion<Q> = { id: number; question: Q } | { cancel: true } | { giveWay: true }
/** What it tells: how far it is, and what came out. */
export type RunNews<R> = { id: number; progress: number } | { id: number; result: R }

/** ms of work between two looks at what it was told meanwhile */
const SLICE = 10
/** ms between two tellings of progress: each has the page render and paint, which the lever would wait for */
const TELL_EVERY = 200
/** ms that a run rests after each step of the lever, so that the picture of that step has the processor for itself */
const GIVE_WAY = 60

/** Lets messages come in, without the 4 ms that a timer would wait. */
const mailbox = new MessageChannel()
const messagesIn = () =>
  new Promise<void>(resolve => {
    mailbox.port1.onmessage = () => resolve()
    mailbox.port2.postMessage(null)
  })

/**
 * Lets a worker run one generator at a time: what it yields is told as progress, if the last was told a while ago.
 * Between slices of work a cancel or a new question stops it,
 * and a step of the lever has it rest.
 *
 * @param start makes the run for a question; what it returns is told once it is there
 */
export function serveRun<Q, R>(start: (question: Q) => Generator<number, R>) {
  let current = 0,
    restUntil = 0
  self.addEventListener('message', async ({ data }: MessageEvent<RunQuestion<Q>>) => {
    if ('cancel' in data) {
      current = 0
      return
    }
    if ('giveWay' in data) {
      restUntil = performance.now() + GIVE_WAY
      return
    }
    current = data.id
    const run = start(data.question)
    let told = -Infinity
    for (;;) {
      const step = workOn(run)
      if (step.done) {
        const result = await step.value
        if (current === data.id) self.postMessage({ id: data.id, result } satisfies RunNews<Awaited<R>>)
        return
      }
      if (performance.now() - told >= TELL_EVERY) {
        told = performance.now()
        self.postMessage({ id: data.id, progress: step.value } satisfies RunNews<Awaited<R>>)
      }
      await messagesIn()
      for (let rest; (rest = restUntil - performance.now()) > 0;)
        await new Promise(resolve => setTimeout(resolve, rest))
      if (current !== data.id) return
    }
  })
}

/** Takes a run as far as a slice of time allows. */
function workOn<R>(run: Generator<number, R>): IteratorResult<number, R> {
  const until = performance.now() + SLICE
  let step = run.next()
  while (!step.done && performance.now() < until) step = run.next()
  return step
}
