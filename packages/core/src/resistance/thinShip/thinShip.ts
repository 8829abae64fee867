import { GRAVITY } from '../../constants'
import { slenderness } from '../../hull/hullForm'
import { cubicThrough } from '../../numeric'
import type { HullForm } from '../../hull'
import { frictionLine } from '../frictionLine'
import { outsideOf, type ResistanceMethod } from '../resistanceMethod'
import { michellResistance, type HullOffsets } from './michell'
import { roundHull, tubeHull } from './slenderHull'

/**
 * Form factor of a slender hull by itself or in a pair.
 *
 * @param ratio slenderness L/∇^⅓ of one hull
 * @param hulls how many side by side
 * @returns 1 + k
 * @example slenderFormFactor(8, 1) // 1.201
 *
 * Source: Molland, Wellicome & Couser 1994: 2.76 (L/∇^⅓)^−0.4 alone, 3.03 (L/∇^⅓)^−0.4 for a catamaran.
 */
export function slenderFormFactor(ratio: number, hulls: number): number {
  return Math.max(1, (hulls > 1 ? 3.03 : 2.76) * ratio ** -0.4)
}

/** Centre lines of equal hulls side by side, m. */
export function hullOffsets({ hulls, hullSpacing }: Pick<HullForm, 'hulls' | 'hullSpacing'>): HullOffsets {
  return Array.from({ length: hulls }, (_, i) => (i - (hulls - 1) / 2) * hullSpacing)
}

/**
 * Froude numbers at which the wave integral is worked out; between them it is read off. Humps and hollows are even in
 * 1/Fn² at low speed.
 */
const KNOTS: readonly number[] = [
  ...Array.from({ length: 40 }, (_, i) => 1 / Math.sqrt(32 - ((32 - 6.25) * i) / 40)),
  ...Array.from({ length: 20 }, (_, i) => 0.4 + 0.02 * i),
  ...Array.from({ length: 9 }, (_, i) => 0.8 + 0.05 * i),
]

/** Thin-ship wave resistance with interference of the hulls, and ITTC friction with a form factor. */
export const thinShip: ResistanceMethod = {
  id: 'thinShip',
  label: 'Thin-ship integral',
  letter: 'E',
  source: 'Michell 1898; Molland, Wellicome & Couser 1994; friction ITTC-1957',
  basis:
    'Wave theory of slender hulls, with the interference of hulls side by side; hulls are taken as symmetric ' +
    'fore and aft',
  inService: false,
  accuracy: 0.15,
  prepare(given) {
    const { form, water } = given
    const one = { ...form, volume: form.volumeBody / form.hulls }
    const shape =
      form.section === 'tube'
        ? tubeHull(form.lengthWaterline, form.tubeDiameter, form.draughtBody, form.prismatic)
        : roundHull(form.lengthWaterline, form.beamWaterline, form.draughtBody, form.prismatic, form.midship)
    const offsets = hullOffsets(form)
    const k1 = slenderFormFactor(slenderness(form.lengthWaterline, one.volume), form.hulls)
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    /**
     * specific wave resistance R/Fn² at a Froude number, and at a knot, where it is worked out when it is first wanted
     */
    const specificAt = (fn: number) => michellResistance(shape, fn / toFroude, water.density, offsets) / fn ** 2
    const known: (number | undefined)[] = []
    const atKnot = (i: number) => (known[i] ??= specificAt(KNOTS[i]!))
    const wave = (speed: number): number => {
      const fn = speed * toFroude,
        held = Math.min(KNOTS.at(-1)!, Math.max(KNOTS[0]!, fn))
      if (fn < held) return (atKnot(0) * fn ** 4) / held ** 2
      return (given.fewSpeeds ? specificAt(held) : cubicThrough(KNOTS, atKnot, held)) * held ** 2
    }
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = k1 * frictionLine(reynolds) * given.frictionFactor + given.frictionAllowance
        return { friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf, wave: wave(speed) }
      },
      speedFrom: 0.18 / toFroude,
      speedTo: 1 / toFroude,
      // slender by Michell's own assumption; the form factor's tests reach from 6 to 9.5 (a margin is given below)
      outside: outsideOf([
        ['Hull length to its beam', form.lengthWaterline / form.beamWaterline, 5, 30],
        ['Length to cube root of a hull’s volume', slenderness(form.lengthWaterline, one.volume), 5, 14],
      ]),
    }
  },
}
