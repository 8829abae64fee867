import { FOOT, HORSEPOWER, KNOT, POUND } from '../constants'
import { HANDBOOK_PROPULSIVE_COEFFICIENT } from './handbook'
import { ruleBelief } from './belief'
import type { ResistanceMethod } from './resistanceMethod'

/**
 * Shaft power by Wyman's formula, W.
 *
 * @param speed m/s
 * @param lengthWaterline m
 * @param mass kg
 * @returns W at the shaft
 * @example wymanShaftPower(3.4474, 7.62, 4535.9) // 16532
 *
 * Source: Wyman 1998: SHP = (lb/1000) (V / (Cw √LWL))³, Cw = 0.8 + 0.17 V/√LWL, in kn, ft, lb.
 */
export function wymanShaftPower(speed: number, lengthWaterline: number, mass: number): number {
  const speedLength = speed / KNOT / Math.sqrt(lengthWaterline / FOOT)
  const cw = 0.8 + 0.17 * speedLength
  return ((HORSEPOWER * mass) / POUND / 1000) * (speedLength / cw) ** 3
}

/** Wyman's formula, displacement to planing. */
export const wyman1998: ResistanceMethod = {
  id: 'wyman1998',
  label: 'Wyman formula',
  letter: 'D',
  source: 'Wyman 1998; propulsive coefficient 0.50 taken out',
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
            : (HANDBOOK_PROPULSIVE_COEFFICIENT * wymanShaftPower(speed, form.lengthWaterline, mass)) / speed,
      }),
      belief: speed => ruleBelief(speed / perSpeedLength, 0.8, 2.9, 0.25),
      speedFrom: 1 * perSpeedLength,
      speedTo: 2.9 * perSpeedLength,
      outside: [],
    }
  },
}
