/** A row of parts to try. */
interface PartRow {
  fitted: boolean
  own?: boolean
  /** none while what is fitted is not judged yet */
  state: 'fits' | 'note' | 'caution' | 'stop' | undefined
  price: number
}

/** Rows that a bench shows before it points to the library. */
export const FEW = 24

/**
 * Rows for a bench: all of them when they are few, else the fitted one, the owner's own, and the cheapest of those that
 * fit best, in their order.
 *
 * @param rows of the library
 * @param most rows to show
 * @returns at most so many
 */
export function fewOf<R extends PartRow>(rows: readonly R[], most = FEW): R[] {
  if (rows.length <= most) return [...rows]
  const rank = (r: R) => (r.fitted ? -2 : r.own ? -1 : { fits: 0, note: 0, caution: 1, stop: 2 }[r.state ?? 'fits'])
  const kept = new Set([...rows].sort((a, b) => rank(a) - rank(b) || a.price - b.price).slice(0, most))
  return rows.filter(r => kept.has(r))
}
