import { GRAVITY } from '../constants'

/** Above this depth Froude number V/√(g h) the bottom is felt strongly. */
export const SHALLOW_WARNING = 0.7

/**
 * Depth Froude number.
 *
 * @param speed m/s
 * @param depth m
 * @returns V / √(g h)
 * @example depthFroude(3, 2) // 0.6774
 */
export function depthFroude(speed: number, depth: number): number {
  return speed / Math.sqrt(GRAVITY * depth)
}

/**
 * Speed in deep water at which a displacement hull meets the same resistance as at this speed in shallow water.
 *
 * @param speed in the shallow water, m/s
 * @param depth m; Infinity for deep water
 * @param sectionArea greatest immersed section, m²
 * @returns m/s, never less than the speed
 * @example deepWaterSpeed(2.5, Infinity, 1) // 2.500
 *
 * Source: Lackenby 1963 on Schlichting: δV/V = 0.1242 (AX/h² − 0.05) + 1 − √tanh(g h/V²), the first term for AX/h² ≥
 * 0.05.
 */
export function deepWaterSpeed(speed: number, depth: number, sectionArea: number): number {
  if (!Number.isFinite(depth) || speed <= 0) return speed
  const loss =
    0.1242 * Math.max(0, sectionArea / (depth * depth) - 0.05) +
    1 -
    Math.sqrt(Math.tanh((GRAVITY * depth) / (speed * speed)))
  return speed / (1 - Math.min(0.45, loss))
}
