import { hasSails, type HullTypeId } from '../hull'

/** What brings a boat home when its drive fails. */
export const WAYS_HOME = ['none', 'sails', 'oars', 'secondDrive'] as const
/** One of them. */
export type WayHome = (typeof WAYS_HOME)[number]

/** Kinds of hull that a crew rows or paddles home. */
const ROWED: readonly string[] = ['canoe', 'dinghy', 'pedalCraft']

/**
 * What usually brings a boat home.
 *
 * @param boat kind of hull and variant
 * @returns sails, oars or nothing
 */
export function usualWayHome(boat: { hullType: HullTypeId; variant: string }): WayHome {
  return hasSails(boat) ? 'sails' : ROWED.includes(boat.hullType) ? 'oars' : 'none'
}
