import { froudeNumber, volumeFroude } from '../../hull'
import type { Model } from '../model'

/** How far along a curve an error of the methods reaches: in Fn, and in FnV for a hull that planes (handbook). */
const REACH = 0.06,
  PLANING_REACH = 0.25
/**
 * On the plane it reaches further the faster she is: what moves the drag there (weight, trim, air, tubes) moves the
 * whole branch. From this FnV on, and so many lengths for each e-fold beyond (judgement).
 */
const PLANES_FROM = 1.6,
  LENGTHS_BEYOND = 0.6

/**
 * Place of a speed along the boat's curve, in lengths over which an error of the methods reaches.
 *
 * @param model the boat
 * @param speed m/s
 * @returns Fn ÷ 0.06, or for a hull that planes FnV ÷ 0.25 up to 1.6 and with its logarithm beyond
 *
 * Source: handbook, one curve.
 */
export function curvePlace(model: Model, speed: number): number {
  if (model.form.bottom === null) return froudeNumber(speed, model.form.lengthWaterline) / REACH
  const fnV = volumeFroude(speed, model.form.volume),
    beyond = Math.max(0, fnV - PLANES_FROM)
  return (
    Math.min(fnV, PLANES_FROM) / PLANING_REACH + LENGTHS_BEYOND * Math.log1p(beyond / (LENGTHS_BEYOND * PLANING_REACH))
  )
}
