/**
 * Straight-line interpolation in a table; ends are held.
 *
 * @param xs abscissae, rising
 * @param ys ordinates, as many
 * @param x where
 * @returns y at x
 * @throws RangeError when the table is empty
 * @example interpolate([0, 10], [0, 5], 4) // 2.0
 */
export function interpolate(xs: readonly number[], ys: readonly number[], x: number): number {
  const last = xs.length - 1
  if (last < 0) throw new RangeError('the table is empty')
  if (x <= xs[0]!) return ys[0]!
  if (x >= xs[last]!) return ys[last]!
  let i = 0
  while (x > xs[i + 1]!) i++
  const t = (x - xs[i]!) / (xs[i + 1]! - xs[i]!)
  return ys[i]! + t * (ys[i + 1]! - ys[i]!)
}
