/**
 * Cubic through the four knots around a place, for a function that is dear to work out: only those four are asked.
 *
 * @param xs knots, rising, four or more
 * @param valueAt value at knot i
 * @param x between the first and the last knot
 * @returns value at x, never below the least of the two neighbours times a half
 * @example cubicThrough([0, 1, 2, 3], i => i ** 3, 1.5) // 3.375
 *
 * Source: Lagrange's interpolation.
 */
export function cubicThrough(xs: readonly number[], valueAt: (i: number) => number, x: number): number {
  let low = 0,
    high = xs.length - 1
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (xs[middle]! <= x) low = middle
    else high = middle
  }
  const first = Math.min(xs.length - 4, Math.max(0, low - 1))
  let sum = 0
  for (let i = first; i < first + 4; i++) {
    let weight = 1
    for (let j = first; j < first + 4; j++) if (j !== i) weight *= (x - xs[j]!) / (xs[i]! - xs[j]!)
    if (weight !== 0) sum += weight * valueAt(i)
  }
  return Math.max(sum, 0.5 * Math.min(valueAt(low), valueAt(low + 1)))
}
