/** A curve with a letter at its end, as points on the screen, px; null where it is not drawn. */
export interface TaggedCurve { tag: string, points: ({ x: number, y: number } | null)[] }
/** A letter in its place. */
export interface PlacedTag { tag: string, index: number }

/** A letter's box, px, with a little air. */
const WIDE = 20, HIGH = 24

/**
 * Places for the letters of curves: at the end of each, or as far back along it as keeps them apart.
 *
 * @param curves as they are drawn; the first has the first choice
 * @param top px above which nothing is drawn
 * @returns the point of each that wears its letter; a curve without a point on the chart has none
 */
export function placeTags(curves: readonly TaggedCurve[], top: number): PlacedTag[] {
  const taken: { x: number, y: number }[] = []
  return curves.flatMap(({ tag, points }) => {
    const onChart = points.flatMap((p, index) => p && p.y >= top ? [{ ...p, index }] : [])
    const apart = onChart.findLast(p => taken.every(t => Math.abs(p.x - t.x) >= WIDE || Math.abs(p.y - t.y) >= HIGH)) ?? onChart.at(-1)
    if (!apart) return []
    taken.push(apart)
    return [{ tag, index: apart.index }]
  })
}

/** Room of a word at the foot or head of a chart, px. */
const WORD_HIGH = 22, LETTER_WIDE = 6.3

/**
 * Which end of an upright line has room for its word, left of the line: the foot, or the head where curves run through the foot alone.
 *
 * @param word to be written
 * @param at px along the chart
 * @param curves as they are drawn, px
 * @param area px of the chart's head and foot
 * @returns the end
 */
export function freeEnd(word: string, at: number, curves: readonly TaggedCurve['points'][], { top, bottom }: { top: number, bottom: number }): 'foot' | 'head' {
  const beside = curves.flatMap(points => points.filter(p => p !== null && p.x >= at - LETTER_WIDE * word.length - 4 && p.x <= at)) as { x: number, y: number }[]
  const inFoot = beside.some(p => p.y > bottom - WORD_HIGH), inHead = beside.some(p => p.y < top + WORD_HIGH && p.y > top - WORD_HIGH)
  return inFoot && !inHead ? 'head' : 'foot'
}
