import { GRAVITY, HORSEPOWER, KNOT, POUND } from '../constants'
import { PLANES_FROM } from '../hull'
import { ruleBelief } from './belief'
import type { ResistanceMethod } from './resistanceMethod'

/** Propulsive coefficient that Crouch's formula has in mind for a planing boat (0.50 to 0.55, common practice). */
export const CROUCH_PROPULSIVE_COEFFICIENT = 0.52

/** Average runabout, cruiser or passenger boat. */
export const CROUCH_AVERAGE = 150

/**
 * Shaft power of a planing boat, W.
 *
 * @param speed m/s
 * @param mass kg
 * @param constant C: 150 average runabout, 190 fast runabout, 210 race type, 220 stepped, 230 racing catamaran
 * @returns W at the shaft
 * @example crouchShaftPower(12.861, 1000, 150) // 45666
 *
 * Source: Crouch, after Gerr, Propeller Handbook, table 2-2: V[kn] = C / √(lb/SHP).
 */
export function crouchShaftPower(speed: number, mass: number, constant = CROUCH_AVERAGE): number {
  return ((HORSEPOWER * mass) / POUND) * (speed / KNOT / constant) ** 2
}

/** Crouch's formula for boats that plane. */
export const crouch: ResistanceMethod = {
  id: 'crouch',
  label: 'Crouch formula',
  letter: 'H',
  source: 'Crouch, after Gerr, Propeller Handbook; C 150; propulsive coefficient 0.52 taken out',
  basis: 'Weight only, for an average runabout on the plane; ordinary service is in it',
  inService: true,
  prepare({ form, water }) {
    const mass = form.volume * water.density
    const unit = Math.sqrt(GRAVITY * Math.cbrt(form.volume))
    return {
      at: speed => ({
        friction: 0,
        wave: speed <= 0 ? 0 : (CROUCH_PROPULSIVE_COEFFICIENT * crouchShaftPower(speed, mass)) / speed,
      }),
      belief: speed => ruleBelief(speed / unit, PLANES_FROM, 6, 0.4),
      speedFrom: PLANES_FROM * unit,
      speedTo: 6 * unit,
      outside: [],
    }
  },
}
