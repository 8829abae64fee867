/** A curve with a letter or two at its end, as points on the screen, px; null where it is not drawn. */
export interface TaggedCurve { tag: string, points: ({ x: number, y: number } | null)[] }

/** A tag's box, px, with a little air: one letter, each further one, and its height. */
const WIDE = 20, LETTER_WIDE = 6.3, HIGH = 24
const widthOf = (tag: string) => WIDE + LETTER_WIDE * (tag.length - 1)

/**
 * Places for the tags of curves: at the end of each, or as far back along it as keeps them apart.
 *
 * @param curves as they are drawn; the first has the first choice
 * @param top px above which nothing is drawn
 * @returns the point of each curve that wears its tag; null for one without a point on the chart
 */
export function placeTags(curves: readonly TaggedCurve[], top: number): (number | null)[] {
  const taken: { x: number, y: number, width: number }[] = []
  return curves.map(({ tag, points }) => {
    const width = widthOf(tag), onChart = points.flatMap((p, index) => p && p.y >= top ? [{ ...p, index, width }] : [])
    const apart = onChart.findLast(p => taken.every(t => Math.abs(p.x - t.x) >= (width + t.width) / 2 || Math.abs(p.y - t.y) >= HIGH)) ?? onChart.at(-1)
    if (!apart) return null
    taken.push(apart)
    return apart.index
  })
}

/** Height of a word at the foot or head of a chart, px. */
const WORD_HIGH = 22

/**
 * Where the word of an upright line has room: left of the line, unless the chart begins there; at its foot, or at its head where curves
 * run through the foot alone.
 *
 * @param word to be written
 * @param at px along the chart
 * @param curves as they are drawn, px
 * @param area px of the chart's left side, head and foot
 * @returns side and end
 */
export function freePlace(word: string, at: number, curves: readonly TaggedCurve['points'][], { left, top, bottom }: { left: number, top: number, bottom: number }): { side: 'left' | 'right', end: 'foot' | 'head' } {
  const width = LETTER_WIDE * word.length + 4, side = at - width < left ? 'right' : 'left'
  const [from, to] = side === 'left' ? [at - width, at] : [at, at + width]
  const beside = curves.flatMap(points => points.filter(p => p !== null && p.x >= from && p.x <= to)) as { x: number, y: number }[]
  const inFoot = beside.some(p => p.y > bottom - WORD_HIGH), inHead = beside.some(p => p.y < top + WORD_HIGH && p.y > top - WORD_HIGH)
  return { side, end: inFoot && !inHead ? 'head' : 'foot' }
}
