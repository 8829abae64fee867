import { bladeFamily, openWater } from './bSeries'

/** A propeller by its proportions. */
export interface Proportions {
  pitchRatio: number
  areaRatio: number
  blades: number
}

/** Thrust and torque coefficients at rest. */
function still({ pitchRatio, areaRatio, blades }: Proportions): { kt: number; kq: number } {
  const { kt, kq } = openWater(bladeFamily(areaRatio, blades), Math.min(1.6, Math.max(0.3, pitchRatio)))
  return { kt: kt[0], kq: kq[0] }
}

/**
 * Pull of a propeller of the series at the quay.
 *
 * @param power at its shaft, W
 * @param diameter m
 * @param proportions of the propeller
 * @param factor what its power is worth against the series
 * @param density kg/m³
 * @returns N
 * @example quayThrust(1000, 0.3, { pitchRatio: 0.7, areaRatio: 0.5, blades: 3 }, 1, 1025.9) // 380.8
 *
 * Source: T = KT ρ n² D⁴, P = 2π KQ ρ n³ D⁵ at J = 0, so that T = KT (ρ D²)^⅓ (P / (2π KQ))^⅔.
 */
export function quayThrust(
  power: number,
  diameter: number,
  proportions: Proportions,
  factor: number,
  density: number,
): number {
  const { kt, kq } = still(proportions)
  return kt * Math.cbrt(density * diameter * diameter) * ((factor * power) / (2 * Math.PI * kq)) ** (2 / 3)
}

/**
 * Turns at which a propeller takes a power at the quay.
 *
 * @param power at its shaft, W
 * @param diameter m
 * @param proportions of the propeller
 * @param factor what its power is worth against the series
 * @param density kg/m³
 * @returns rev/s
 * @example quayTurns(1000, 0.3, { pitchRatio: 0.7, areaRatio: 0.5, blades: 3 }, 1, 1025.9) // 12.85
 *
 * Source: P = 2π KQ ρ n³ D⁵ at J = 0.
 */
export function quayTurns(
  power: number,
  diameter: number,
  proportions: Proportions,
  factor: number,
  density: number,
): number {
  return Math.cbrt((factor * power) / (2 * Math.PI * still(proportions).kq * density * diameter ** 5))
}

/**
 * Diameter of the propeller that gives a pull at the quay with a power.
 *
 * @param thrust N
 * @param power at its shaft, W
 * @param proportions of the propeller
 * @param factor what its power is worth against the series
 * @param density kg/m³
 * @returns m; the inverse of quayThrust
 * @example diameterForThrust(380.845, 1000, { pitchRatio: 0.7, areaRatio: 0.5, blades: 3 }, 1, 1025.9) // 0.3000
 */
export function diameterForThrust(
  thrust: number,
  power: number,
  proportions: Proportions,
  factor: number,
  density: number,
): number {
  const atOne = quayThrust(power, 1, proportions, factor, density)
  return (thrust / atOne) ** 1.5
}
