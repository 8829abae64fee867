import { froudeNumber, volumeFroude } from '../../hull'
import type { Model } from '../model'

/** How far along a curve an error of the methods reaches: in Fn, and in FnV for a hull that planes (handbook). */
const REACH = 0.06,
  PLANING_REACH = 0.25

/**
 * Place of a speed along the boat's curve, in lengths over which an error of the methods reaches.
 *
 * @param model the boat
 * @param speed m/s
 * @returns Fn ÷ 0.06, or for a hull that planes FnV ÷ 0.25
 *
 * Source: handbook, one curve.
 */
export function curvePlace(model: Model, speed: number): number {
  return model.form.bottom !== null
    ? volumeFroude(speed, model.form.volume) / PLANING_REACH
    : froudeNumber(speed, model.form.lengthWaterline) / REACH
}
