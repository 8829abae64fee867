/**
 * Clearance of the tips to the hull that keeps them quiet, as a share of the diameter; 10 % is the least (common
 * practice).
 */
export const QUIET_TIPS = 0.15

/**
 * How far the blade tips stay from the hull.
 *
 * @param largest propeller that fits with quiet tips, m
 * @param diameter of this one, m
 * @returns m; below 0 it does not turn
 * @example tipClearance(0.4, 0.38) // 0.070
 */
export function tipClearance(largest: number, diameter: number): number {
  return (largest - diameter) / 2 + QUIET_TIPS * largest
}
