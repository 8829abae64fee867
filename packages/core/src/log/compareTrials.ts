import { interpolate } from '../numeric'
import type { KeptTrial, Project } from '../project'
import { setupOf } from '../project'
import { measuredOf } from '../system'

/** Two trials beside each other, over the speeds that both have. */
export interface TrialsCompared {
  /** ln of power after ÷ before, and its σ */
  change: number
  sigma: number
  /** share that she takes more (+) or less (−), with 10 and 90 per cent */
  share: number
  low: number
  high: number
  /** it stands out of the scatter: more than two σ */
  exceeds: boolean
  /** speeds from and to, m/s */
  from: number
  to: number
}

/** σ by which a difference stands out. */
const STANDS_OUT = 2
const BAND = 1.2816

/**
 * What a change made: power at the same speeds before and after.
 *
 * @param before readings by speed, W
 * @param after the same later
 * @returns difference with its doubt; null where speeds do not overlap
 * @example compareTrials([1, 2].map(v => ({ speed: v, power: 900 * v, doubt: 0.1 })), []) // null
 *
 * Source: each later reading against the line through the former ones in ln P over ln V; scatter and readings' own
 * doubt, whichever is larger.
 */
export function compareTrials(before: KeptTrial['points'], after: KeptTrial['points']): TrialsCompared | null {
  const sorted = [...before].filter(p => p.power > 0).sort((a, b) => a.speed - b.speed)
  if (sorted.length < 2) return null
  const xs = sorted.map(p => Math.log(p.speed)),
    ys = sorted.map(p => Math.log(p.power))
  const EDGE = 0.02
  const shared = after.filter(
    p => p.power > 0 && Math.log(p.speed) >= xs[0]! - EDGE && Math.log(p.speed) <= xs.at(-1)! + EDGE,
  )
  if (shared.length === 0) return null
  const apart = shared.map(p => Math.log(p.power) - interpolate(xs, ys, Math.log(p.speed)))
  const n = apart.length,
    change = apart.reduce((s, d) => s + d, 0) / n
  const scatter = Math.sqrt(apart.reduce((s, d) => s + (d - change) ** 2, 0) / Math.max(1, n - 1))
  const own = Math.sqrt(shared.reduce((s, p) => s + p.doubt ** 2, 0)) / n,
    theirs = Math.sqrt(sorted.reduce((s, p) => s + p.doubt ** 2, 0)) / sorted.length
  const sigma = Math.hypot(Math.max(own, scatter / Math.sqrt(n)), theirs)
  const shares = shared.map(p => p.speed)
  return {
    change,
    sigma,
    share: Math.exp(change) - 1,
    low: Math.exp(change - BAND * sigma) - 1,
    high: Math.exp(change + BAND * sigma) - 1,
    exceeds: Math.abs(change) > STANDS_OUT * sigma,
    from: Math.min(...shares),
    to: Math.max(...shares),
  }
}

/**
 * The readings of the table as a trial that can be kept: power from the pack without the house, the stream taken out.
 *
 * @param project the boat
 * @returns readings by speed
 */
export function keptPoints(project: Project): KeptTrial['points'] {
  const { trial } = project
  return (
    measuredOf(project)
      // what another drive took is no trial of this one
      .points.filter(
        p => p.trip === null && p.kind === 'battery' && (trial.setups[p.setup] ?? setupOf(project)).made === 'asFitted',
      )
      .map(p => ({
        speed: p.speed,
        power: Math.max(0, p.value - (trial.setups[p.setup] ?? setupOf(project)).houseLoad),
        doubt: Math.min(1, Math.max(0.001, p.noise)),
      }))
      .sort((a, b) => a.speed - b.speed)
  )
}
