import type { Project } from '../project'
import { dayNumber } from '../units'
import { halvesApart, standsOut, type HalvesApart } from './halves'

/** How warm a part becomes for its load, over the log. */
export interface WarmthTrend extends HalvesApart {
  part: 'winding' | 'controller'
  /** K above the water for each kW from the pack, by trip */
  readings: { day: number; perPower: number }[]
}

/** Stretches that are shorter have not warmed it up, s. */
const LEAST = 1200
const LEAST_READINGS = 4
/** What a thermometer leaves open, as σ of ln. */
const LEAST_SIGMA = 0.02

/** Share warmer at like loads that is said, if it stands out of the scatter. */
const WARMER = 0.12

/** Whether a part has become warmer for its load by so much that it counts. */
export const runsWarmer = (trend: WarmthTrend): boolean => standsOut(trend, WARMER)

/**
 * Temperatures at like loads over the season: a cooling that clogs shows as more kelvin for each kilowatt.
 *
 * @param project the boat
 * @param part winding of the motor, or controller
 * @returns the trend; null with fewer than four stretches of twenty minutes
 *
 * Source: rise at the end of a steady stretch ÷ its power; the two halves of the log against each other.
 */
export function warmthTrend({ log, boat }: Project, part: WarmthTrend['part']): WarmthTrend | null {
  const readings = log.trips
    .flatMap(t =>
      t.stretches.flatMap(s => {
        const day = dayNumber(t.date),
          warm = s[part]
        return day !== null && warm !== null && s.time >= LEAST && s.power > 0
          ? [{ day, perPower: (1000 * (warm - boat.waterTemperature)) / s.power }]
          : []
      }),
    )
    .filter(r => r.perPower > 0)
    .sort((a, b) => a.day - b.day)
  if (readings.length < LEAST_READINGS) return null
  return {
    part,
    readings,
    ...halvesApart(
      readings.map(r => Math.log(r.perPower)),
      LEAST_SIGMA,
    ),
  }
}
