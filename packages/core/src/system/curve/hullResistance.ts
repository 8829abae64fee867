import { measuredResistance } from './measuredResistance'
import type { Model } from '../model'
import { theoryResistance, withoutBand, type HullResistance } from './theoryResistance'

/**
 * Whether the boat's own readings correct the curve.
 *
 * @param model the boat
 * @returns true when there are some and the owner uses them
 */
export const isMeasured = ({ project: { trial, log } }: Model): boolean =>
  trial.use === 'measured' && trial.points.length + log.trips.length > 0

/**
 * The boat's resistance at a speed: what the methods recommend, corrected by her own readings where there are some.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N
 */
export function hullResistance(model: Model, speed: number): HullResistance {
  return isMeasured(model) ? measuredResistance(model, speed) : theoryResistance(model, speed)
}

/**
 * The same boat made ready for searches that need no band. What a reading corrects hangs on the band, so that a boat
 * with readings is worked out whole.
 *
 * @param model the boat
 * @returns a model with the same centre, in half the time without readings
 */
export const forCentre = (model: Model): Model => (isMeasured(model) ? model : withoutBand(model))

/**
 * The centre of the boat's resistance at a speed, for what needs no band: searches, limits, thrust.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N, the same as hullResistance's centre
 */
export function centreResistance(model: Model, speed: number): number {
  return hullResistance(forCentre(model), speed).centre
}
