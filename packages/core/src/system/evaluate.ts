import type { Project } from '../project/projectFields'
import { factsOf, type BoatFacts } from './facts'
import { operatingPoint, type OperatingPoint } from './operatingPoint'

/** What is true of the boat whatever the lever says, as far as it is shown. */
export type Summary = Pick<
  BoatFacts,
  'cruise' | 'top' | 'allDaySpeed' | 'minutesSpeed' | 'hullSpeed' | 'payoff' | 'energy' | 'holding'
>

/** The answer: the boat at one speed, and its summary. */
export interface Evaluation extends Summary {
  model: BoatFacts['model']
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
  const { model, cruise, top, allDaySpeed, minutesSpeed, hullSpeed, payoff, energy, holding } = factsOf(project)
  const point = operatingPoint(model, speed)
  return { model, point, cruise, top, allDaySpeed, minutesSpeed, hullSpeed, payoff, energy, holding }
}
