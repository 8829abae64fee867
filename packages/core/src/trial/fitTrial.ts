import { type Text, plainNumber, share } from '../units'
import type { TrialRun } from './trialRuns'

/** A run with the resistance that its power means through the drive on the board. */
export interface ResistanceRun extends TrialRun {
  /** N */
  resistance: number
  /** N, what the theory says there */
  theory: number
}

/** A run that lies far from the others; it stays in the table and counts little. */
export interface OffPoint {
  rows: number[]
  share: number
}

/** The measured curve: a factor on the theory that changes evenly with the logarithm of speed. */
export interface TrialFit {
  outcome: 'fitted'
  runs: ResistanceRun[]
  /** m/s: speeds between which the measurement carries */
  from: number
  to: number
  /** factor on the theory's resistance at a speed */
  factor(speed: number): number
  /** likely error of that factor, as a share (two standard deviations) */
  spread(speed: number): number
  /** scatter of the runs around the curve, as a share */
  scatter: number
  off: OffPoint[]
  /** 0 … 100: how far the trial is to be trusted, and what it wants */
  honesty: number
  wants: string[]
}

/** The measured curve, or why there is none. */
export type TrialOutcome = TrialFit | { outcome: 'refused'; reason: Text }

/** Speeds nearer than this share count as one. */
const DISTINCT = 0.04
/** Least scatter that owner's instruments have, as a share of the resistance (common practice). */
const LEAST_SCATTER = 0.05
/** A run further off than this many times the scatter is named. */
const FAR = 3
/** Huber's constant, in units of the scatter. */
const HUBER = 1.345
/** How much the factor may tilt from the theory's shape over one e-fold of speed, before the runs speak. */
const PRIOR_TILT = 0.5
/** Bounds: the boat takes between a quarter and four times what the theory says, or the table is wrong. */
const BOUND = Math.log(4)

/**
 * Fits the runs by a factor on the theory, ln factor = a + b ln(v / v̄), robustly (Huber's weights, repeated least
 * squares),
 * with a mild belief that the theory's shape is right. Refuses, with the reason, what cannot carry a fit.
 *
 * @param runs with measured and theoretical resistance
 * @returns the curve with its spread, or the reason
 *
 * Source: Huber 1964, M-estimation by iteratively reweighted least squares.
 */
export function fitTrial(runs: readonly ResistanceRun[]): TrialOutcome {
  const refuse = (text: string, params?: Text['params']): TrialOutcome => ({
    outcome: 'refused',
    reason: { text, params },
  })
  const good = runs.filter(r => r.resistance > 0 && r.theory > 0)
  const speeds = [...good].map(r => r.speed).sort((a, b) => a - b)
  const distinct = speeds.filter((v, i) => i === 0 || v > speeds[i - 1]! * (1 + DISTINCT)).length
  if (distinct < 3) {
    const idle = runs.length - good.length
    return refuse(
      `A fit wants three speeds or more that differ; there ${distinct === 1 ? 'is' : 'are'} ` +
        `${distinct}.${idle ? ` ${idle} of the runs took less than house and idle take by themselves.` : ''} ` +
        'Add runs at other powers.',
    )
  }
  if (speeds.at(-1)! < 1.25 * speeds[0]!)
    return refuse('The runs lie too near each other: the fastest should be a quarter faster than the slowest.')
  const middle = Math.exp(good.reduce((s, r) => s + Math.log(r.speed), 0) / good.length)
  const xs = good.map(r => Math.log(r.speed / middle)),
    ys = good.map(r => Math.log(r.resistance / r.theory))
  let weights = good.map(() => 1),
    scatter = LEAST_SCATTER
  let fit = solve(xs, ys, weights, 0.3)
  for (let round = 0; round < 30; round++) {
    const residuals = ys.map((y, i) => y - fit.a - fit.b * xs[i]!)
    const sorted = residuals.map(Math.abs).sort((p, q) => p - q)
    // median absolute deviation, as a standard deviation
    scatter = Math.max(
      LEAST_SCATTER,
      (1.4826 * (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.floor(sorted.length / 2)]!)) / 2,
    )
    weights = residuals.map(r => Math.min(1, (HUBER * scatter) / Math.max(1e-12, Math.abs(r))))
    fit = solve(xs, ys, weights, scatter)
  }
  if (Math.abs(fit.a) > BOUND)
    return refuse(
      'The runs take {x} times what any method expects. Look at the units, and whether watts are at the battery.',
      { x: plainNumber(Math.exp(fit.a)) },
    )
  if (scatter > 0.4)
    return refuse(
      'The runs scatter by {s}: no curve can be drawn through them. Hold each for two minutes, both ways, in ' +
        'slack water.',
      { s: share(scatter) },
    )
  const logFactor = (speed: number) => {
    const x = Math.log(Math.max(0.05, speed) / middle),
      first = Math.log(speeds[0]! / middle),
      last = Math.log(speeds.at(-1)! / middle)
    // outside the runs the factor is held: a tilt is not carried on
    return {
      y: fit.a + fit.b * Math.min(last, Math.max(first, x)),
      beyond: Math.max(0, x - last, first - x),
      x: Math.min(last, Math.max(first, x)),
    }
  }
  const off = ys.flatMap((y, i) => {
    const residual = y - fit.a - fit.b * xs[i]!
    return Math.abs(residual) > FAR * scatter ? [{ rows: good[i]!.rows, share: Math.exp(residual) - 1 }] : []
  })
  return {
    outcome: 'fitted',
    runs: [...good],
    from: speeds[0]!,
    to: speeds.at(-1)!,
    scatter,
    off,
    factor: speed => Math.exp(logFactor(speed).y),
    spread: speed => {
      const { x, beyond } = logFactor(speed)
      return 2 * Math.sqrt(fit.aa + 2 * x * fit.ab + x * x * fit.bb) + PRIOR_TILT * beyond
    },
    ...honestyOf(good, distinct, scatter, off.length),
  }
}

/** Weighted least squares of y = a + b x with the belief that b is near nothing; the covariance of a and b. */
function solve(xs: readonly number[], ys: readonly number[], weights: readonly number[], scatter: number) {
  const s2 = scatter * scatter
  let n = 0,
    sx = 0,
    sxx = s2 / (PRIOR_TILT * PRIOR_TILT),
    sy = 0,
    sxy = 0
  xs.forEach((x, i) => {
    const w = weights[i]!
    n += w
    sx += w * x
    sxx += w * x * x
    sy += w * ys[i]!
    sxy += w * x * ys[i]!
  })
  const det = n * sxx - sx * sx
  return {
    a: (sxx * sy - sx * sxy) / det,
    b: (n * sxy - sx * sy) / det,
    aa: (s2 * sxx) / det,
    ab: (-s2 * sx) / det,
    bb: (s2 * n) / det,
  }
}

/** Honesty of a trial: stream taken out, number of speeds, scatter, nothing far off (common practice). */
function honestyOf(
  runs: readonly ResistanceRun[],
  distinct: number,
  scatter: number,
  off: number,
): Pick<TrialFit, 'honesty' | 'wants'> {
  const paired = runs.filter(r => r.stream !== 'none').length / runs.length
  const wants = [
    ...(paired < 1 ? ['runs both ways at each power, so that the stream drops out'] : []),
    ...(distinct < 6 ? [`${6 - distinct} more speeds`] : []),
    ...(scatter > 0.1 ? ['steadier runs, each held for two minutes'] : []),
    ...(off > 0 ? ['a second look at what lies far off'] : []),
  ]
  return {
    honesty: Math.round(
      100 * (0.4 * paired + 0.3 * Math.min(1, distinct / 6) + 0.3 * Math.max(0, Math.min(1, (0.25 - scatter) / 0.2))) -
        10 * Math.min(2, off),
    ),
    wants,
  }
}
