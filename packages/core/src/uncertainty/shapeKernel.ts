import { froudeNumber, volumeFroude } from '../hull'
import type { Model } from '../system'

/** How far along a curve an error of the methods reaches: in Fn, and in FnV for a hull that planes (handbook). */
const REACH = 0.06,
  PLANING_REACH = 0.25
/** Keeps a matrix of nearly equal rows solvable. */
const JITTER = 1e-6

/**
 * Draws shapes that are correlated over speed: standard normal at each speed, alike at speeds that are near.
 *
 * @param model the boat
 * @param speeds m/s
 * @returns function from independent standard normals to correlated ones, one for each speed
 *
 * Source: k = exp(−(Fn₁ − Fn₂)²/(2 ℓ²)), factorised by Cholesky.
 */
export function shapeKernel(model: Model, speeds: readonly number[]): (z: readonly number[]) => number[] {
  const planes = model.form.bottom !== null
  const at = speeds.map(v =>
    planes ? volumeFroude(v, model.form.volume) / PLANING_REACH : froudeNumber(v, model.form.lengthWaterline) / REACH,
  )
  const n = at.length
  const lower: number[][] = []
  for (let i = 0; i < n; i++) {
    lower.push([])
    for (let j = 0; j <= i; j++) {
      let sum = Math.exp(-0.5 * (at[i]! - at[j]!) ** 2) + (i === j ? JITTER : 0)
      for (let k = 0; k < j; k++) sum -= lower[i]![k]! * lower[j]![k]!
      lower[i]!.push(i === j ? Math.sqrt(Math.max(JITTER, sum)) : sum / lower[j]![j]!)
    }
  }
  return z => lower.map(row => row.reduce((sum, l, k) => sum + l * z[k]!, 0))
}
