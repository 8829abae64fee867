import { findRoot } from '../numeric'
import type { Project } from '../project/projectFields'
import { asSetUp } from '../project/runSetup'
import { fitTrial, trialRuns, type TrialOutcome } from '../trial'
import { driveTrain } from './driveTrain'
import { bandOf, theoryResistance, withoutBand, type HullResistance } from './theoryResistance'
import { modelOf, type Model } from './model'

const outcomes = new WeakMap<Project, TrialOutcome>()

/**
 * The boat's sea trial as a factor on the theory, each run through the drive, house and weight that it was made with:
 * what carries over to another
 * drive is resistance. Kept as long as the document lives.
 *
 * @param project the boat
 * @returns the fit, or why there is none
 */
export function measuredOf(project: Project): TrialOutcome {
  let found = outcomes.get(project)
  if (!found) outcomes.set(project, (found = measure(project)))
  return found
}

function measure(project: Project): TrialOutcome {
  const asThen = project.trial.setups.map(setup => modelOf(asSetUp(project, setup)))
  return fitTrial(
    trialRuns(project.trial.points).map(run => {
      const model = asThen[run.setup] ?? modelOf(project)
      const theory = theoryResistance(withoutBand(model), run.speed).centre
      return { ...run, theory, resistance: resistanceOfPower(model, run.speed, run.power) }
    }),
  )
}

/**
 * Resistance at which the drive takes a given power from the battery.
 *
 * @param model the boat
 * @param speed m/s
 * @param power W at the battery, house included
 * @returns N; 0 when the power does not even cover house and idle
 */
export function resistanceOfPower(model: Model, speed: number, power: number): number {
  const most = Math.max(10, (1.2 * power) / speed)
  const found = findRoot(r => driveTrain(model, speed, r).packPower - power, 0, most, 1e-3)
  return found.outcome === 'noBracket' ? 0 : found.x
}

/** The theory with the measured factor on it, where the owner wants that and the runs carry it. */
export function measuredResistance(model: Model, speed: number): HullResistance {
  const theory = theoryResistance(model, speed)
  if (model.project.trial.use !== 'measured') return theory
  const fit = measuredOf(model.project)
  if (fit.outcome !== 'fitted') return theory
  // the fit says two standard deviations; drive, weight and bottom are in what was measured
  const sigma = fit.spread(speed) / 2
  return {
    ...theory,
    ...bandOf(theory.centre * fit.factor(speed), sigma),
    doubts: { methods: sigma, weight: 0, bottom: 0, form: 0, margin: 0 },
  }
}
