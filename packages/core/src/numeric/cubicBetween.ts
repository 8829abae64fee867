/**
 * Reads between the middle two of four evenly spaced values, by the cubic through all four.
 *
 * @param before the value one step before `from`
 * @param from the value at t = 0
 * @param to the value at t = 1
 * @param after the value one step after `to`
 * @param t share of the step, 0 … 1
 * @returns the value there
 * @example cubicBetween(-1, 0, 1, 8, 0.5) // 0.125
 *
 * Source: Lagrange's interpolation, Abramowitz & Stegun 1964, 25.2.13, with its powers of t collected.
 */
export function cubicBetween(before: number, from: number, to: number, after: number, t: number): number {
  const slope = to - before / 3 - from / 2 - after / 6,
    bend = (before + to) / 2 - from,
    twist = (after - before) / 6 + (from - to) / 2
  return from + t * (slope + t * (bend + t * twist))
}
