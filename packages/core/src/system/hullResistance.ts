import { measuredResistance } from './measured'
import type { Model } from './model'
import { theoryResistance, withoutBand, type HullResistance } from './theoryResistance'

/**
 * The boat's resistance at a speed: the measured curve where the owner uses it, else what the methods recommend.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N
 */
export function hullResistance(model: Model, speed: number): HullResistance {
  return model.project.trial.use === 'measured' ? measuredResistance(model, speed) : theoryResistance(model, speed)
}

/**
 * The centre of the boat's resistance at a speed, for what needs no band: searches, limits, thrust.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @returns N, the same as hullResistance's centre
 */
export function centreResistance(model: Model, speed: number): number {
  return hullResistance(withoutBand(model), speed).centre
}
