/** What a propeller does that does not drive. */
export const IDLE_PROPELLERS = ['locked', 'freewheeling', 'folded'] as const
/** One of them. */
export type IdlePropeller = (typeof IDLE_PROPELLERS)[number]
/** Whether a screw stands still beside those that drive: the old engine's, or one of two. */
export const STILL_SCREWS = ['none', ...IDLE_PROPELLERS] as const

/**
 * Drag coefficient on the blade area (Larsson & Eliasson, from memory of): locked 1.2, turning free 0.3, folded or
 * feathered 0.06.
 */
export const IDLE_DRAG: Record<IdlePropeller, number> = { locked: 1.2, freewheeling: 0.3, folded: 0.06 }

/**
 * Drag of a propeller that is towed through the water.
 *
 * @param state locked, turning free, or folded
 * @param diameter m
 * @param areaRatio blade area over the disc
 * @param speed of the water at the propeller, m/s
 * @param density kg/m³
 * @returns N
 * @example propellerDrag('locked', 0.4, 0.5, 2.5, 1025.9) // 241.7
 */
export function propellerDrag(
  state: IdlePropeller,
  diameter: number,
  areaRatio: number,
  speed: number,
  density: number,
): number {
  return ((0.5 * density * speed * Math.abs(speed) * IDLE_DRAG[state] * areaRatio * Math.PI) / 4) * diameter * diameter
}
