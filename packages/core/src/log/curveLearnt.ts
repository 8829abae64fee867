import { edit, withEdits, type Project } from '../project'
import { BAND, evaluate } from '../system'

/** How well power at cruise is known: share either way, by the number of trips that are in. */
export interface LearntStep {
  trips: number
  /** ± share at cruise */
  within: number
}

/** Steps that are worked out at most. */
const MOST = 16

/**
 * How the log has narrowed the curve since the beginning: without readings, with the sea trial, with more and more
 * trips.
 *
 * @param project the boat
 * @returns prior, trial, then by trips; the last is today's
 */
export function curveLearnt(project: Project): { before: number; trial: number | null; steps: LearntStep[] } {
  const { trips } = project.log
  const within = (boat: Project) =>
    Math.exp(BAND * evaluate(boat, boat.use.cruiseSpeed).point.resistance.powerSigma) - 1
  const none = withEdits(project, [edit('trial.use', 'theory')])
  const count = (n: number) =>
    withEdits(project, [edit('log', { ...project.log, trips: trips.slice(0, n) }), edit('trial.use', 'measured')])
  const hasTrial = project.trial.points.length > 0
  const numbers =
    trips.length <= MOST
      ? trips.map((_, i) => i + 1)
      : Array.from({ length: MOST }, (_, i) => Math.round(1 + (i * (trips.length - 1)) / (MOST - 1)))
  return {
    before: within(none),
    trial: hasTrial ? within(count(0)) : null,
    steps: numbers.map(n => ({ trips: n, within: within(count(n)) })),
  }
}
