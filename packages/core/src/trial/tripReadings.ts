import type { RunSetup } from '../project/definition/projectFields'
import type { Trip } from '../project/definition/logFields'
import { SEA_SHARE } from '../project/told/seas'
import type { Reading } from './readings'

/** A trip's word on the curve: which trip it is. */
export interface TripReading extends Reading {
  trip: number
}

/**
 * σ of ln power of what a trip tells (common practice): a steady stretch through the water, one over ground on which
 * the stream is not known, energy and time of the whole trip, the same from per cent of charge.
 */
export const TRIP_NOISE = { water: 0.08, ground: 0.13, counted: 0.16, charge: 0.2 } as const
/** Readings that count, the newest: more of them tell nothing that these do not. */
export const MOST_READ = 60
/** A trip that was shorter, slower, or faster than any boat here tells nothing: s, m/s. */
const LEAST_TIME = 300,
  LEAST_SPEED = 0.3,
  GREATEST_SPEED = 30

/**
 * How fast she went on the whole trip.
 *
 * @param trip its way in m and time in s
 * @returns m/s, 0.3 … 30; null for a trip without way or time, or of miles that no boat makes in it
 * @example meanSpeed({ distance: 18520, time: 7200 }) // 2.572
 */
export const meanSpeed = ({ distance, time }: Pick<Trip, 'distance' | 'time'>): number | null =>
  time >= LEAST_TIME && distance / time >= LEAST_SPEED && distance / time <= GREATEST_SPEED ? distance / time : null

/**
 * J that a trip took from the pack: counted, or by the charge at its ends.
 *
 * @param trip the trip
 * @param packEnergy J of the whole pack
 * @returns energy and whether it was counted; null when neither was read
 * @example energyOf({ used: 0, chargeFrom: 0.9, chargeTo: 0.5 }, 1e7).energy // 4e6
 */
export function energyOf(
  { used, chargeFrom, chargeTo }: Pick<Trip, 'used' | 'chargeFrom' | 'chargeTo'>,
  packEnergy: number,
): { energy: number; counted: boolean } | null {
  if (used > 0) return { energy: used, counted: true }
  if (chargeFrom !== null && chargeTo !== null && chargeFrom > chargeTo)
    return { energy: (chargeFrom - chargeTo) * packEnergy, counted: false }
  return null
}

/**
 * What the trips say of the curve: steady stretches where there are any, else the mean of the whole.
 *
 * @param trips of the log
 * @param setups that they were made with
 * @param packEnergy J of the pack on the board
 * @returns readings of the newest trips, at most 60
 */
export function tripReadings(trips: readonly Trip[], setups: readonly RunSetup[], packEnergy: number): TripReading[] {
  return trips
    .flatMap((trip, i): TripReading[] => {
      const of = (speed: number, value: number, noise: number, stream: Reading['stream']): TripReading => ({
        speed,
        kind: 'battery',
        value,
        noise,
        rows: [],
        stream,
        setup: trip.setup,
        trip: i,
        sea: SEA_SHARE[trip.sea],
        // its noise holds that already
        seaOpen: 0,
      })
      if (trip.stretches.length)
        return trip.stretches
          .filter(s => s.power > 0)
          .map(s => of(s.speed, s.power, s.water ? TRIP_NOISE.water : TRIP_NOISE.ground, s.water ? 'given' : 'none'))
      const speed = meanSpeed(trip),
        energy = energyOf(trip, setups[trip.setup]?.packEnergy ?? packEnergy)
      return speed === null || !energy
        ? []
        : [of(speed, energy.energy / trip.time, energy.counted ? TRIP_NOISE.counted : TRIP_NOISE.charge, 'none')]
    })
    .slice(-MOST_READ)
}
