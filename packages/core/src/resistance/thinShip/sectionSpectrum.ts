import { cubicBetween } from '../../numeric'
import type { SlenderHull } from './slenderHull'

/**
 * Places in the table to each e-fold of decay times draught: reading by a cubic errs by 4e-5 at most, round sections
 * and tubes. From e⁻¹² to e¹⁰: the boat's draught in wave lengths is always between.
 */
const PER_E = 6,
  FIRST = -12 * PER_E,
  PLACES = 22 * PER_E

/**
 * How much of a wave the section feels, the part of Michell's amplitude from the water to the keel, as a function of
 * how
 * fast the wave's motion fades: ∫ g(z) exp(−a z) dz. It is worked out where it is asked, and read between.
 *
 * @param hull its draught, m, and section
 * @returns of the decay a, 1/m, above 0, the integral, m
 * @example sectionSpectrum(roundHull(10, 1, 0.6, 0.6, 0.5))(1e-3) // 0.2999
 */
export function sectionSpectrum(hull: Pick<SlenderHull, 'draught' | 'section'>): (decay: number) => number {
  const known = new Float64Array(PLACES).fill(Number.NaN)
  const at = (i: number) => {
    const place = Math.min(PLACES - 1, Math.max(0, i))
    if (Number.isNaN(known[place]!)) known[place] = depthwise(hull, Math.exp((place + FIRST) / PER_E) / hull.draught)
    return known[place]!
  }
  return decay => {
    const place = Math.log(decay * hull.draught) * PER_E - FIRST,
      i = Math.floor(place)
    return cubicBetween(at(i - 1), at(i), at(i + 1), at(i + 2), place - i)
  }
}

/** The integral, exact for the polygon. */
function depthwise({ draught, section }: Pick<SlenderHull, 'draught' | 'section'>, a: number): number {
  const n = section.length - 1,
    dz = draught / n
  const h = a * dz
  const e = Math.exp(-h)
  // weights of the two ends of an interval under the falling exponential; by series where h is small
  const first = h < 1e-3 ? dz * (0.5 - h / 6) : (h - 1 + e) / (a * h),
    second = h < 1e-3 ? dz * (0.5 - h / 3) : (1 - e - h * e) / (a * h)
  let fade = 1,
    sum = 0
  for (let i = 0; i < n; i++) {
    sum += fade * (section[i]! * first + section[i + 1]! * second)
    fade *= e
    if (fade < 1e-12) break
  }
  return sum
}
