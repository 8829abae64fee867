import table from '../../data/b-series.json' with { type: 'json' }
import { rememberLast } from '../numeric'

/** A fixed propeller: diameter and pitch in m, expanded area ratio AE/A0, number of blades. */
export interface Propeller {
  diameter: number
  pitch: number
  areaRatio: number
  blades: number
}

/** Coefficients of a cubic in J, lowest power first. */
export type Cubic = readonly [number, number, number, number]

/** KT(J) and KQ(J) of one propeller, collapsed from the series once. */
export interface OpenWater {
  kt: Cubic
  kq: Cubic
}

/** Coefficients by power of J (0–3) and of P/D (0–6), for one blade count and area: c[4·t + s]. */
export interface BladeFamily {
  kt: Float64Array
  kq: Float64Array
  areaRatio: number
  blades: number
}

/** Range of the series, and the areas that were really tested for each blade number. */
export const B_SERIES_RANGE = {
  pitchRatio: [0.5, 1.4],
  areaRatio: [0.3, 1.05],
  tested: { 2: [0.3, 0.38], 3: [0.35, 0.8], 4: [0.4, 1], 5: [0.45, 1.05] } as Record<number, [number, number]>,
} as const

function collapse(rows: number[][], areaRatio: number, blades: number): Float64Array {
  const out = new Float64Array(28)
  for (const [C, s, t, u, v] of rows as [number, number, number, number, number][]) {
    out[4 * t + s]! += C * areaRatio ** u * blades ** v
  }
  return out
}

const families = rememberLast<BladeFamily>('bladeFamilies')

/**
 * The series for one area ratio and blade number, as a polynomial in J and P/D. Kept, since a search asks for it again.
 *
 * @param areaRatio AE/A0, 0.2 to 1.2
 * @param blades 2 to 7
 * @returns coefficients
 * @throws RangeError outside those
 */
export function bladeFamily(areaRatio: number, blades: number): BladeFamily {
  if (!(areaRatio >= 0.2 && areaRatio <= 1.2))
    throw new RangeError(`areaRatio must be between 0.2 and 1.2; got ${areaRatio}`)
  if (!Number.isInteger(blades) || blades < 2 || blades > 7)
    throw new RangeError(`blades must be a whole number from 2 to 7; got ${blades}`)
  return families(`${areaRatio}/${blades}`, () => ({
    kt: collapse(table.KT, areaRatio, blades),
    kq: collapse(table.KQ, areaRatio, blades),
    areaRatio,
    blades,
  }))
}

function atPitch(c: Float64Array, p: number): Cubic {
  let a = 0,
    b = 0,
    d = 0,
    e = 0
  for (let t = 6; t >= 0; t--) {
    // Horner in P/D for each power of J
    a = a * p + c[4 * t]!
    b = b * p + c[4 * t + 1]!
    d = d * p + c[4 * t + 2]!
    e = e * p + c[4 * t + 3]!
  }
  return [a, b, d, e]
}

/**
 * KT and KQ of one propeller as cubics in the advance ratio J.
 *
 * @param family area ratio and blade number
 * @param pitchRatio P/D, 0.3 to 1.6 (the series holds from 0.5 to 1.4)
 * @returns the two cubics
 * @throws RangeError outside those
 * @example openWater(bladeFamily(0.7, 4), 1).kt[0] // 0.4547
 *
 * Source: Oosterveld & van Oossanen 1975, KT, KQ = Σ C J^s (P/D)^t (AE/A0)^u Z^v, Re = 2·10⁶.
 */
export function openWater(family: BladeFamily, pitchRatio: number): OpenWater {
  if (!(pitchRatio >= 0.3 && pitchRatio <= 1.6))
    throw new RangeError(`pitchRatio must be between 0.3 and 1.6; got ${pitchRatio}`)
  return { kt: atPitch(family.kt, pitchRatio), kq: atPitch(family.kq, pitchRatio) }
}

/**
 * Value of a cubic, by Horner.
 *
 * @param c coefficients, lowest first
 * @param x where
 * @returns value
 * @example cubicAt([1, 2, 3, 4], 2) // 49.0
 */
export function cubicAt(c: Cubic, x: number): number {
  return ((c[3] * x + c[2]) * x + c[1]) * x + c[0]
}
