import { FOOT, HORSEPOWER, KNOT, POUND } from '../constants'
import { ruleBelief } from './belief'
import type { ResistanceMethod } from './resistanceMethod'

/** Effective power over shaft power that the handbooks have in mind (from memory of; 0.45 to 0.55). */
export const HANDBOOK_PROPULSIVE_COEFFICIENT = 0.5

/**
 * Shaft power of a displacement or semi-displacement hull, W.
 *
 * @param speed m/s
 * @param lengthWaterline m
 * @param mass kg
 * @returns W at the shaft
 * @example handbookShaftPower(3.4474, 7.62, 4535.9) // 14799
 *
 * Source: Gerr, Propeller Handbook, formula 2-1: SL = 10.665 / (lb/SHP)^⅓, SL = V[kn] / √(LWL[ft]).
 */
export function handbookShaftPower(speed: number, lengthWaterline: number, mass: number): number {
  const speedLength = speed / KNOT / Math.sqrt(lengthWaterline / FOOT)
  return ((HORSEPOWER * mass) / POUND) * (speedLength / 10.665) ** 3
}

/** The displacement formula that every handbook gives: power with ordinary weather, bottom and propeller in it. */
export const handbook: ResistanceMethod = {
  id: 'handbook',
  label: 'Handbook formula',
  letter: 'C',
  source: 'Gerr, Propeller Handbook, formula 2-1; propulsive coefficient 0.50 taken out',
  basis: 'Weight and waterline only; ordinary weather is in it',
  inService: true,
  prepare({ form, water }) {
    const mass = form.volume * water.density
    const perSpeedLength = KNOT * Math.sqrt(form.lengthWaterline / FOOT)
    return {
      at: speed => ({
        friction: 0,
        wave:
          speed <= 0
            ? 0
            : (HANDBOOK_PROPULSIVE_COEFFICIENT * handbookShaftPower(speed, form.lengthWaterline, mass)) / speed,
      }),
      // The handbook's chart is read between speed-length ratios of about 0.9 and 1.5 for such hulls (from memory of).
      belief: speed => ruleBelief(speed / perSpeedLength, 0.7, 1.5, 0.25),
      speedFrom: 0.9 * perSpeedLength,
      speedTo: 1.5 * perSpeedLength,
      outside: [],
    }
  },
}
