import { GRAVITY, PRESSURE_ABOVE_VAPOUR } from '../constants'

/** Burrill's loading of the blades at a point: how hard they push, and how hard they may. */
export interface BurrillLoading {
  /** σ at 0.7 of the radius */
  sigma: number
  /** τc: thrust on the projected area over the dynamic pressure there */
  loading: number
  /** τc at which about a tenth of the back cavitates */
  limit: number
}

/**
 * Blade loading against cavitation, by Burrill's diagram.
 *
 * @param propeller diameter, pitch (m) and expanded area ratio
 * @param state thrust (N), shaft speed (rev/s) and water speed (m/s)
 * @param immersion of the shaft, m
 * @param density kg/m³
 * @returns loading and its limit; null at rest
 * @example burrillLoading({ diameter: 0.4, pitch: 0.3, areaRatio: 0.5 }, { thrust: 500, shaftSpeed: 15, waterSpeed:
 *   2.5 }, 0.6, 1025.9).loading // 0.0961
 *
 * Source: 10 % back cavitation τc = 0.494 σ^0.88 (Blount & Fox 1978, from memory of); projected area AP = AE (1.067 −
 * 0.229 P/D) (Taylor).
 */
export function burrillLoading(
  propeller: { diameter: number; pitch: number; areaRatio: number },
  state: { thrust: number; shaftSpeed: number; waterSpeed: number },
  immersion: number,
  density: number,
): BurrillLoading | null {
  const { diameter, pitch, areaRatio } = propeller
  if (!(state.shaftSpeed > 0)) return null
  const dynamic = 0.5 * density * (state.waterSpeed ** 2 + (0.7 * Math.PI * state.shaftSpeed * diameter) ** 2)
  const projected = ((areaRatio * Math.PI) / 4) * diameter ** 2 * (1.067 - (0.229 * pitch) / diameter)
  const sigma = (PRESSURE_ABOVE_VAPOUR + density * GRAVITY * immersion) / dynamic
  return { sigma, loading: state.thrust / (projected * dynamic), limit: 0.494 * sigma ** 0.88 }
}
