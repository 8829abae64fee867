import { GRAVITY } from '../../constants'
import { slenderness } from '../../hull/hullForm'
import { cubicThrough, smoothStep } from '../../numeric'
import type { HullForm } from '../../hull'
import { frictionLine } from '../frictionLine'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from '../belief'
import type { ResistanceMethod } from '../resistanceMethod'
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

/**
 * The humps and hollows of the integral come from bow and stern waves that meet in step. Behind a blunt end the bow
 * wave breaks and the stern's flow parts from it, so that little of either is left to meet: the coefficient is taken
 * as a mean over Froude numbers about so wide in ln Fn (judgement: no tank test of tubes shows the humps, and no boat's
 * power halves as she goes faster, as the integral has it of full hulls).
 */
const BLUNT_WIDTH = 0.2
/**
 * Prismatic coefficients between which the ends of a hull become as blunt as a tube's (judgement: the tested yachts,
 * launches and catamarans lie below, barges above).
 */
const FINE = 0.7,
  BLUNT = 0.85
/** A bell, cut off at so many of its widths, where it has come down to nothing. */
const REACH = 2.5,
  LEAST_WEIGHT = Math.exp(-0.5 * REACH * REACH)
/** A mean over less than this is the value itself: knots lie farther apart. */
const NO_WIDTH = 0.002

function widthOf({ section, prismatic }: HullForm): number {
  return BLUNT_WIDTH * (section === 'tube' ? 1 : smoothStep((prismatic - FINE) / (BLUNT - FINE)))
}

function smoothed(valueAt: (i: number) => number, at: number, width: number): number {
  if (width < NO_WIDTH) return valueAt(at)
  const middle = Math.log(KNOTS[at]!)
  let sum = 0,
    weights = 0
  for (let i = 0; i < KNOTS.length; i++) {
    const away = (Math.log(KNOTS[i]!) - middle) / width
    if (Math.abs(away) > REACH) continue
    // knots lie closer at low speed: each counts for the stretch that it stands for
    const stretch = Math.log(KNOTS[Math.min(KNOTS.length - 1, i + 1)]! / KNOTS[Math.max(0, i - 1)]!)
    const weight = (Math.exp(-0.5 * away * away) - LEAST_WEIGHT) * stretch
    sum += weight * valueAt(i)
    weights += weight
  }
  return sum / weights
}

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
    const width = widthOf(form)
    const raw: (number | undefined)[] = [],
      known: (number | undefined)[] = []
    const rawAt = (i: number) => (raw[i] ??= specificAt(KNOTS[i]!))
    const atKnot = (i: number) => (known[i] ??= smoothed(rawAt, i, width))
    const wave = (speed: number): number => {
      const fn = speed * toFroude,
        held = Math.min(KNOTS.at(-1)!, Math.max(KNOTS[0]!, fn))
      if (fn < held) return (atKnot(0) * fn ** 4) / held ** 2
      return cubicThrough(KNOTS, atKnot, held) * held ** 2
    }
    // slender by Michell's own assumption; the form factor's tests reach from 6 to 9.5 (a margin is given below)
    const reaches: Reach[] = [
      {
        name: 'Hull length to its beam',
        value: form.lengthWaterline / form.beamWaterline,
        least: 5,
        most: 30,
        doubt: 0.6,
        far: 0.4,
      },
      {
        name: 'Length to cube root of a hull’s volume',
        value: slenderness(form.lengthWaterline, one.volume),
        least: 5.5,
        most: 14,
        doubt: 1,
        far: 0.25,
      },
    ]
    const hull = beliefOf(0.15, reaches)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = k1 * frictionLine(reynolds) * given.frictionFactor + given.frictionAllowance
        return { friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf, wave: wave(speed) }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed * toFroude,
          least: 0,
          most: 1,
          doubt: 0.1,
          far: 2,
          unit: 0.1,
        }),
      speedFrom: 0.18 / toFroude,
      speedTo: 1 / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
