import table from '../../data/vanOortmerssen1971.json' with { type: 'json' }
import { GRAVITY } from '../constants'
import { slenderness, type HullForm } from '../hull'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from './belief'
import { frictionLine } from './frictionLine'
import type { ResistanceMethod } from './resistanceMethod'
import { drownedTransom } from './drownedTransom'

/** The hull as the regression wants it. */
export interface VanOortmerssenShape {
  lengthToBeam: number
  beamToDraught: number
  prismatic: number
  midship: number
  /** per cent of the length, forward of its middle */
  lcb: number
  /** half angle of entrance, degrees */
  halfEntrance: number
}

const { range } = table
const clamped = (value: number, [least, most]: readonly number[]) => Math.min(most!, Math.max(least!, value))

/** The same shape brought inside the ranges of the regression, which is known to be better than extrapolating. */
export const insideRange = (s: VanOortmerssenShape): VanOortmerssenShape => ({
  lengthToBeam: clamped(s.lengthToBeam, range['L/B']),
  beamToDraught: clamped(s.beamToDraught, range['B/T']),
  prismatic: clamped(s.prismatic, range.Cp),
  midship: clamped(s.midship, range.Cm),
  lcb: clamped(s.lcb, range.LCB_percent),
  halfEntrance: clamped(s.halfEntrance, range.iE_deg),
})

/**
 * Residuary resistance over displacement weight as a function of the Froude number.
 *
 * @param s shape, inside the ranges
 * @returns function of Fn, 0 … 0.5; never negative
 * @example vanOortmerssenResiduary({ lengthToBeam: 3.5, beamToDraught: 2.67, prismatic: 0.6, midship: 0.86, lcb: -1,
 *   halfEntrance: 28.2 })(0.35) // 0.00744
 *
 * Source: van Oortmerssen 1971: Rr/Δ = C1 e^(−m/9 Fn⁻²) + e^(−m Fn⁻²) (C2 + C3 sin Fn⁻² + C4 cos Fn⁻²), m = 0.14347
 * CP^−2.1976, LD taken as the waterline (coefficients from memory of, see the data file).
 */
export function vanOortmerssenResiduary(s: VanOortmerssenShape): (fn: number) => number {
  const entrance = s.halfEntrance * s.lengthToBeam
  const terms = [
    1,
    s.lcb,
    s.lcb ** 2,
    s.prismatic,
    s.prismatic ** 2,
    s.lengthToBeam,
    s.lengthToBeam ** 2,
    entrance,
    entrance ** 2,
    s.beamToDraught,
    s.beamToDraught ** 2,
    s.midship,
  ]
  const coefficient = (d: readonly number[]) => d.reduce((sum, di, i) => sum + di * terms[i]!, 0) / 1000
  const [c1, c2, c3, c4] = [table.d.C1, table.d.C2, table.d.C3, table.d.C4].map(coefficient) as [
    number,
    number,
    number,
    number,
  ]
  const m = 0.14347 * s.prismatic ** -2.1976
  return fn => {
    // below this the waves are nothing, and sine and cosine turn faster than a number can tell
    if (fn < 0.05) return 0
    const inverse = fn ** -2
    const raw =
      c1 * Math.exp((-m / 9) * inverse) +
      Math.exp(-m * inverse) * (c2 + c3 * Math.sin(inverse) + c4 * Math.cos(inverse))
    return Math.max(0, raw)
  }
}

/** The last Froude number of the tests; beyond it the resistance is carried on as the square of speed. */
const LAST = 0.5

const shapeOf = (form: HullForm): VanOortmerssenShape => ({
  lengthToBeam: form.lengthWaterline / form.beamWaterline,
  beamToDraught: form.beamWaterline / form.draughtBody,
  prismatic: form.prismatic,
  midship: form.midship,
  lcb: 100 * form.lcb,
  halfEntrance: (form.halfEntrance * 180) / Math.PI,
})

/** Round-bilged small ships; the series that fits short and beamy launches. */
export const vanOortmerssen1971: ResistanceMethod = {
  id: 'vanOortmerssen1971',
  label: 'van Oortmerssen',
  letter: 'I',
  source: 'van Oortmerssen 1971; friction ITTC-1957; drowned transom by its own drag',
  basis: 'Some ninety models of tugs and trawlers, short and beamy',
  inService: false,
  prepare(given) {
    const { form, water } = given
    const shape = shapeOf(form)
    const residuary = vanOortmerssenResiduary(insideRange(shape))
    const weight = form.volumeBody * water.density * GRAVITY
    const toFroude = 1 / Math.sqrt(GRAVITY * form.lengthWaterline)
    const reaches: Reach[] = [
      { name: 'Waterline length to beam', value: shape.lengthToBeam, least: 3, most: 6.2, doubt: 0.6, far: 0.8 },
      {
        name: 'Waterline beam to hull draught',
        value: shape.beamToDraught,
        least: 1.9,
        most: 4,
        doubt: 0.25,
        far: 1.5,
      },
      {
        name: 'Prismatic coefficient',
        value: shape.prismatic,
        least: 0.5,
        most: 0.73,
        doubt: 0.12,
        far: 3,
        unit: 0.04,
      },
      { name: 'Midship coefficient', value: shape.midship, least: 0.7, most: 0.97, doubt: 0.08, far: 3, unit: 0.08 },
      {
        name: 'Length to cube root of volume',
        value: slenderness(form.lengthWaterline, form.volumeBody),
        least: 0,
        most: 5.5,
        doubt: 1.2,
        far: 0.25,
      },
    ]
    const hull = beliefOf(0.14, reaches)
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const fn = speed * toFroude,
          held = Math.min(LAST, fn)
        const reynolds = Math.max(1e4, (speed * form.lengthWaterline) / water.viscosity)
        const cf = frictionLine(reynolds) * given.frictionFactor + given.frictionAllowance
        return {
          friction: 0.5 * water.density * speed * speed * form.wettedSurface * cf,
          wave: weight * residuary(held) * (fn / held) ** 2 + drownedTransom(form, speed, water),
        }
      },
      belief(speed) {
        const fn = speed * toFroude
        const low = beliefAtSpeed(hull, { name: '', value: fn, least: 0.25, most: 9, doubt: 0.1, far: 99, unit: 0.05 })
        return beliefAtSpeed(low, { name: '', value: fn, least: 0, most: LAST, doubt: 0.1, far: 2.5, unit: 0.05 })
      },
      speedFrom: 0,
      speedTo: LAST / toFroude,
      outside: outsideReaches(reaches),
    }
  },
}
