/**
 * Smooth curve through points that never overshoots them: cubic Hermite with limited slopes.
 *
 * @param xs abscissae, strictly rising, at least two
 * @param ys ordinates, as many
 * @returns a function of x; outside the points it holds the end values
 * @throws RangeError when the points are too few or not rising
 * @example monotoneCubic([0, 1, 2], [0, 1, 1])(1.5) // 1.0
 *
 * Source: Fritsch & Carlson 1980, with the three-point slope of Fritsch & Butland 1984 (from memory of).
 */
export function monotoneCubic(xs: readonly number[], ys: readonly number[]): (x: number) => number {
  const n = xs.length
  if (n < 2 || ys.length !== n)
    throw new RangeError(`need two points or more of equal count; got ${n} and ${ys.length}`)
  const step = new Float64Array(n - 1),
    slope = new Float64Array(n - 1),
    m = new Float64Array(n)
  for (let i = 0; i < n - 1; i++) {
    step[i] = xs[i + 1]! - xs[i]!
    if (!(step[i]! > 0)) throw new RangeError(`xs must rise; got ${xs[i]} then ${xs[i + 1]}`)
    slope[i] = (ys[i + 1]! - ys[i]!) / step[i]!
  }
  m[0] = slope[0]!
  m[n - 1] = slope[n - 2]!
  for (let i = 1; i < n - 1; i++) {
    const left = slope[i - 1]!,
      right = slope[i]!
    if (left * right <= 0) {
      m[i] = 0
      continue
    } // a turning point stays flat
    const w1 = 2 * step[i]! + step[i - 1]!,
      w2 = step[i]! + 2 * step[i - 1]!
    m[i] = (w1 + w2) / (w1 / left + w2 / right)
  }
  return (x: number) => {
    if (x <= xs[0]!) return ys[0]!
    if (x >= xs[n - 1]!) return ys[n - 1]!
    let i = 0
    while (x > xs[i + 1]!) i++
    const h = step[i]!,
      t = (x - xs[i]!) / h,
      t2 = t * t,
      t3 = t2 * t
    return (
      (2 * t3 - 3 * t2 + 1) * ys[i]! +
      (t3 - 2 * t2 + t) * h * m[i]! +
      (3 * t2 - 2 * t3) * ys[i + 1]! +
      (t3 - t2) * h * m[i + 1]!
    )
  }
}
