import { elevationOf } from '../mass'
import type { Project } from '../project'
import type { Line } from '../hull'

/** Points of a stroke that bends. */
const BENDS = 12

/** A drawn line as points. */
function pointsOf(line: Line): { x: number; z: number }[] {
  const points: { x: number; z: number }[] = []
  for (const s of line) {
    const last = points.at(-1)
    if (s[0] === 'M' || s[0] === 'L') points.push({ x: s[1], z: s[2] })
    else if (s[0] === 'C' && last) {
      const { x, z } = last
      for (let i = 1; i <= BENDS; i++) {
        const t = i / BENDS,
          u = 1 - t
        points.push({
          x: u ** 3 * x + 3 * u * u * t * s[1] + 3 * u * t * t * s[3] + t ** 3 * s[5],
          z: u ** 3 * z + 3 * u * u * t * s[2] + 3 * u * t * t * s[4] + t ** 3 * s[6],
        })
      }
    }
  }
  return points
}

/**
 * How high her side stands above the water amidships, as she is drawn and as heavy as she is.
 *
 * @param project the boat
 * @returns m, at least 0.05
 *
 * Source: the outline by which she is drawn; an estimate (± 30 %).
 */
export function freeboardOf(project: Project): number {
  const { hull, lengthOverAll } = elevationOf(project),
    x = lengthOverAll / 2,
    points = pointsOf(hull)
  let top = 0
  for (let i = 0; i < points.length; i++) {
    const a = points[i]!,
      b = points[(i + 1) % points.length]!
    if ((a.x - x) * (b.x - x) <= 0 && a.x !== b.x) top = Math.max(top, a.z + ((b.z - a.z) * (x - a.x)) / (b.x - a.x))
  }
  return Math.max(0.05, top)
}
