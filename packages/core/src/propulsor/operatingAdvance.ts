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

/**
 * Open-water efficiency ηO = J/(2π) · KT/KQ.
 *
 * @param water the propeller's cubics
 * @param j advance ratio
 * @returns ηO; 0 where KT or KQ is not positive
 * @example openWaterEfficiency({ kt: [0.3, 0, 0, 0], kq: [0.04, 0, 0, 0] }, 0.5) // 0.5968
 */
export function openWaterEfficiency(water: OpenWater, j: number): number {
  const kt = cubicAt(water.kt, j),
    kq = cubicAt(water.kq, j)
  return kt > 0 && kq > 0 ? (j * kt) / (2 * Math.PI * kq) : 0
}
