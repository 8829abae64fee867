/** Step in which diameters and pitches are sold, m (common practice: 5 mm or a fifth of an inch). */
export const STOCK_STEP = 0.005

/**
 * Nearest stock size, or the next one below.
 *
 * @param size diameter or pitch, m, > 0
 * @param round to the nearest, or down where it must fit a place
 * @returns m, one step at least
 * @example stockSize(0.3862) // 0.385
 */
export function stockSize(size: number, round: 'nearest' | 'down' = 'nearest'): number {
  const steps = size / STOCK_STEP
  return Math.max(1, round === 'down' ? Math.floor(steps + 1e-6) : Math.round(steps)) * STOCK_STEP
}
