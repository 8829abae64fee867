import { checkFindings, type FindingsReport } from '../findings'
import type { Project } from '../project/projectSchema'
import type { EnergyBalance } from './energy'
import { factsOf } from './facts'
import { modelOf, type Model } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import type { Payoff } from './payoff'
import type { WindHolding } from './thrustAvailable'
import type { TopSpeed } from './topSpeed'

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
  /** thrust at the quay against a strong wind on her bow */
  holding: WindHolding
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
  const facts = factsOf(model)
  const { cruise, top, allDaySpeed, minutesSpeed, hullSpeed, payoff, energy, holding } = facts
  return { cruise, top, allDaySpeed, minutesSpeed, hullSpeed, payoff, energy, holding, findings: checkFindings(facts) }
}
