import type { Project } from '../project/definition/projectFields'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import { summaryOf, type Summary } from './summary'

/** The answer: the boat at one speed, and its summary. */
export interface Evaluation extends Summary {
  point: OperatingPoint
}

/**
 * Evaluates a boat at a speed. The part that does not depend on speed is kept as long as the document lives.
 *
 * @param project the boat
 * @param speed m/s, 0 … 30
 * @returns point, cruise, top, limits, energy
 * @throws RangeError on a speed outside
 */
export function evaluate(project: Project, speed: number): Evaluation {
  const summary = summaryOf(project)
  return { ...summary, point: operatingPoint(summary.model, speed) }
}
