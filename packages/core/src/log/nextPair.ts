import { asSetUp, type Project } from '../project'
import { condition, READINGS, type TrialPlan } from '../trial'
import { BAND, measuredOf, modelOf, priorAt, theoryResistance } from '../system'
import { trialCurve } from './trialCurve'

/** A pair that would tell more, and what it would leave: share either way of power at cruise. */
export interface NextPair {
  share: number
  /** m/s that it should give */
  speed: number
  within: number
}

/** Powers that a pair may be run at, as shares of the whole. */
const SHARES = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1]
/** Nearer than this to one that was run it is the same. */
const APART = 0.06

/**
 * The pair that would narrow power at cruise and at top most.
 *
 * @param project the boat with the runs so far among her readings
 * @param plan of the trial
 * @param until m/s to which the curve is known
 * @returns the best share that is not in the plan yet; null when all are
 *
 * Source: variance with the reading added, k** − kᵀ (K + N)⁻¹ k, at cruise and at top, their mean.
 */
export function nextPair(project: Project, plan: TrialPlan, until: number): NextPair | null {
  const model = modelOf(asSetUp(project, undefined)),
    { points, slowLosses } = measuredOf(project),
    curve = trialCurve(project, until)
  const priorOf = (speed: number) => priorAt(model, speed, theoryResistance(model, speed).doubts, true, slowLosses)
  const goals = [project.use.cruiseSpeed, project.use.topSpeed].map(priorOf)
  const seen = points.map(p => ({ ...p.seen, away: 0, noise: Math.sqrt(p.variance) }))
  const left = SHARES.filter(s => plan.steps.every(w => Math.abs(w / plan.most - s) > APART)).map(share => {
    const speed = curve.find(p => p.power >= share * plan.most)?.speed ?? until
    const after = condition([...seen, { ...priorOf(speed), away: 0, noise: READINGS.battery.noise }])
    const sigmas = goals.map(g => after.at(g).sigma)
    return {
      share,
      speed,
      mean: sigmas.reduce((a, b) => a + b, 0) / sigmas.length,
      within: Math.exp(BAND * sigmas[0]!) - 1,
    }
  })
  const best = left.sort((a, b) => a.mean - b.mean)[0]
  return best ? { share: best.share, speed: best.speed, within: best.within } : null
}
