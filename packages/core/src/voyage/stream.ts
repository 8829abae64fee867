import type { Stream } from '../project'

/** Seconds from one slack to the next: half of 12 h 25 min. */
export const HALF_TIDE = (12 * 60 + 25) * 30
/**
 * Rule of twelfths: the water rises by 1, 2, 3, 3, 2, 1 twelfths in the six parts of a tide, and runs in proportion: it
 * stands at slack and is fastest at half tide. Share of the greatest rate at each twelfth of the time.
 */
const TWELFTHS = [0, 1 / 3, 0.5, 2 / 3, 5 / 6, 1, 1, 1, 5 / 6, 2 / 3, 0.5, 1 / 3, 0]

/**
 * Rate of a stream at a time, along its set; negative when a tide has turned back.
 *
 * @param stream as its owner has it
 * @param time of day, s; the next day goes on from 86,400
 * @returns m/s
 * @example streamRate({ kind: 'steady', rate: 0.5 }, 0) // 0.5
 *
 * Source: common practice: sine, or the rule of twelfths (1 2 3 3 2 1); rate between neaps and springs in proportion.
 */
export function streamRate(stream: Stream, time: number): number {
  if (stream.kind === 'steady') return stream.rate
  const greatest = stream.neaps + (stream.rate - stream.neaps) * stream.springs
  const since = (time - stream.highWater - stream.turns) / HALF_TIDE,
    half = Math.floor(since),
    share = since - half,
    sign = half % 2 === 0 ? 1 : -1
  return sign * greatest * (stream.rule === 'sine' ? Math.sin(Math.PI * share) : twelfth(share))
}

function twelfth(share: number): number {
  const at = share * 12,
    i = Math.min(11, Math.floor(at))
  return TWELFTHS[i]! + (TWELFTHS[i + 1]! - TWELFTHS[i]!) * (at - i)
}

/** A current or a wind as what goes north and east, m/s. */
export interface Drift {
  north: number
  east: number
}
export const STILL: Drift = { north: 0, east: 0 }
/** How fast a current or a wind goes, m/s. */
export const driftSpeed = ({ north, east }: Drift): number => Math.hypot(north, east)

/**
 * A stream as a vector.
 *
 * @param stream null for none
 * @param time of day, s
 * @returns m/s
 */
export function streamAt(stream: Stream | null | undefined, time: number): Drift {
  if (!stream) return STILL
  const rate = streamRate(stream, time)
  return { north: rate * Math.cos(stream.set), east: rate * Math.sin(stream.set) }
}

/** How a drift lies to a course: with it, and across it from the left. m/s. */
export const along = ({ north, east }: Drift, course: number) => ({
  with: north * Math.cos(course) + east * Math.sin(course),
  across: east * Math.cos(course) - north * Math.sin(course),
})

/**
 * Speed over ground along a course that is held against a stream across it.
 *
 * @param water speed through the water, m/s
 * @param stream the stream
 * @param course rad
 * @returns m/s; 0 or less where the stream is too strong to hold the course or to make way
 * @example overGround(2, { north: -1, east: 0 }, 0) // 1
 *
 * Source: Vg = v∥ + √(Vw² − v⊥²), the triangle of velocities.
 */
export function overGround(water: number, stream: Drift, course: number): number {
  const { with: ahead, across } = along(stream, course)
  return Math.abs(across) > water ? Math.min(0, ahead) : ahead + Math.sqrt(water ** 2 - across ** 2)
}

/**
 * Speed through the water that gives a speed over ground along a course.
 *
 * @param ground m/s
 * @param stream the stream
 * @param course rad
 * @returns m/s, the inverse of overGround
 * @example throughWater(1, { north: -1, east: 0 }, 0) // 2
 */
export function throughWater(ground: number, stream: Drift, course: number): number {
  const { with: ahead, across } = along(stream, course)
  return Math.hypot(Math.max(0, ground - ahead), across)
}
