/** What a worker with a long run can be asked. One run goes at a time: a new question stops the one before. */
export interface WorkerRun<Q, R> {
  /**
   * Runs for a question.
   *
   * @param question what is asked
   * @param tell is told how far it is
   * @returns what came out; null where it was stopped
   * @throws whatever the run throws
   */
  run(question: Q, tell: (share: number) => unknown): Promise<{ result: R } | null>
  stop(): void
  /** rests a moment, because the owner moves the lever */
  giveWay(): void
}

/** ms of work between two looks at what it was told meanwhile */
const SLICE = 10
/** ms between two tellings of progress: each has the page render and paint, which the lever would wait for */
const TELL_EVERY = 200
/** ms that a run rests after each step of the lever, so that the picture of that step has the processor for itself */
const GIVE_WAY = 60

/** Lets messages come in, without the 4 ms that a timer would wait. */
function messagesIn(): Promise<void> {
  const { port1, port2 } = new MessageChannel()
  return new Promise(resolve => {
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(null)
  })
}

/**
 * Lets a worker run one generator at a time: what it yields is told as progress, if the last was told a while ago.
 * Between slices of work a stop or a new question ends it, and a step of the lever has it rest.
 *
 * @param start makes the run for a question
 * @returns what the page may ask
 */
export function serveRun<Q, R>(start: (question: Q) => Generator<number, R>): WorkerRun<Q, Awaited<R>> {
  let current = 0,
    restUntil = 0
  return {
    stop: () => {
      current++
    },
    giveWay: () => {
      restUntil = performance.now() + GIVE_WAY
    },
    async run(question, tell) {
      const mine = ++current,
        run = start(question)
      let told = -Infinity
      for (;;) {
        const step = workOn(run)
        if (step.done) {
          const result = await step.value
          return current === mine ? { result } : null
        }
        if (performance.now() - told >= TELL_EVERY) {
          told = performance.now()
          tell(step.value)
        }
        await messagesIn()
        for (let rest; (rest = restUntil - performance.now()) > 0;)
          await new Promise(resolve => setTimeout(resolve, rest))
        if (current !== mine) return null
      }
    },
  }
}

/** Takes a run as far as a slice of time allows. */
function workOn<R>(run: Generator<number, R>): IteratorResult<number, R> {
  const until = performance.now() + SLICE
  let step = run.next()
  while (!step.done && performance.now() < until) step = run.next()
  return step
}
