import { ONE_NEW_BANK } from '../battery'
import { USUAL_THROTTLE } from '../drive'
import { hasSails } from '../hull'
import { usualSolar } from './usualSolar'
import { USUAL_WIRING } from '../wiring'
import { usualCharging } from './charging'

/** What brings a boat home when its drive fails. */
export const WAYS_HOME = ['none', 'sails', 'oars', 'secondDrive'] as const
/** One of them. */
export type WayHome = (typeof WAYS_HOME)[number]

/** Kinds of hull that a crew rows or paddles home. */
const ROWED: readonly string[] = ['canoe', 'dinghy']

/**
 * What usually brings a boat home.
 *
 * @param boat kind of hull and variant
 * @returns sails, oars or nothing
 */
export function usualWayHome(boat: { hullType: string; variant: string }): WayHome {
  return hasSails(boat) ? 'sails' : ROWED.includes(boat.hullType) ? 'oars' : 'none'
}

/** Where a boat lies whose owner has not said: middle latitudes, open water. */
const SOMEWHERE = { latitude: (50.5 * Math.PI) / 180, longitude: (-8 * Math.PI) / 180 }

/** How often, where, and what if the drive fails, before the owner says so. */
export const usualHabits = (boat: { hullType: string; variant: string }) => ({
  outings: 40,
  wayHome: usualWayHome(boat),
  place: SOMEWHERE,
})

/**
 * All that surrounds the drive, as is usual for a pack's volts: lever, wiring, charging, one new bank, panels that
 * could be fitted.
 *
 * @param fullVoltage of the pack, V
 * @returns parts of a design
 */
export function usualGear(fullVoltage: number) {
  return {
    throttle: USUAL_THROTTLE,
    wiring: USUAL_WIRING,
    charging: usualCharging(fullVoltage),
    banks: ONE_NEW_BANK,
    solar: usualSolar(fullVoltage),
  }
}
