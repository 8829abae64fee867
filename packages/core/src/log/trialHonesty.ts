import { KNOT } from '../constants'
import type { Project } from '../project'
import { depthFroude, SHALLOW_WARNING } from '../resistance'
import { hullResistance, modelOf } from '../system'
import { STEADY, pairsOf, runSpeed, type TrialPlan, type TrialRun } from '../trial'
import { windDrag } from '../voyage'

/** The five things that make a trial honest. */
export const HONEST = ['ways', 'steady', 'wind', 'depth', 'number'] as const
export type HonestId = (typeof HONEST)[number]

/** One of them: how it stands, the number behind it, and what it costs in doubt. */
export interface HonestWord {
  id: HonestId
  state: 'fits' | 'caution' | 'stop' | 'note'
  /** m/s, m, or a count, by the word; null where nothing was heard */
  value: number | null
  /** draughts under her for depth, runs wanted for number and ways */
  beside: number | null
  /** σ of ln power that it adds */
  cost: number
}

/** Winds below which a trial is good, and above which it tells little, m/s (handbook: 7 kn; common practice). */
const CALM = 7 * KNOT,
  WINDY = 14 * KNOT
/** Draughts of water that do not slow her. */
const DRAUGHTS = 3
/** Speeds that draw a curve, and the least. */
const ENOUGH = 5,
  FEW = 3
/** A speed that the stream has not been taken out of, as σ of ln power; power goes with about the cube of speed. */
const CUBE = 3,
  ONE_WAY = 0.1

/**
 * How honest a trial is so far: both ways, steady, little wind, deep water, enough speeds.
 *
 * @param project the boat
 * @param plan the steps
 * @param runs that were taken
 * @returns five words in their order
 *
 * Source: handbook, sea trial; wind left over from the mean of head and tail wind; depth by the depth Froude number.
 */
export function trialHonesty(project: Project, plan: TrialPlan, runs: readonly TrialRun[]): HonestWord[] {
  const pairs = pairsOf(plan, runs).filter(p => p.runs.length > 0),
    paired = pairs.filter(p => p.paired || p.runs.every(r => r.means.ground === undefined)).length
  const fastest = runs.reduce((m, r) => Math.max(m, runSpeed(r) || 0), 0)
  const none = runs.length === 0
  return [
    {
      id: 'ways',
      state: none ? 'note' : paired === pairs.length ? 'fits' : paired === 0 ? 'caution' : 'note',
      value: paired,
      beside: plan.steps.length,
      cost: pairs.length ? ONE_WAY * (1 - paired / pairs.length) : 0,
    },
    steady(runs),
    wind(project, runs),
    depth(project, runs, fastest),
    {
      id: 'number',
      state: pairs.length >= ENOUGH ? 'fits' : pairs.length >= FEW ? 'note' : none ? 'note' : 'caution',
      value: pairs.length,
      beside: ENOUGH,
      cost: 0,
    },
  ]
}

/** What a run by hand leaves open, σ of ln power: a glance at two displays (common practice: 3 to 5 %). */
const GLANCE = 0.05

function steady(runs: readonly TrialRun[]): HonestWord {
  // nobody heard how steady a run by hand was: that is said, not judged
  const heard = runs.filter(r => !r.byHand)
  if (heard.length < runs.length) {
    const found = steady(heard)
    return { ...found, state: found.state === 'fits' ? 'note' : found.state, cost: Math.max(GLANCE, found.cost) }
  }
  const worst = runs.reduce((m, r) => Math.max(m, r.speedWithin), 0)
  const short = runs.some(r => r.held < STEADY.time - 1)
  const cost = runs.reduce(
    (s, r) => Math.max(s, (CUBE * r.speedWithin) / Math.max(0.3, runSpeed(r)) / Math.sqrt(Math.max(1, r.held / 20))),
    0,
  )
  return {
    id: 'steady',
    state: runs.length === 0 ? 'note' : worst > 2 * STEADY.speed ? 'stop' : short ? 'caution' : 'fits',
    value: runs.length ? worst : null,
    beside: runs.length ? Math.min(...runs.map(r => r.held)) : null,
    cost,
  }
}

/** True wind of a run, m/s, from the wind felt where only that is heard; null for none. */
export function trueWindOf({ means }: Pick<TrialRun, 'means'>): number | null {
  if (means.trueWind !== undefined) return means.trueWind
  const { windSpeed, windAngle, ground } = means
  if (windSpeed === undefined || windAngle === undefined) return null
  return Math.hypot(windSpeed * Math.cos(windAngle) - (ground ?? 0), windSpeed * Math.sin(windAngle))
}

function wind(project: Project, runs: readonly TrialRun[]): HonestWord {
  const winds = runs.flatMap(r => trueWindOf(r) ?? [])
  if (winds.length === 0) return { id: 'wind', state: 'note', value: null, beside: CALM, cost: 0 }
  const mean = winds.reduce((s, w) => s + w, 0) / winds.length,
    model = modelOf(project)
  // head and tail do not cancel: what is left of their mean
  const cost = runs.reduce((most, r) => {
    const v = runSpeed(r)
    if (!(v > 0.3)) return most
    const of = (north: number) => windDrag(model.windage, { north, east: 0 }, v, 0)
    const left = (of(-mean) + of(mean)) / 2 - of(0)
    return Math.max(most, Math.abs(left) / Math.max(1, hullResistance(model, v).centre))
  }, 0)
  return {
    id: 'wind',
    state: mean < CALM ? 'fits' : mean < WINDY ? 'caution' : 'stop',
    value: mean,
    beside: CALM,
    cost,
  }
}

function depth(project: Project, runs: readonly TrialRun[], fastest: number): HonestWord {
  const depths = runs.flatMap(r => r.means.depth ?? [])
  if (depths.length === 0) return { id: 'depth', state: 'note', value: null, beside: null, cost: 0 }
  const least = Math.min(...depths),
    draughts = least / Math.max(0.1, project.boat.draught),
    froude = depthFroude(fastest, least)
  const shallow = draughts < DRAUGHTS || froude > SHALLOW_WARNING
  return {
    id: 'depth',
    state: froude > 0.9 ? 'stop' : shallow ? 'caution' : 'fits',
    value: least,
    beside: draughts,
    // waves of shallow water cost about as the square of what the depth Froude number is over
    cost: Math.max(0, froude - 0.5) ** 2 + (draughts < DRAUGHTS ? 0.05 * (DRAUGHTS - draughts) : 0),
  }
}
