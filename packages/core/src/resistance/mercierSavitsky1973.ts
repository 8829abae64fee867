import table from '../../data/mercier-savitsky1973.json' with { type: 'json' }
import { GRAVITY, POUND } from '../constants'
import { monotoneCubic } from '../numeric'
import type { HullForm } from '../hull'
import { beliefAtSpeed, beliefOf, outsideReaches, type Reach } from './belief'
import { drownedTransom } from './drownedTransom'
import type { ResistanceMethod } from './resistanceMethod'
import { schoenherrFriction } from './savitsky1964'

/** Displacement that the regression is for: 100 000 lb in sea water of 59 °F. */
const BASE_MASS = 100_000 * POUND,
  BASE_DENSITY = 1025.9,
  BASE_VISCOSITY = 1.188e-6

/** Shape of a transom-stern hull as the regression wants it. */
export interface TransomShape {
  /** ∇^⅓ / L */
  x: number
  /** ∇ / B³ */
  z: number
  /** √(2 ie), ie the half angle of entrance in degrees */
  u: number
  /** transom over greatest section area */
  w: number
}

/**
 * Resistance over weight of a 100 000 lb hull at the table's Froude numbers FnV 1.0 … 2.0.
 *
 * @param shape of the hull
 * @returns eleven values
 *
 * Source: Mercier & Savitsky 1973, table of A1 … A27 (from memory of, see the data file).
 */
export function mercierSavitskyRows({ x, z, u, w }: TransomShape): number[] {
  return table.Fn_vol.map(
    (_, i) =>
      table.A1[i]! +
      table.A2[i]! * x +
      table.A4[i]! * u +
      table.A5[i]! * w +
      table.A6[i]! * x * z +
      table.A7[i]! * x * u +
      table.A8[i]! * x * w +
      table.A9[i]! * z * u +
      table.A10[i]! * z * w +
      table.A15[i]! * w * w +
      table.A18[i]! * x * w * w +
      table.A19[i]! * z * x * x +
      table.A24[i]! * u * w * w +
      table.A27[i]! * w * u * u,
  )
}

/** Wetted area over ∇^⅔ of the regression's hulls. */
const wettedRatio = (form: HullForm, root: number) =>
  2.262 *
  Math.sqrt(form.lengthWaterline / root) *
  (1 + (0.046 * form.beamWaterline) / form.draughtBody + 0.00287 * (form.beamWaterline / form.draughtBody) ** 2)

/** Powers of the speed by which a slow hull's waves may grow: that of friction, and about the steepest of any hump. */
const SLOW_POWERS = [2, 6] as const

/**
 * What is not friction below the table's first Froude number: a hull's waves go on falling as between its first two,
 * much faster than the square of her speed; the dead water behind a wet transom does not, and stays as it is.
 */
function slowWaves(
  [first, second]: [number, number],
  all: (fn: number) => number,
  transom: (fn: number) => number,
): (fn: number) => number {
  const behind = (fn: number) => Math.min(all(fn), transom(fn))
  const atFirst = all(first) - behind(first),
    atSecond = all(second) - behind(second)
  const ends = behind(first) / (transom(first) || 1)
  if (!(atFirst > 0)) return fn => ends * transom(fn)
  const [least, most] = SLOW_POWERS
  const power = Math.min(most, Math.max(least, Math.log(atSecond / atFirst) / Math.log(second / first)))
  return fn => ends * transom(fn) + atFirst * (fn / first) ** power
}

/** Pre-planing resistance of transom-stern hulls, through the hump. */
export const mercierSavitsky1973: ResistanceMethod = {
  id: 'mercierSavitsky1973',
  label: 'Mercier–Savitsky',
  letter: 'G',
  source: 'Mercier & Savitsky 1973; friction Schoenherr, corrected to this size',
  basis: 'Regression of 118 model hulls with a transom, from the end of displacement speed to planing',
  inService: false,
  prepare({ form, water, frictionFactor, frictionAllowance }) {
    const root = Math.cbrt(form.volumeBody)
    const midArea = form.midship * form.beamWaterline * form.draughtBody
    const shape = {
      x: root / form.lengthWaterline,
      z: form.volumeBody / form.beamWaterline ** 3,
      u: Math.sqrt((2 * form.halfEntrance * 180) / Math.PI),
      w: form.transomArea / midArea,
    }
    const rows = mercierSavitskyRows(shape).map(r => Math.max(0.005, r))
    const curve = monotoneCubic(table.Fn_vol, rows)
    const unit = Math.sqrt(GRAVITY * root)
    const weight = form.volumeBody * water.density * GRAVITY
    const ratio = wettedRatio(form, root)
    const baseLength = (form.lengthWaterline * Math.cbrt(BASE_MASS / BASE_DENSITY)) / root
    const baseUnit = Math.sqrt(GRAVITY * Math.cbrt(BASE_MASS / BASE_DENSITY))
    const first = table.Fn_vol[0]!,
      last = table.Fn_vol.at(-1)!
    const frictionAt = (fn: number, cf: number) => 0.5 * ratio * cf * fn * fn
    /** waves over weight at a Froude number of the table */
    const wavesAt = (fn: number) => {
      const base = schoenherrFriction(Math.max(1e5, (fn * baseUnit * baseLength) / BASE_VISCOSITY))
      return Math.max(0, curve(fn) - frictionAt(fn, base))
    }
    const transom = (fn: number) => drownedTransom(form, fn * unit, water) / weight
    const slow = slowWaves([first, table.Fn_vol[1]!], wavesAt, transom)
    // the limits of the regression, from memory of
    const reaches: Reach[] = [
      { name: 'Length to cube root of volume', value: 1 / shape.x, least: 3.07, most: 12.4, doubt: 1, far: 0.2 },
      {
        name: 'Half angle of entrance',
        value: (form.halfEntrance * 180) / Math.PI,
        least: 3.7,
        most: 28.6,
        doubt: 0.1,
        far: 2,
        unit: 5,
      },
      {
        name: 'Waterline length to beam',
        value: form.lengthWaterline / form.beamWaterline,
        least: 2.52,
        most: 18.26,
        doubt: 0.6,
        far: 0.3,
      },
      {
        name: 'Waterline beam to hull draught',
        value: form.beamWaterline / form.draughtBody,
        least: 1.7,
        most: 9.8,
        doubt: 0.3,
        far: 0.5,
      },
    ]
    const hull = { ...beliefOf(0.13, reaches), whole: true }
    return {
      at(speed) {
        if (speed <= 0) return { friction: 0, wave: 0 }
        const fn = speed / unit
        const held = Math.min(last, fn)
        const own =
          schoenherrFriction(Math.max(1e5, (speed * form.lengthWaterline) / water.viscosity)) * frictionFactor +
          frictionAllowance
        return {
          friction: weight * frictionAt(fn, own),
          wave: weight * (fn < first ? slow(fn) : (fn / held) ** 2 * wavesAt(held)),
        }
      },
      belief: speed =>
        beliefAtSpeed(hull, {
          name: '',
          value: speed / unit,
          least: first,
          most: last,
          doubt: 0.08,
          far: 4,
          unit: 0.1,
        }),
      speedFrom: first * unit,
      speedTo: last * unit,
      outside: outsideReaches(reaches),
    }
  },
}
