import { GRAVITY } from '../constants'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from './belief'
import { frictionLine } from './frictionLine'
import type { ResistanceMethod } from './resistanceMethod'

/**
 * Drag coefficient of both ends on the midship section.
 *
 * @param halfEntrance half angle of the bow's entrance, rad
 * @returns 0.12 … 0.4
 * @example endsDrag((40 * Math.PI) / 180) // 0.2400
 *
 * Source: a swim of a few metres 0.15 to 0.2, a blunt one 0.3 (common practice; bluff bodies with rounded ends, Hoerner
 * 1965, from memory of): even between.
 */
export function endsDrag(halfEntrance: number): number {
  return Math.min(0.4, Math.max(0.12, 0.24 + 0.23 * (halfEntrance - (40 * Math.PI) / 180)))
}
/** Plates, welds, rubbing strakes and blacking, or moulded ridges, over sound new paint (common practice). */
const STEEL_ALLOWANCE = 0.0006
/**
 * Waves of a full box, on weight: like Fn⁴ while she is slow, an eighth of the whole at Fn 0.22; from Fn 0.3 on her
 * blunt ends push up water that no power carries her over; from Fn 0.4 on they are pushed through it like any bluff
 * body, with the square of speed (judgement; such boats are never driven there).
 */
const WAVES = 0.6,
  STEEP_FROM = 0.3,
  STEEP_TO = 0.4
/** Waves of the box on her weight, at a Froude number. */
function boxWaves(fn: number): number {
  const slow = Math.min(fn, STEEP_TO)
  return WAVES * slow ** 4 * (1 + (slow / STEEP_FROM) ** 6) * (fn / slow) ** 2
}

/** A long box, or two floats, with blunt ends: friction, pressure on the ends, and the waves of a slow full hull. */
export const bluffBox: ResistanceMethod = {
  id: 'bluffBox',
  label: 'Bluff box',
  letter: 'K',
  source: 'Hoerner 1965 for the ends; friction ITTC-1957 on rough steel',
  basis: 'Drag of bluff bodies for the ends; common practice for the rest',
  inService: false,
  prepare({ form, water, frictionFactor, frictionAllowance }) {
    const section = form.hulls * form.midship * form.beamWaterline * form.draughtBody
    const weight = form.volumeBody * water.density * GRAVITY
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    const reaches: Reach[] = [
      {
        name: 'Prismatic coefficient',
        value: form.prismatic,
        least: 0.78,
        most: 0.97,
        doubt: 0.15,
        far: 3,
        unit: 0.04,
      },
    ]
    const hull = beliefOf(0.25, reaches),
      ends = endsDrag(form.halfEntrance)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const pressed = 0.5 * water.density * speed * speed,
          fn = speed * toFroude
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = frictionLine(reynolds) * frictionFactor + frictionAllowance + STEEL_ALLOWANCE
        return {
          friction: pressed * form.wettedSurface * cf,
          wave: pressed * section * ends + weight * boxWaves(fn),
        }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed * toFroude,
          least: 0,
          most: 0.25,
          // a box stays a box at any speed: it is doubted more, and formulas for other hulls know still less of her
          doubt: 0.1,
          far: 60,
          unit: 0.05,
        }),
      speedFrom: 0,
      speedTo: 0.25 / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
