import { asSetUp, edit, trialWith, withEdits, type Project } from '../project'
import { summaryOf, modelOf, operatingPoint } from '../system'
import { pointsOf, speedPlan, type TrialPlan, type TrialRun } from '../trial'

/** Power from the pack at a speed, in calm, with its band. m/s, W. */
export interface TrialCurvePoint {
  speed: number
  power: number
  low: number
  high: number
}

const POINTS = 25

/** W from the pack that the drive may take all day: the whole of a trial's steps. */
export function trialPower(project: Project): number {
  const calm = asSetUp(project, undefined),
    { allDaySpeed, model } = summaryOf(calm)
  const speed = allDaySpeed.outcome === 'none' ? project.use.cruiseSpeed : allDaySpeed.speed
  return operatingPoint(model, Math.min(30, Math.min(speed, 2 * project.use.topSpeed))).drive.packPower
}

/**
 * Power from the pack against speed in calm, as readings stand now.
 *
 * @param project the boat
 * @param until m/s
 * @returns 25 points from rest
 */
export function trialCurve(project: Project, until: number): TrialCurvePoint[] {
  const model = modelOf(asSetUp(project, undefined))
  return Array.from({ length: POINTS }, (_, i) => {
    const speed = (until * i) / (POINTS - 1),
      { drive, packPowerLow, packPowerHigh } = operatingPoint(model, speed)
    return { speed, power: drive.packPower, low: packPowerLow, high: packPowerHigh }
  })
}

/**
 * The plan of a trial by speed: its fastest is what the drive gives all day, and each speed's power is what is expected
 * now.
 *
 * @param project the boat
 * @param shares of the fastest; usual ones where they are left out
 * @returns speeds and powers
 */
export function trialBySpeed(project: Project, shares?: readonly number[]): TrialPlan {
  const calm = asSetUp(project, undefined),
    { allDaySpeed, model } = summaryOf(calm),
    { use } = project
  const fastest = Math.min(30, allDaySpeed.outcome === 'none' ? use.cruiseSpeed : allDaySpeed.speed, 2 * use.topSpeed)
  return speedPlan(trialPower(project), fastest, v => operatingPoint(model, v).drive.packPower, shares)
}

/** The boat with the runs of a trial among her readings, which are used. */
export function withRuns(project: Project, plan: TrialPlan, runs: readonly TrialRun[]): Project {
  const points = pointsOf(plan, runs)
  if (points.length === 0) return project
  const kept = project.trial.points
  return withEdits(project, [edit('trial', { ...trialWith(project, [...kept, ...points]), use: 'measured' })])
}
