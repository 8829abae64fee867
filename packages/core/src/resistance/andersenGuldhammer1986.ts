import { GRAVITY } from '../constants'
import { slenderness } from '../hull'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from './belief'
import { frictionLine } from './frictionLine'
import type { ResistanceMethod } from './resistanceMethod'

/** The curves end here: the hump term runs away above it. */
const LAST = 0.33,
  FIRST = 0.15

/**
 * Residuary resistance coefficient CR of Guldhammer and Harvald's curves.
 *
 * @param fn Froude number, 0.15 … 0.33
 * @param ratio slenderness L/∇^⅓, 4 … 8
 * @param prismatic CP, 0.5 … 0.8
 * @param beamToDraught B/T
 * @returns CR on ½ ρ S V², never negative
 * @example guldhammerResiduary(0.25, 5, 0.6, 2.5) // 0.001240
 *
 * Source: Andersen & Guldhammer 1986: 10³ CR = E + G + H + K + 0.16 (B/T − 2.5) (from memory of).
 */
export function guldhammerResiduary(fn: number, ratio: number, prismatic: number, beamToDraught: number): number {
  const a0 = 1.35 - 0.23 * ratio + 0.012 * ratio ** 2,
    a1 = 0.0011 * ratio ** 9.1,
    n1 = 2 * ratio - 3.7
  const e =
    (a0 + 1.5 * fn ** 1.8 + a1 * fn ** n1) * (0.98 + 2.5 / (ratio - 2) ** 4) + (ratio - 5) ** 4 * (fn - 0.1) ** 4
  const g = ((7 - 0.09 * ratio ** 2) * (5 * prismatic - 2.5) ** 2) / (600 * (fn - 0.315) ** 2 + 1) ** 1.5
  const h = Math.exp(80 * (fn - (0.04 + 0.59 * prismatic) - 0.015 * (ratio - 5)))
  const k = 180 * fn ** 3.7 * Math.exp(20 * prismatic - 16)
  return Math.max(0, e + g + h + k + 0.16 * (beamToDraught - 2.5)) / 1000
}

/** Heavy displacement hulls at moderate speed. */
export const andersenGuldhammer1986: ResistanceMethod = {
  id: 'andersenGuldhammer1986',
  label: 'Guldhammer curves',
  letter: 'J',
  source: 'Guldhammer & Harvald 1974 by Andersen & Guldhammer 1986; friction ITTC-1957',
  basis: 'Curves of many ship models by slenderness and prismatic coefficient',
  inService: false,
  prepare(given) {
    const { form, water } = given
    const raw = slenderness(form.lengthWaterline, form.volumeBody),
      beamToDraught = form.beamWaterline / form.draughtBody
    const held = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))
    const ratio = held(raw, 4, 8),
      prismatic = held(form.prismatic, 0.5, 0.8)
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    const reaches: Reach[] = [
      { name: 'Length to cube root of volume', value: raw, least: 4, most: 8, doubt: 1, far: 0.2 },
      { name: 'Prismatic coefficient', value: form.prismatic, least: 0.5, most: 0.8, doubt: 0.12, far: 2, unit: 0.04 },
      { name: 'Waterline beam to hull draught', value: beamToDraught, least: 2, most: 3.5, doubt: 0.3, far: 0.8 },
    ]
    const hull = beliefOf(0.2, reaches)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const fn = held(speed * toFroude, FIRST, LAST)
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const pressed = 0.5 * water.density * speed * speed * form.wettedSurface
        return {
          friction: pressed * (frictionLine(reynolds) * given.frictionFactor + given.frictionAllowance),
          wave: pressed * guldhammerResiduary(fn, ratio, prismatic, held(beamToDraught, 2, 3.5)),
        }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed * toFroude,
          least: 0,
          most: LAST - 0.02,
          doubt: 0.2,
          far: 1,
          unit: 0.02,
        }),
      speedFrom: FIRST / toFroude,
      speedTo: LAST / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
