/** The least and the most by which a curve may rise from each place to the next. */
export interface Rises {
  least: readonly number[]
  most: readonly number[]
}

/**
 * The curve nearest to a wished one that rises neither too little nor too much anywhere: what is wished where that may
 * be, and elsewhere the middle between the lowest allowed one above it and the highest allowed one below it.
 *
 * @param wished values at places in order
 * @param rises from each place to the next, one less than there are places; none of the least above its most
 * @returns allowed values at the same places; they move no more than the wished ones do
 * @throws RangeError for rises that do not fit the places
 * @example keptShape([0, -1, 0], { least: [0, 0], most: [1, 1] }) // [-0.5, -0.5, 0]
 *
 * Source: both envelopes keep the rises, and so does every mean of them, since the rises are linear.
 */
export function keptShape(wished: readonly number[], { least, most }: Rises): number[] {
  if (least.length !== wished.length - 1 || most.length !== least.length)
    throw new RangeError(`rises must be one fewer than the ${wished.length} places; got ${least.length}`)
  const above = [...wished],
    below = [...wished]
  for (let i = 1; i < wished.length; i++) {
    above[i] = Math.max(above[i]!, above[i - 1]! + least[i - 1]!)
    below[i] = Math.min(below[i]!, below[i - 1]! + most[i - 1]!)
  }
  for (let i = wished.length - 2; i >= 0; i--) {
    above[i] = Math.max(above[i]!, above[i + 1]! - most[i]!)
    below[i] = Math.min(below[i]!, below[i + 1]! - least[i]!)
  }
  return above.map((high, i) => (high + below[i]!) / 2)
}
