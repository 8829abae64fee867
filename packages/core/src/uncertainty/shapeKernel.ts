import { cholesky } from '../numeric'
import { curvePlace, type Model } from '../system'

/**
 * Draws shapes that are correlated over speed: standard normal at each speed, alike at speeds that are near.
 *
 * @param model the boat
 * @param speeds m/s
 * @returns function from independent standard normals to correlated ones, one for each speed
 *
 * Source: k = exp(−(x₁ − x₂)²/2), x the place along the curve, factorised by Cholesky.
 */
export function shapeKernel(model: Model, speeds: readonly number[]): (z: readonly number[]) => number[] {
  const at = speeds.map(v => curvePlace(model, v))
  const lower = cholesky(at.map(a => at.map(b => Math.exp(-0.5 * (a - b) ** 2))))
  return z => lower.map(row => row.reduce((sum, l, k) => sum + l * z[k]!, 0))
}
