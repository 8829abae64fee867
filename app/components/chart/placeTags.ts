/** A curve with a letter or two at its end, as points on the screen, px; null where it is not drawn. */
export interface TaggedCurve {
  tag: string
  points: ({ x: number; y: number } | null)[]
}

/** Where a word stands, px. */
export interface WordBox {
  left: number
  right: number
  top: number
  bottom: number
}
const overlap = (a: WordBox, b: WordBox) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom

/** A tag's box, px, with a little air: one letter, each further one, and its height. */
const WIDE = 20,
  HIGH = 24
/** px that a letter takes */
export const LETTER_WIDE = 6.3
const widthOf = (tag: string) => WIDE + LETTER_WIDE * (tag.length - 1)

/**
 * Places for the tags of curves: at the end of each, or as far back along it as keeps them apart.
 *
 * @param curves as they are drawn; the first has the first choice
 * @param top px above which nothing is drawn
 * @param words that stand there already
 * @returns the point of each curve that wears its tag; null for one without a point on the chart
 */
export function placeTags(
  curves: readonly TaggedCurve[],
  top: number,
  words: readonly WordBox[] = [],
): (number | null)[] {
  const taken: { x: number; y: number; width: number }[] = []
  return curves.map(({ tag, points }) => {
    const width = widthOf(tag),
      onChart = points.flatMap((p, index) => (p && p.y >= top ? [{ ...p, index, width }] : []))
    const clear = (p: { x: number; y: number }) =>
      words.every(
        w =>
          p.x + width / 2 < w.left || p.x - width / 2 > w.right || p.y + HIGH / 2 < w.top || p.y - HIGH / 2 > w.bottom,
      )
    const apart =
      onChart.findLast(
        p => clear(p) && taken.every(t => Math.abs(p.x - t.x) >= (width + t.width) / 2 || Math.abs(p.y - t.y) >= HIGH),
      ) ?? onChart.at(-1)
    if (!apart) return null
    taken.push(apart)
    return apart.index
  })
}

/** Height of a word at the foot or head of a chart, px. */
export const WORD_HIGH = 20

/** The chart's own field, px. */
export interface ChartArea {
  left: number
  right: number
  top: number
  bottom: number
}
/** Where the word of an upright line stands: on which side, at which end, and how many rows from it. */
export interface UprightPlace {
  side: 'left' | 'right'
  end: 'foot' | 'head'
  row: number
  box: WordBox
}
/** Rows that are tried at an end before words may stand on each other. */
const MOST_ROWS = 4

/**
 * Where the word of an upright line has room: left of the line, unless the chart begins there; at its foot, or at its
 * head where curves
 * run through the foot alone; a row further in where another word stands there already.
 *
 * @param word to be written
 * @param at px along the chart
 * @param curves as they are drawn, px
 * @param area px of the chart's sides
 * @param taken words that stand there already
 * @returns side, end, row and the box
 */
export function freePlace(
  word: string,
  at: number,
  curves: readonly TaggedCurve['points'][],
  area: ChartArea,
  taken: readonly WordBox[] = [],
): UprightPlace {
  const lines = word.split('<br>'),
    width = LETTER_WIDE * Math.max(...lines.map(l => l.length)) + 4,
    high = lines.length * WORD_HIGH,
    { left, right, top, bottom } = area
  const place = (side: UprightPlace['side'], end: UprightPlace['end'], row: number): UprightPlace => {
    const from = side === 'left' ? at - width : at,
      y = end === 'foot' ? bottom - row * WORD_HIGH - high : top + row * WORD_HIGH
    return { side, end, row, box: { left: from, right: from + width, top: y, bottom: y + high } }
  }
  const crossed = ({ box }: UprightPlace) =>
    curves.some(points =>
      points.some(p => p !== null && p.x >= box.left && p.x <= box.right && p.y > box.top && p.y < box.bottom),
    )
  const free = ({ box }: UprightPlace) => taken.every(w => !overlap(w, box))
  const inside = ({ box }: UprightPlace) => box.left >= left && box.right <= right
  const sides = (['left', 'right'] as const).filter(side => inside(place(side, 'foot', 0))),
    ends = ['foot', 'head'] as const
  const usual = sides[0] ?? 'left',
    own = ends.map(end => place(usual, end, 0))
  const choices = [
    ...own.filter(p => !crossed(p)),
    ...sides
      .slice(1)
      .flatMap(side => ends.map(end => place(side, end, 0)))
      .filter(p => !crossed(p)),
    ...Array.from({ length: MOST_ROWS }, (_, row) =>
      (sides.length ? sides : [usual]).map(side => place(side, 'foot', row)),
    ).flat(),
  ]
  return choices.find(free) ?? own[0]!
}

/** Where the word of a level line stands: at which side of the chart, above or below its line. */
export interface LevelPlace {
  side: 'left' | 'right'
  above: boolean
  box: WordBox
}

/**
 * Where the word of a level line has room: at the left above it, else at the right, else below.
 *
 * @param word to be written
 * @param at px down the chart
 * @param area px of the chart's sides
 * @param taken words that stand there already
 * @returns side, above or below, and the box
 */
export function freeLevel(word: string, at: number, area: ChartArea, taken: readonly WordBox[]): LevelPlace {
  const width = LETTER_WIDE * word.length + 8
  const place = (side: LevelPlace['side'], above: boolean): LevelPlace => {
    const from = side === 'left' ? area.left : area.right - width
    return {
      side,
      above,
      box: { left: from, right: from + width, top: above ? at - WORD_HIGH : at, bottom: above ? at : at + WORD_HIGH },
    }
  }
  const choices = [place('left', true), place('right', true), place('left', false), place('right', false)]
  return choices.find(p => p.box.top > area.top - WORD_HIGH && taken.every(w => !overlap(w, p.box))) ?? choices[0]!
}
