import { cubicAt, type OpenWater } from './bSeries'

/**
 * Advance ratio at which a propeller gives the thrust wanted: the root of KT(J) = c J², c = T / (ρ Va² D²).
 * KT falls and c J² rises, so there is one root; Newton's steps, held in a bracket.
 *
 * @param water the propeller's cubics
 * @param loading c, > 0
 * @returns J, > 0
 * @throws RangeError when c is not a positive number
 * @example operatingAdvance({ kt: [0.4, -0.4, 0, 0], kq: [0, 0, 0, 0] }, 0.4) // 0.6180
 */
export function operatingAdvance(water: OpenWater, loading: number): number {
  if (!(loading > 0) || !Number.isFinite(loading)) throw new RangeError(`loading must be above 0; got ${loading}`)
  const [a, b, c, d] = water.kt
  const c2 = c - loading
  let low = 0,
    high = 2.2 // KT is negative well before J = 2.2 for every P/D of the series
  let j = Math.min(1, Math.sqrt(a / (loading + 0.3)))
  for (let i = 0; i < 60; i++) {
    const f = ((d * j + c2) * j + b) * j + a
    if (f > 0) low = j
    else high = j
    const slope = (3 * d * j + 2 * c2) * j + b
    let next = j - f / slope
    if (!(next > low && next < high)) next = (low + high) / 2
    if (Math.abs(next - j) < 1e-9) return next
    j = next
  }
  return j
}

/** No propeller does better in open water, whatever a polynomial says beyond its range (common practice). */
const BEST_EFFICIENCY = 0.9

/**
 * Torque coefficient KQ of a propeller that pulls: beyond the tested range, where the polynomial falls faster than the
 * thrust does, no less than what the thrust itself takes.
 *
 * @param water the propeller's cubics
 * @param j advance ratio
 * @returns KQ, ≥ 0
 * @example torqueCoefficient({ kt: [0.3, -0.2, 0, 0], kq: [0.04, -0.03, 0, 0] }, 1.4) // 0.004951
 *
 * Source: ηO = J/(2π) · KT/KQ ≤ 0.9.
 */
export function torqueCoefficient(water: OpenWater, j: number): number {
  const least = (j * Math.max(0, cubicAt(water.kt, j))) / (2 * Math.PI * BEST_EFFICIENCY)
  return Math.max(least, cubicAt(water.kq, j))
}

/**
 * Open-water efficiency ηO = J/(2π) · KT/KQ.
 *
 * @param water the propeller's cubics
 * @param j advance ratio
 * @returns ηO; 0 where KT is not positive
 * @example openWaterEfficiency({ kt: [0.3, 0, 0, 0], kq: [0.04, 0, 0, 0] }, 0.5) // 0.5968
 */
export function openWaterEfficiency(water: OpenWater, j: number): number {
  const kt = cubicAt(water.kt, j),
    kq = torqueCoefficient(water, j)
  return kt > 0 ? (j * kt) / (2 * Math.PI * kq) : 0
}
