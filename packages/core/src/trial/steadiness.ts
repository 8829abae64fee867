import { KNOT } from '../constants'
import type { InstrumentId, Sample } from '../instruments'

/** How steady a run wants to be (common practice: handbook, days, yard and log). */
export const STEADY = { time: 120, speed: 0.1 * KNOT, power: 0.03 } as const
/** A speed is taken as the mean of so many seconds: what a receiver is good for. */
const SMOOTH = 10
/** Noise below this does not make a small motor unsteady, W. */
const LEAST_POWER = 10

/** The steady end of what was heard. SI. */
export interface SteadyStretch {
  /** s for which she has been steady until now */
  held: number
  from: number
  until: number
  /** means over it; what was not heard is missing */
  means: Partial<Record<InstrumentId, number>>
  /** half the width between the slowest and the fastest ten seconds, m/s, and of the power as a share */
  speedWithin: number
  powerWithin: number
  samples: number
}

/** Which speed a trial goes by: over ground where it is heard, else through the water. */
export const speedOf = ({ values }: Pick<Sample, 'values'>): number | undefined => values.ground ?? values.water

/**
 * The longest stretch up to now over which speed and power were steady.
 *
 * @param samples in order, about one a second
 * @param wanted how steady: s, m/s, share of the power
 * @returns the stretch; null when nothing was heard
 *
 * Source: the means of ten seconds stay within ± 0.1 kn, power within ± 3 % (common practice).
 */
export function steadyStretch(
  samples: readonly Sample[],
  wanted: { speed: number; power: number } = STEADY,
): SteadyStretch | null {
  const last = samples.length - 1
  if (last < 0) return null
  let from = last + 1
  const course = courseOf(samples[last]!)
  const span = { speed: new Span(), power: new Span() }
  for (let i = last; i >= 0; i--) {
    const speed = meanOf(samples, i, s => speedOf(s)),
      power = meanOf(samples, i, s => s.values.power)
    if (speed === null) break
    const heads = courseOf(samples[i]!)
    if (course !== undefined && heads !== undefined && apart(course, heads) > COURSE) break
    const next = { speed: span.speed.with(speed), power: power === null ? span.power : span.power.with(power) }
    const broad = next.power.half > Math.max(LEAST_POWER, wanted.power * Math.abs(next.power.middle))
    if (next.speed.half > wanted.speed || broad || (i < last && samples[i + 1]!.time - samples[i]!.time > SMOOTH)) break
    span.speed = next.speed
    span.power = next.power
    from = i
  }
  if (from > last) return null
  const part = samples.slice(from)
  return {
    held: part.at(-1)!.time - part[0]!.time,
    from: part[0]!.time,
    until: part.at(-1)!.time,
    means: meansOf(part),
    speedWithin: span.speed.half,
    powerWithin: span.power.middle ? span.power.half / Math.abs(span.power.middle) : 0,
    samples: part.length,
  }
}

/** A boat that lies further off her course has turned, rad (common practice: waves yaw her by ten degrees). */
const COURSE = 0.4
const courseOf = ({ values }: Sample): number | undefined => values.heading ?? values.course
/** Angle between two directions, rad, 0 … π. */
export const apart = (a: number, b: number): number => Math.abs(((a - b + 3 * Math.PI) % (2 * Math.PI)) - Math.PI)

/** Smallest and greatest of what was met. */
class Span {
  constructor(
    readonly low = Infinity,
    readonly high = -Infinity,
  ) {}
  with(value: number): Span {
    return new Span(Math.min(this.low, value), Math.max(this.high, value))
  }
  get half(): number {
    return this.high >= this.low ? (this.high - this.low) / 2 : 0
  }
  get middle(): number {
    return this.high >= this.low ? (this.high + this.low) / 2 : 0
  }
}

/** Mean of the ten seconds around a sample, as far as there are any. */
function meanOf(samples: readonly Sample[], at: number, read: (s: Sample) => number | undefined): number | null {
  const { time } = samples[at]!
  let sum = 0,
    count = 0
  for (let i = at; i >= 0 && time - samples[i]!.time <= SMOOTH / 2; i--) {
    const value = read(samples[i]!)
    if (value !== undefined) {
      sum += value
      count++
    }
  }
  for (let i = at + 1; i < samples.length && samples[i]!.time - time <= SMOOTH / 2; i++) {
    const value = read(samples[i]!)
    if (value !== undefined) {
      sum += value
      count++
    }
  }
  return count === 0 ? null : sum / count
}

const ANGLES: ReadonlySet<InstrumentId> = new Set(['course', 'heading', 'windAngle', 'trueWindFrom'])

/**
 * Means of what was heard; directions as the mean of their vectors.
 *
 * @param samples of a stretch
 * @returns by instrument; what was never heard is missing
 */
export function meansOf(samples: readonly Pick<Sample, 'values'>[]): SteadyStretch['means'] {
  const sums = new Map<InstrumentId, { x: number; y: number; count: number }>()
  for (const { values } of samples)
    for (const [id, value] of Object.entries(values) as [InstrumentId, number][]) {
      const sum = sums.get(id) ?? { x: 0, y: 0, count: 0 },
        angle = ANGLES.has(id)
      sum.x += angle ? Math.cos(value) : value
      sum.y += angle ? Math.sin(value) : 0
      sum.count++
      sums.set(id, sum)
    }
  return Object.fromEntries(
    [...sums].map(([id, { x, y, count }]) => [
      id,
      ANGLES.has(id) ? (Math.atan2(y, x) + 2 * Math.PI) % (2 * Math.PI) : x / count,
    ]),
  )
}
