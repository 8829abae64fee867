import { checkFindings, type Facts, type FindingsReport, type RawFinding } from '../findings'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import type { Project } from '../project/projectSchema'
import type { EnergyBalance } from './energy'
import { factsOf } from './facts'
import { modelOf, type Model } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import type { Payoff } from './payoff'
import type { WindHolding } from './thrustAvailable'
import { provable } from './provenFixes'
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
}

/** The answer: the boat at one speed, and its summary. */
export interface Evaluation extends Summary {
  model: Model
  point: OperatingPoint
  /** what does not fit; the rules run when it is first read */
  readonly findings: FindingsReport
}

/** What is worked out once for a document, and its findings by the library that their fixes choose from. */
interface Worked { facts: Facts, raw: WeakMap<Library, FindingsReport<RawFinding>>, findings: WeakMap<Library, FindingsReport> }

const worked = new WeakMap<Project, Worked>()

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
  const { cruise, top, allDaySpeed, minutesSpeed, hullSpeed, payoff, energy, holding } = workedOf(project).facts
  return { model, point: operatingPoint(model, speed), cruise, top, allDaySpeed, minutesSpeed, hullSpeed, payoff, energy, holding, get findings() { return findingsWith(project) } }
}

/**
 * What does not fit, with fixes chosen from the library that ships or one's own.
 *
 * @param project the boat
 * @param library parts that a fix may offer
 * @returns findings, worst first
 */
export function findingsWith(project: Project, library: Library = SHIPPED_LIBRARY): FindingsReport {
  const { findings } = workedOf(project)
  const known = findings.get(library)
  if (known) return known
  const report = provable(project, library, rawFindings(project, library), rawFindings)
  findings.set(library, report)
  return report
}

/** What does not fit, without trying the fixes: what a boat on trial is judged by. */
function rawFindings(project: Project, library: Library): FindingsReport<RawFinding> {
  const { facts, raw } = workedOf(project), known = raw.get(library)
  if (known) return known
  const report = checkFindings({ ...facts, library })
  raw.set(library, report)
  return report
}

function workedOf(project: Project): Worked {
  const known = worked.get(project)
  if (known) return known
  const made: Worked = { facts: factsOf(modelOf(project)), raw: new WeakMap(), findings: new WeakMap() }
  worked.set(project, made)
  return made
}
