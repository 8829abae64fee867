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
 * blunt
 * ends push up water that no power carries her over (judgement; such boats are never driven there).
 */
const WAVES = 0.6,
  STEEP_FROM = 0.3,
  STEEP_TO = 0.4

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
          fn = speed * toFroude,
          steep = 1 + (Math.min(fn, STEEP_TO) / STEEP_FROM) ** 6
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = frictionLine(reynolds) * frictionFactor + frictionAllowance + STEEL_ALLOWANCE
        return {
          friction: pressed * form.wettedSurface * cf,
          wave: pressed * section * ends + weight * WAVES * fn ** 4 * steep,
        }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed * toFroude,
          least: 0,
          most: 0.25,
          doubt: 0.1,
          far: 6,
          unit: 0.05,
        }),
      speedFrom: 0,
      speedTo: 0.25 / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
