import type { MotorSpec } from './motorSpec'

/** A rating held for ever, one held for a while, and how long that is. */
export interface TimeRating {
  allDay: number
  peak: number
  /** s for which the peak is held */
  seconds: number
}

/**
 * What a part stands for a given time, over what it stands all day: its heat grows with the square of the load towards
 * what that load would bring in the end.
 *
 * @param rating as the plate gives it: torque, or amps
 * @param time s
 * @returns factor from 1, for long, to peak ÷ all day, for the peak's own time and less
 * @example timeFactor({ allDay: 100, peak: 180, seconds: 120 }, 600) // 1.090
 *
 * Source: (load ÷ all day)² = 1 ÷ (1 − exp(−t/τ)), τ from the plate's own peak (one thermal mass, from cold).
 */
export function timeFactor({ allDay, peak, seconds }: TimeRating, time: number): number {
  const most = peak / allDay
  if (!(most > 1) || !Number.isFinite(most)) return 1
  if (time <= seconds) return most
  // the time in peaks: 1 − exp(−seconds/τ) = 1/most²
  const share = 1 / (most * most)
  return Math.min(most, 1 / Math.sqrt(1 - (1 - share) ** (time / seconds)))
}

/**
 * The same for a motor's torque.
 *
 * @param motor its plate
 * @param time s
 * @returns factor on what it holds all day
 * @example motorTimeFactor({ ratedPower: 6000, peakPower: 10_500, peakSeconds: 120 }, 600) // 1.077
 */
export const motorTimeFactor = (
  { ratedPower, peakPower, peakSeconds }: Pick<MotorSpec, 'ratedPower' | 'peakPower' | 'peakSeconds'>,
  time: number,
): number => timeFactor({ allDay: ratedPower, peak: peakPower, seconds: peakSeconds }, time)

/** Seconds for which controllers hold their peaks, and cells theirs, as their plates mean it (common practice). */
export const CONTROLLER_PEAK_SECONDS = 60,
  CELL_PEAK_SECONDS = 30
