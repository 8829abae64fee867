import { airResistance } from '../resistance'
import type { WindHour } from '../project'
import { along, STILL, type Drift } from './stream'

/**
 * The wind at a time as where the air goes, between the hours that its owner has; before the first and after the last
 * it stays.
 *
 * @param hours of the day's wind
 * @param time of day, s
 * @returns m/s; still air where none is given
 */
export function windAt(hours: readonly WindHour[], time: number): Drift {
  if (hours.length === 0) return STILL
  const sorted = [...hours].sort((a, b) => a.at - b.at)
  const after = sorted.findIndex(w => w.at > time)
  if (after === 0) return goes(sorted[0]!)
  if (after < 0) return goes(sorted.at(-1)!)
  const a = sorted[after - 1]!,
    b = sorted[after]!,
    share = b.at > a.at ? (time - a.at) / (b.at - a.at) : 1,
    [from, to] = [goes(a), goes(b)]
  return { north: from.north + share * (to.north - from.north), east: from.east + share * (to.east - from.east) }
}

/** A wind from the north goes south. */
const goes = ({ from, speed }: WindHour): Drift => ({
  north: -speed * Math.cos(from),
  east: -speed * Math.sin(from),
})

/**
 * What the wind adds to the drag along a course, over that of the still air that the boat's own way makes.
 *
 * @param windage m² seen from ahead
 * @param wind where the air goes
 * @param ground speed over ground, m/s
 * @param course rad
 * @returns N; negative when it pushes
 * @example windDrag(4, { north: -5, east: 0 }, 2, 0) // 99.2
 *
 * Source: ½ ρ A CD |Va| Va∥ with the apparent wind of true direction, less ½ ρ A CD V².
 */
export function windDrag(windage: number, wind: Drift, ground: number, course: number): number {
  if (wind.north === 0 && wind.east === 0) return 0
  const { with: behind, across } = along(wind, course)
  const ahead = ground - behind,
    unit = airResistance(windage, 1, 0)
  return unit * (Math.hypot(ahead, across) * ahead - ground * Math.abs(ground))
}
