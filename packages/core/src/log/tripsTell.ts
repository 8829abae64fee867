import { chargeLevels, type Project, type Trip } from '../project'
import { measuredOf } from '../system'
import { isFarOff } from '../trial'
import type { Text } from '../units'
import { dayNumber } from '../units'
import { capacityReading, isCapacity } from './packHealth'
import { halvesApart, standsOut, type HalvesApart } from './halves'
import { tripEnergy } from './tripTotals'

const LEAST_READINGS = 6,
  LEAST_SIGMA = 0.02

/**
 * Whether she takes more than she did at like speeds: fouling, a bent blade, more weight.
 *
 * @param project the boat and her log
 * @returns share and σ of the later trips against the earlier; null with fewer than six readings
 *
 * Source: each reading against the theory at its own speed, so that slow and fast trips compare.
 */
export function takesMore(project: Project): HalvesApart | null {
  const logs = measuredOf(project)
    .points.filter(p => p.trip !== null && !isFarOff(p))
    .sort((a, b) => a.trip! - b.trip!)
    .map(p => p.seen.away)
  return logs.length >= LEAST_READINGS ? halvesApart(logs, LEAST_SIGMA) : null
}

/** Share more at like speeds that is said, if it stands out of the scatter. */
const MORE = 0.08

/** Whether she takes so much more than on the first trips that it counts. */
export const takesMuchMore = (more: HalvesApart): boolean => standsOut(more, MORE)

/** Trips that ended below the reserve, the latest last. */
export function belowReserve(project: Project): Trip[] {
  const { reserve } = chargeLevels(project)
  return project.log.trips.filter(t => t.chargeTo !== null && t.chargeTo < reserve - 0.005)
}

/** A trip that cannot have been so, and why. */
export interface TripAtOdds {
  trip: Trip
  index: number
  why: Text
}

/** Faster than this many times her top speed, and more than this many packs without a charge, cannot be. */
const TOO_FAST = 2,
  TOO_MUCH = 1.4

/**
 * Trips of the log that contradict themselves.
 *
 * @param project the boat
 * @returns each with a sentence
 */
export function tripsAtOdds(project: Project): TripAtOdds[] {
  const { log, use } = project
  return log.trips.flatMap((trip, index): TripAtOdds[] => {
    const of = (text: string, params: Text['params'] = {}): TripAtOdds[] => [{ trip, index, why: { text, params } }]
    const { chargeFrom, chargeTo, distance, time } = trip,
      back = trip.sun + trip.sail + trip.generator
    if (trip.date && dayNumber(trip.date) === null) return of('its date is no day of the calendar')
    if (time > 0 && distance / time > TOO_FAST * Math.max(use.topSpeed, 1))
      return of('its miles and hours make {v}', { v: { quantity: 'speed', value: distance / time } })
    if (chargeFrom !== null && chargeTo !== null && chargeTo > chargeFrom && back <= 0 && trip.shore <= 0)
      return of('its charge rises and nothing says from what')
    const whole = log.setups[trip.setup]?.packEnergy
    if (whole && tripEnergy(project, trip) - back > TOO_MUCH * whole)
      return of('it took more than the whole pack holds')
    const capacity = capacityReading(project, trip)?.share
    if (capacity !== undefined && !isCapacity(capacity))
      return of('amp hours or energy and charge make a pack of {s} of its plate', {
        s: { quantity: 'ratio', value: capacity },
      })
    return []
  })
}
