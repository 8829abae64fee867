import { hiddenOf, SimulatedBoat, type Project } from '@remigo/core'

/** Seconds of the simulated boat: the lines of each, with the moment they belong to, s since 1970. */
export type SimulatedSeconds = { time: number; lines: string[] }[]
/** What the page may ask of the simulated boat. */
export interface Simulation {
  /** begins; returns the most that her drive takes, W */
  start(
    boat: { project: Project; seed: number; time: number; course: number },
    tell: (s: SimulatedSeconds) => unknown,
  ): number
  steer(power: number, course: number): void
  hurry(times: number): void
}

/** ms between two ticks */
const TICK = 100
/** Runs the simulated boat for the page. */
export function serveSimulation(): Simulation {
  let boat: SimulatedBoat | null = null
  let tell: (s: SimulatedSeconds) => unknown = () => undefined
  let fast = 1
  /** seconds of the boat that are due and not yet run */
  let due = 0
  let last = performance.now()

  setInterval(() => {
    const now = performance.now()
    // a worker that slept does not run after all that it missed
    due += Math.min(2, (now - last) / 1000) * fast
    last = now
    if (!boat || due < 1) return
    const seconds: SimulatedSeconds = []
    for (; due >= 1; due--) {
      boat.step()
      seconds.push({ time: boat.truth.time, lines: boat.sentences() })
    }
    tell(seconds)
  }, TICK)

  return {
    start({ project, seed, time, course }, to) {
      boat = new SimulatedBoat(project, hiddenOf(project, seed), { time, seed, course })
      tell = to
      due = 0
      last = performance.now()
      return boat.most
    },
    steer: (power, course) => boat?.steer(power, course),
    hurry: times => {
      fast = times
    },
  }
}
