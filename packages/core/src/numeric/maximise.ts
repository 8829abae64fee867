const GOLDEN = (Math.sqrt(5) - 1) / 2

/**
 * Place of the largest value of a function with one hump, by golden section.
 *
 * @param f the function; finite on [low, high]
 * @param low left end
 * @param high right end
 * @param tolerance width of the last interval
 * @returns x of the maximum and f(x)
 * @throws RangeError when low is not below high
 * @example maximise(x => -(x - 1) * (x - 1), 0, 3).x // 1.000
 *
 * Source: Kiefer 1953 (from memory of). Each step keeps 0.618 of the interval.
 */
export function maximise(
  f: (x: number) => number,
  low: number,
  high: number,
  tolerance = 1e-4,
): { x: number; value: number } {
  if (!(low < high)) throw new RangeError(`low must be below high; got ${low} and ${high}`)
  let a = low,
    b = high
  let x1 = b - GOLDEN * (b - a),
    x2 = a + GOLDEN * (b - a)
  let f1 = f(x1),
    f2 = f(x2)
  while (b - a > tolerance) {
    if (f1 > f2) {
      b = x2
      x2 = x1
      f2 = f1
      x1 = b - GOLDEN * (b - a)
      f1 = f(x1)
    } else {
      a = x1
      x1 = x2
      f1 = f2
      x2 = a + GOLDEN * (b - a)
      f2 = f(x2)
    }
  }
  const x = (a + b) / 2
  return { x, value: f(x) }
}
