import { shuffler } from 'd3-array'
import { randomLcg } from 'd3-random'

/**
 * Latin hypercube: each of the dimensions is cut in as many strata as there are samples, and each stratum is met once.
 *
 * @param samples how many, 1 or more
 * @param dimensions how many
 * @param seed the same seed gives the same samples
 * @returns samples × dimensions numbers between 0 and 1
 * @example latinHypercube(4, 1, 7).length // 4
 *
 * Source: McKay, Beckman & Conover 1979.
 */
export function latinHypercube(samples: number, dimensions: number, seed: number): Float64Array[] {
  const random = randomLcg(seed)
  const shuffle = shuffler(random)
  const columns = Array.from({ length: dimensions }, () =>
    shuffle(Float64Array.from({ length: samples }, (_, i) => (i + random()) / samples)),
  )
  return Array.from({ length: samples }, (_, i) => Float64Array.from(columns, column => column[i]!))
}

/**
 * Standard normal number of a share, by Acklam's rational approximation (1e-9).
 *
 * @param p between 0 and 1
 * @returns z
 * @example normalQuantile(0.975) // 1.960
 *
 * Source: Acklam 2003 (from memory of; the test holds it to the normal table).
 */
export function normalQuantile(p: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
  ]
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572]
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ]
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416]
  const poly = (k: readonly number[], x: number) => k.reduce((s, v) => s * x + v, 0)
  if (p < 0.02425) {
    const q = Math.sqrt(-2 * Math.log(Math.max(1e-12, p)))
    return poly(c, q) / (poly(d, q) * q + 1)
  }
  if (p > 1 - 0.02425) return -normalQuantile(1 - p)
  const q = p - 0.5,
    r = q * q
  return (poly(a, r) * q) / (poly(b, r) * r + 1)
}
