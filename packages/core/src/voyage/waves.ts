import { GRAVITY } from '../constants'

/**
 * Significant height of the waves that a wind raises over open water.
 *
 * @param wind m/s, 0 … 60, mean
 * @param fetch open water to windward, m, > 0
 * @returns m
 * @example waveHeight(10, 10000) // 0.511
 *
 * Source: JONSWAP, g Hs/U² = 1.6e-3 √(g F/U²), up to the developed sea 0.243 (from memory).
 */
export function waveHeight(wind: number, fetch: number): number {
  if (wind <= 0) return 0
  const scale = (wind * wind) / GRAVITY
  return scale * Math.min(0.243, 1.6e-3 * Math.sqrt((GRAVITY * fetch) / (wind * wind)))
}
