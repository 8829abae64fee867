import { hullTypeOf, type HullTypeId } from '../hull'
import { ONE_NEW_BANK } from '../battery'
import { USUAL_THROTTLE } from '../drive'
import { usualOf } from '../fields'
import { PROJECT_FIELDS } from './projectFields'
import { usualCharging } from './usualCharging'
import { usualSolar } from './usualSolar'
import { usualWayHome } from './wayHome'

const { use, design } = PROJECT_FIELDS

/** Seconds for which top speed is wanted at a stretch: a run on the plane, and an hour against wind and tide. */
const PLANING_TOP = 600,
  SLOW_TOP = 3600

/** How long at top, how often, where, and what if the drive fails, before the owner says so. */
export const usualHabits = (boat: { hullType: HullTypeId; variant: string }) => ({
  topTime: hullTypeOf(boat.hullType).usual.planes ? PLANING_TOP : SLOW_TOP,
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
