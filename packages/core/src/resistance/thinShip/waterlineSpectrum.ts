import { cubicBetween, rememberLast } from '../../numeric'
import { fullnessCurve, STATIONS } from './slenderHull'

/**
 * Step of wave number times length: reading by a cubic errs by 1e-5 of the largest amplitude at most, CP 0.5 to 0.9.
 */
const STEP = 0.32
/**
 * Step of the logarithm of the ends' power n = C/(1 − C) from one tabled waterline to the next: reading between two,
 * and along each, errs by 4e-5 at most, CP 0.45 to 0.92.
 */
const POWER_STEP = 0.02

/**
 * A table for each fullness that was asked for: it depends on nothing else, so that all boats share them. Each grows as
 * it is asked further out.
 */
const tables = rememberLast<number[]>('waterlines')

/**
 * How the ends of a waterline make waves, the part of Michell's amplitude along the length: ∫ f′(x) sin(w x) dx (the
 * cosine
 * part is nil by symmetry), tabled at even steps of wave number times length.
 *
 * @param fullness mean of f, CP, 0.4 … 0.95
 * @param reach greatest w L at which it will be read
 * @returns values without unit, for `readSpectrum`
 * @example readSpectrum(waterlineSpectrum(2 / 3, 10), 2 * Math.PI) // -1.273
 */
export function waterlineSpectrum(fullness: number, reach: number): Float64Array {
  const length = Math.floor(reach / STEP) + 3
  const steps = Math.log(fullness / (1 - fullness)) / POWER_STEP,
    place = Math.floor(steps),
    t = steps - place
  const below = tableOf(place, length),
    above = tableOf(place + 1, length)
  const table = new Float64Array(length)
  for (let i = 0; i < length; i++) table[i] = below[i]! + t * (above[i]! - below[i]!)
  return table
}

/** Reads a spectrum at a wave number times length within its reach: an odd function, by a cubic. */
export function readSpectrum(table: Float64Array, waveLength: number): number {
  const at = waveLength / STEP,
    i = Math.floor(at)
  return cubicBetween(i > 0 ? table[i - 1]! : -table[1]!, table[i]!, table[i + 1]!, table[i + 2]!, at - i)
}

function tableOf(place: number, length: number): readonly number[] {
  const table = tables(place, () => [0])
  if (table.length < length) {
    const power = Math.exp(place * POWER_STEP),
      curve = fullnessCurve(power / (1 + power), STATIONS)
    while (table.length < length) table.push(lengthwise(curve, table.length * STEP))
  }
  return table
}

/** The integral at a wave number times length above 0, exact for the polygon. */
function lengthwise(waterline: Float64Array, waveLength: number): number {
  const n = waterline.length - 1,
    turn = waveLength / 2 / n
  // twice Σ slope · ∫ sin(w x) dx over each interval, the cosines by rotation
  const c1 = Math.cos(turn),
    s1 = Math.sin(turn)
  let c = 1,
    s = 0,
    sum = 0
  for (let i = 0; i < n; i++) {
    const cn = c * c1 - s * s1
    s = s * c1 + c * s1
    sum += (waterline[i + 1]! - waterline[i]!) * (c - cn)
    c = cn
  }
  return (2 * sum) / turn
}
