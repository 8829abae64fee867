/**
 * Places along a line that keep apart, as near to where they would stand as can be, in the same order.
 *
 * @param wanted places
 * @param apart least distance
 * @param from least place
 * @param to greatest place
 * @returns a place for each
 * @example spreadAlong([10, 12], 6, 0, 100) // [8, 14]
 */
export function spreadAlong(wanted: readonly number[], apart: number, from: number, to: number): number[] {
  const order = wanted.map((x, i) => ({ x, i })).sort((a, b) => a.x - b.x)
  // groups that touch stand round the mean of what they want
  const groups: { items: typeof order; middle: number }[] = []
  const wide = (g: { items: unknown[] }) => (g.items.length - 1) * apart
  for (const item of order) {
    groups.push({ items: [item], middle: item.x })
    for (;;) {
      const last = groups.at(-1)!,
        before = groups.at(-2)
      if (!before || last.middle - wide(last) / 2 - before.middle - wide(before) / 2 >= apart) break
      const items = [...before.items, ...last.items]
      groups.splice(-2, 2, { items, middle: items.reduce((s, it) => s + it.x, 0) / items.length })
    }
  }
  const places: number[] = []
  let least = from
  for (const g of groups) {
    let at = Math.max(least, g.middle - wide(g) / 2)
    for (const { i } of g.items) {
      places[i] = at
      at += apart
    }
    least = at
  }
  // what runs out at the end pushes back
  let most = to
  for (const { i } of [...order].reverse()) {
    places[i] = Math.min(places[i]!, most)
    most = places[i]! - apart
  }
  return places
}
