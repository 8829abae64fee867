import { AIR_DENSITY } from '../constants'

/** Drag coefficient of hull, cabin and rig from ahead (0.8 to 1.0 for cabins, common practice). */
export const AIR_DRAG_COEFFICIENT = 0.9

/**
 * Air resistance with the wind ahead, N.
 *
 * @param frontalArea m²
 * @param speed of the boat, m/s
 * @param headWind true wind against the boat, m/s
 * @returns ½ ρ A CD (V + Vw)²
 * @example airResistance(4, 2.5, 0) // 13.78
 */
export function airResistance(frontalArea: number, speed: number, headWind: number): number {
  const apparent = speed + headWind
  return 0.5 * AIR_DENSITY * frontalArea * AIR_DRAG_COEFFICIENT * apparent * Math.abs(apparent)
}
