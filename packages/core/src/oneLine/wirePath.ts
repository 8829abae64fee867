/** A place in a drawing, px. */
export interface Point {
  x: number
  y: number
}

/** Radius of the hop where one wire passes over another, px. */
const HOP = 5

/** A level or an upright stretch of a wire. */
interface Stretch {
  from: Point
  to: Point
}

const stretches = (points: readonly Point[]): Stretch[] => points.slice(1).map((to, i) => ({ from: points[i]!, to }))
const level = ({ from, to }: Stretch) => from.y === to.y
const within = (value: number, a: number, b: number) => value > Math.min(a, b) && value < Math.max(a, b)

/**
 * Where two wires cross without touching: a level stretch of one through an upright one of the other.
 *
 * @param a points of the one
 * @param b points of the other
 * @returns places, each inside both
 */
export function crossings(a: readonly Point[], b: readonly Point[]): Point[] {
  const found: Point[] = []
  for (const p of stretches(a))
    for (const q of stretches(b)) {
      if (level(p) === level(q)) continue
      const [flat, steep] = level(p) ? [p, q] : [q, p]
      if (within(steep.from.x, flat.from.x, flat.to.x) && within(flat.from.y, steep.from.y, steep.to.y))
        found.push({ x: steep.from.x, y: flat.from.y })
    }
  return found
}

/**
 * Path of a wire, straight from point to point, with a half circle over every level crossing.
 *
 * @param points of the wire
 * @param under wires that it passes over
 * @returns the path for a drawing
 * @example wirePath([{ x: 0, y: 0 }, { x: 10, y: 0 }], []) // 'M0 0L10 0'
 */
export function wirePath(points: readonly Point[], under: readonly { points: readonly Point[] }[]): string {
  let path = `M${points[0]!.x} ${points[0]!.y}`
  for (const { from, to } of stretches(points)) {
    if (from.y === to.y) {
      const ahead = Math.sign(to.x - from.x)
      const hops = under
        .flatMap(w => crossings([from, to], w.points))
        .map(p => p.x)
        .sort((a, b) => ahead * (a - b))
      for (const x of new Set(hops))
        path += `H${x - ahead * HOP}a${HOP} ${HOP} 0 0 ${ahead > 0 ? 1 : 0} ${2 * ahead * HOP} 0`
    }
    path += `L${to.x} ${to.y}`
  }
  return path
}
