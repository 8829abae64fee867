import { GRAVITY, PRESSURE_ABOVE_VAPOUR } from '../constants'

/**
 * Least expanded area ratio that keeps cavitation away, by Keller.
 *
 * @param thrust N
 * @param diameter m
 * @param blades number
 * @param immersion of the shaft line, m
 * @param density kg/m³
 * @param k 0.2 single screw, 0.1 twin, 0 fast
 * @returns AE/A0
 * @example kellerAreaRatio(2000, 0.4, 3, 0.6, 1025.9) // 0.4617
 *
 * Source: Keller 1966: AE/A0 ≥ (1.3 + 0.3 Z) T / ((p0 − pv) D²) + k, p0 − pv = 99 047 + ρ g h (Holtrop & Mennen 1982).
 */
export function kellerAreaRatio(
  thrust: number,
  diameter: number,
  blades: number,
  immersion: number,
  density: number,
  k = 0.2,
): number {
  return (
    ((1.3 + 0.3 * blades) * thrust) / ((PRESSURE_ABOVE_VAPOUR + density * GRAVITY * immersion) * diameter * diameter) +
    k
  )
}

/**
 * Speed of the blade tips, π D n.
 *
 * @param diameter m
 * @param shaftSpeed rev/s
 * @returns m/s
 * @example tipSpeed(0.4, 20) // 25.13
 */
export function tipSpeed(diameter: number, shaftSpeed: number): number {
  return Math.PI * diameter * shaftSpeed
}
