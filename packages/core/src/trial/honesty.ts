import type { Reading } from './readings'

/** How far readings are to be trusted, and what would make them better. */
export interface Honesty {
  /** 0 … 100 */
  score: number
  wants: string[]
}

/** Speeds nearer than this share count as one. */
const DISTINCT = 0.04
/** Less that is not explained is not worth a word, σ of ln R. */
const TOLD_SCATTER = 0.03
/** Speeds that draw a curve. */
const ENOUGH = 6

/**
 * Honesty of what was read: stream taken out, number of speeds, nothing far off (common practice).
 *
 * @param readings all of them
 * @param far how many lie further off than the rest lead one to expect
 * @param scatter σ of ln R by which they differ beyond their own noise
 * @returns score and wants
 */
export function honestyOf(readings: readonly Pick<Reading, 'speed' | 'stream'>[], far: number, scatter = 0): Honesty {
  if (readings.length === 0) return { score: 0, wants: [] }
  const paired = readings.filter(r => r.stream !== 'none').length / readings.length
  const speeds = readings.map(r => r.speed).sort((a, b) => a - b)
  const distinct = speeds.filter((v, i) => i === 0 || v > speeds[i - 1]! * (1 + DISTINCT)).length
  const more = ENOUGH - distinct
  return {
    score: Math.round(100 * (0.5 * paired + (0.5 * Math.min(ENOUGH, distinct)) / ENOUGH) * (1 - far / readings.length)),
    wants: [
      ...(paired < 1 ? ['runs both ways at each power, so that the stream drops out'] : []),
      ...(more > 0 ? [more === 1 ? 'one more speed' : `${more} more speeds`] : []),
      ...(far > 0 ? ['a second look at what lies far off'] : []),
      ...(scatter > TOLD_SCATTER
        ? [`why they differ by ± ${Math.round(100 * scatter)} %: stream, wind, units, growth or another drive`]
        : []),
    ],
  }
}
