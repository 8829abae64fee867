import { interpolate } from '../numeric'

/**
 * Share of a clear sky's light that a mean day has, by latitude in degrees: middle of the year's swing, and half of it
 * (from memory, ± 20 %: a place's own table is better).
 */
const LATITUDES = [0, 15, 25, 35, 45, 55, 65, 90]
const MEAN = [0.68, 0.74, 0.78, 0.72, 0.62, 0.54, 0.52, 0.5]
const SWING = [0, 0.02, 0.02, 0.07, 0.1, 0.1, 0.06, 0.05]

/**
 * Share of a clear sky's light on a mean day of a month.
 *
 * @param latitude rad, north positive
 * @param month 0 … 11
 * @returns share, 0 … 1
 * @example usualClearness(0.9, 5) > usualClearness(0.9, 11) // true
 *
 * Source: common practice, from memory; deserts are clearer, monsoons and fog coasts are not.
 */
export function usualClearness(latitude: number, month: number): number {
  const degrees = (Math.abs(latitude) * 180) / Math.PI
  // brightest in July of the north, January of the south
  const season = Math.cos((2 * Math.PI * (month - (latitude >= 0 ? 6 : 0))) / 12)
  return interpolate(LATITUDES, MEAN, degrees) + interpolate(LATITUDES, SWING, degrees) * season
}
