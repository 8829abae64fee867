import { froudeNumber, hullTypeOf, type HullTypeId } from '../../hull'
import { ONE_NEW_BANK } from '../../battery'
import { USUAL_THROTTLE } from '../../drive'
import { usualOf } from '../../fields'
import { PROJECT_FIELDS } from '../definition/projectFields'
import { usualCharging } from './usualCharging'
import { usualSolar } from './usualSolar'
import { usualWayHome } from '../wayHome'

const { use, design } = PROJECT_FIELDS

/** Seconds for which top speed is wanted at a stretch: a run on the plane, and an hour against wind and tide. */
const PLANING_TOP = 600,
  SLOW_TOP = 3600
/** Froude numbers between which a boat that is no planing boat by kind comes to run on top of the water. */
const OVER_HER_WAVE = [0.6, 1] as const

/**
 * How long top is usually held at a stretch, s to the minute: an hour by a boat in her own wave, ten minutes by one
 * that runs over it.
 *
 * @param hullType kind of hull
 * @param topSpeed m/s
 * @param waterline length, m
 * @returns 600 to 3600
 * @example usualTopTime('pontoon', 7, 7) // 1200
 *
 * Source: common practice.
 */
export function usualTopTime(hullType: HullTypeId, topSpeed: number, waterline: number): number {
  const [from, to] = OVER_HER_WAVE,
    over = hullTypeOf(hullType).usual.planes ? 1 : (froudeNumber(topSpeed, waterline) - from) / (to - from)
  return 60 * Math.round((SLOW_TOP * (PLANING_TOP / SLOW_TOP) ** Math.min(1, Math.max(0, over))) / 60)
}

/** How often, where, and what if the drive fails, before the owner says so. */
export const usualHabits = (boat: { hullType: HullTypeId; variant: string }) => ({
  outings: usualOf(use.fields).outings,
  wayHome: usualWayHome(boat),
  place: usualOf(use.fields.place.fields),
  beside: usualOf(use.fields.beside.fields),
  houseHours: usualOf(use.fields).houseHours,
  mooredStream: usualOf(use.fields).mooredStream,
  costs: usualOf(use.fields.costs.fields),
  year: usualOf(use.fields.year.fields),
})

/**
 * A boat of middling size with all that is usual of cables and gear (common practice; capacitance of a controller's
 * input 2 to 20 mF).
 */
const USUAL_WIRING = {
  ...usualOf(design.fields.wiring.fields),
  fitted: usualOf(design.fields.wiring.fields.fitted.fields),
}

/**
 * All that surrounds the drive, as is usual for a pack's volts: lever, wiring, charging, one new bank, panels that
 * could be fitted.
 *
 * @param fullVoltage of the pack, V
 * @returns parts of a design
 */
export function usualGear(fullVoltage: number) {
  return {
    wholeDrive: null,
    smallMotor: usualOf(design.fields.smallMotor.fields),
    cooler: usualOf(design.fields.cooler.fields),
    throttle: USUAL_THROTTLE,
    wiring: USUAL_WIRING,
    charging: usualCharging(fullVoltage),
    banks: ONE_NEW_BANK,
    solar: usualSolar(fullVoltage),
  }
}
