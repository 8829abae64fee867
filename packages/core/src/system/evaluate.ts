import { hullSpeed } from '../hull'
import { checkFindings, type FindingsReport } from '../findings'
import type { Project } from '../project/projectSchema'
import { burrillLoading } from '../propulsor'
import { humpOf, planingReading, steadyBalance } from './curveReading'
import { driveWarming } from './driveHeat'
import { driveTrain } from './driveTrain'
import { curveSpeeds } from './powerCurve'
import { windHolding } from './thrustAvailable'
import { energyBalance, type EnergyBalance } from './energy'
import { modelOf, type Model } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import { payoffSpeed, type Payoff } from './payoff'
import { topSpeed, type TopSpeed } from './topSpeed'

/** State of charge at which the top speed wished should still be reached, and speeds at which a hump is looked for. */
export const LOW_CHARGE = 0.2
const HUMP_SPEEDS = 24

/** What is true of the boat whatever the lever says. */
export interface Summary {
  cruise: OperatingPoint
  /** at the top speed wished */
  top: OperatingPoint
  allDaySpeed: TopSpeed
  minutesSpeed: TopSpeed
  hullSpeed: number
  payoff: Payoff
  energy: EnergyBalance
  findings: FindingsReport
}

/** The answer: the boat at one speed, and its summary. */
export interface Evaluation extends Summary { model: Model, point: OperatingPoint }

const summaries = new WeakMap<Project, Summary>()

/**
 * Evaluates a boat at a speed. The part that does not depend on speed is kept as long as the document lives.
 *
 * @param project the boat
 * @param speed m/s, 0 … 30
 * @returns point, cruise, top, limits, energy, findings
 * @throws RangeError on a speed outside
 */
export function evaluate(project: Project, speed: number): Evaluation {
  const model = modelOf(project)
  let summary = summaries.get(project)
  if (!summary) summaries.set(project, summary = summarise(model))
  return { ...summary, model, point: operatingPoint(model, speed) }
}

function summarise(model: Model): Summary {
  const { use, design, boat } = model.project
  const cruise = operatingPoint(model, use.cruiseSpeed), top = operatingPoint(model, use.topSpeed)
  const warmCruise = driveWarming(model, cruise.drive, cruise.drive), warmTop = driveWarming(model, top.drive, cruise.drive)
  const facts = {
    model, cruise, top,
    allDaySpeed: topSpeed(model, 'allDay'), minutesSpeed: topSpeed(model, 'minutes'),
    hullSpeed: hullSpeed(model.form.lengthWaterline), payoff: payoffSpeed(model), energy: energyBalance(model, cruise.drive),
  }
  const planing = planingReading(model, use.cruiseSpeed)
  const findings = checkFindings({
    ...facts,
    warming: warmCruise && warmTop && { cruise: warmCruise, top: warmTop },
    holding: windHolding(model), topLow: driveTrain(model, use.topSpeed, top.resistance.centre, LOW_CHARGE),
    hump: model.form.bottom ? humpOf(curveSpeeds(model.project, HUMP_SPEEDS).map(v => operatingPoint(model, v))) : null, planing, steadyBalance: planing?.porpoises ? steadyBalance(model, use.cruiseSpeed) : null,
    blades: model.propulsor.kind === 'jet' ? null : burrillLoading(design.propeller, { thrust: top.drive.thrust, shaftSpeed: top.drive.shaftSpeed, waterSpeed: top.drive.advanceSpeed }, boat.drive.shaftDepth, model.water.density),
  })
  const { model: _, ...rest } = facts
  return { ...rest, findings }
}
