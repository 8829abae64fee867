import type { TrialPoint } from '../project/projectFields'
import { METRIC_UNITS, quantityText, type UnitChoice } from '../units'

/** One speed of a sea trial, freed of the stream as far as the runs allow. */
export interface TrialRun {
  /** m/s through the water */
  speed: number
  /** W at the battery */
  power: number
  /** rows of the table that it comes from, from 1 */
  rows: number[]
  /** how the stream was taken out */
  stream: 'pairs' | 'given' | 'none'
  /** place of the drive that it was made with */
  setup: number
}

/** Setup of a run that is not in the table yet. */
export const NEW_RUN = -1
/** A run that stands still in the water says nothing, m/s. */
const LEAST_SPEED = 0.1

/**
 * Whether a run's stream leaves it any way through the water.
 *
 * @param point of the table, m/s
 * @param choice the owner's units, for the sentence
 * @returns a sentence, or null when all is well
 * @example streamError({ speed: 2, stream: 0.5 }) // null
 */
export function streamError(
  { speed, stream }: Pick<TrialPoint, 'speed' | 'stream'>,
  choice: UnitChoice = METRIC_UNITS,
): string | null {
  if (stream === null || speed - stream >= LEAST_SPEED) return null
  const show = (value: number) => quantityText(value, 'speed', choice)
  return `a stream of ${show(stream)} leaves nothing of ${show(speed)} over ground. A stream against her is negative.`
}

/**
 * Power of a trial point, W: as given, or volts times amps.
 *
 * @param point of the table
 * @returns W, or null when neither is there
 * @example trialPower({ power: null, voltage: 50, current: 40 }) // 2000
 */
export function trialPower(point: Pick<TrialPoint, 'power' | 'voltage' | 'current'>): number | null {
  if (point.power !== null) return point.power
  return point.voltage !== null && point.current !== null ? point.voltage * point.current : null
}

/** Runs out and back whose powers differ by less belong together. */
const SAME_POWER = 0.15

/**
 * Weights of runs in turn out and back, for a stream that changes evenly: 1 1, 1 2 1, 1 3 3 1 …
 *
 * @param count of runs
 * @returns weights that add to 1
 * @example meanOfMeans(3)[1] // 0.5000
 *
 * Source: mean of means, as on the measured mile (common practice).
 */
export function meanOfMeans(count: number): number[] {
  let row = [1]
  for (let i = 1; i < count; i++) row = [...row, 0].map((v, k) => v + (row[k - 1] ?? 0))
  const sum = row.reduce((a, b) => a + b, 0)
  return row.map(v => v / sum)
}

/**
 * Turns the table of a trial into runs: opposite runs in turn at one power are joined, which takes the stream out;
 * a stream that is given is taken off; other points stand as they are. Points without a power, or that stand still in
 * the water, are left out.
 * Only runs made with the same drive are joined.
 *
 * @param points the table, in the order of the day
 * @returns runs in the same order
 */
export function trialRuns(points: readonly TrialPoint[]): TrialRun[] {
  const rows = points.flatMap((p, i) => {
    const power = trialPower(p)
    return power === null || power <= 0 || streamError(p) ? [] : [{ ...p, power, row: i + 1 }]
  })
  const runs: TrialRun[] = []
  for (let i = 0; i < rows.length;) {
    const first = rows[i]!
    let end = i + 1
    if (first.direction && first.stream === null) {
      while (
        end < rows.length &&
        rows[end]!.stream === null &&
        rows[end]!.direction &&
        rows[end]!.direction !== rows[end - 1]!.direction &&
        rows[end]!.setup === first.setup &&
        Math.abs(rows[end]!.power / first.power - 1) < SAME_POWER
      )
        end++
    }
    const group = rows.slice(i, end)
    const weights = meanOfMeans(group.length)
    runs.push({
      speed: group.reduce((s, p, k) => s + weights[k]! * (p.speed - (p.stream ?? 0)), 0),
      power: group.reduce((s, p, k) => s + weights[k]! * p.power, 0),
      rows: group.map(p => p.row),
      stream: group.length > 1 ? 'pairs' : first.stream !== null ? 'given' : 'none',
      setup: first.setup,
    })
    i = end
  }
  return runs
}
