import { hiddenOf, SimulatedBoat, type Project } from '@remigo/core'

/** What the simulated boat is told. */
export type SimulationOrder =
  | { start: { project: Project; seed: number; time: number; course: number } }
  | { steer: { power: number; course: number } }
  | { fast: number }
/** What it says: lines of a second with the moment they belong to, s since 1970; the most that its drive takes, W. */
export type SimulationNews = { most: number } | { seconds: { time: number; lines: string[] }[] }

/** ms between two ticks */
const TICK = 100
/** Runs the simulated boat for the page. */
export function serveSimulation() {
  let boat: SimulatedBoat | null = null
  let fast = 1
  /** seconds of the boat that are due and not yet run */
  let due = 0
  let last = performance.now()

  self.addEventListener('message', ({ data }: MessageEvent<SimulationOrder>) => {
    if ('start' in data) {
      const { project, seed, time, course } = data.start
      boat = new SimulatedBoat(project, hiddenOf(project, seed), { time, seed, course })
      due = 0
      last = performance.now()
      self.postMessage({ most: boat.most } satisfies SimulationNews)
    } else if ('steer' in data) boat?.steer(data.steer.power, data.steer.course)
    else fast = data.fast
  })

  setInterval(() => {
    const now = performance.now()
    // a worker that slept does not run after all that it missed
    due += Math.min(2, (now - last) / 1000) * fast
    last = now
    if (!boat || due < 1) return
    const seconds: { time: number; lines: string[] }[] = []
    for (; due >= 1; due--) {
      boat.step()
      seconds.push({ time: boat.truth.time, lines: boat.sentences() })
    }
    self.postMessage({ seconds } satisfies SimulationNews)
  }, TICK)
}
