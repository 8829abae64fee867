import type { InstrumentId, Sample } from '../instruments'
import type { TrialPoint } from '../project/definition/projectFields'
import { EMPTY_READING } from './readReading'
import { meanOfMeans } from './readings'
import { apart, STEADY, steadyStretch, type SteadyStretch } from './steadiness'

/** Out or back. */
export type RunWay = 'out' | 'back'

/** What a trial is to run, each both ways: powers from the pack, or speeds. */
export interface TrialPlan {
  /** W from the pack; of steps by speed what they are expected to take */
  steps: number[]
  /** m/s wanted, where the steps are by speed */
  speeds: number[] | null
  /** W of all that the drive may take: 100 % */
  most: number
  /** s for which a run is held */
  hold: number
}

/** A run that was taken: one step, one way. SI. */
export interface TrialRun {
  step: number
  way: RunWay
  time: number
  held: number
  means: Partial<Record<InstrumentId, number>>
  speedWithin: number
  powerWithin: number
  /** read from a watt meter and a phone: nobody watched how steady it was */
  byHand?: true
}

/** Runs of one step, joined. */
export interface TrialPair {
  step: number
  runs: TrialRun[]
  /** m/s: mean of means; NaN without a run */
  speed: number
  power: number
  /** both ways were run */
  paired: boolean
  /** m/s that the stream goes with her on the way out; null for one way */
  stream: number | null
}

/** Shares of the whole power that are run where the owner has not said (common practice: five to eight, evenly). */
export const USUAL_STEPS = [0.2, 0.4, 0.6, 0.8, 1] as const

/**
 * The plan of a trial: even shares of what the drive may take.
 *
 * @param most W from the pack
 * @param shares of it, each 0 … 1
 * @returns steps in W
 * @example trialPlan(6000).steps[2] // 3600
 */
export const trialPlan = (most: number, shares: readonly number[] = USUAL_STEPS): TrialPlan => ({
  steps: shares.map(s => s * most),
  speeds: null,
  most,
  hold: STEADY.time,
})

/** Shares of the fastest speed that are run where the steps are by speed: the power grows with its cube. */
export const USUAL_SPEEDS = [0.45, 0.6, 0.75, 0.9, 1] as const

/**
 * The plan of a trial by speed, for one who has no watts to look at.
 *
 * @param most W from the pack
 * @param fastest m/s that they give
 * @param powerAt W that a speed is expected to take
 * @param shares of the fastest, each 0 … 1
 * @returns speeds in m/s, and what they are expected to take
 * @example speedPlan(6000, 3, v => 222 * v ** 3, [0.5, 1]).speeds // [1.5, 3]
 */
export const speedPlan = (
  most: number,
  fastest: number,
  powerAt: (speed: number) => number,
  shares: readonly number[] = USUAL_SPEEDS,
): TrialPlan => ({
  ...trialPlan(most, []),
  steps: shares.map(s => powerAt(s * fastest)),
  speeds: shares.map(s => s * fastest),
})

/**
 * What is run next: each step out and then back, the steps in their order; null when all is run.
 *
 * @param plan the steps
 * @param runs that were taken
 * @param leftOut steps that are not run
 * @returns step and way
 */
export function nextRun(
  plan: TrialPlan,
  runs: readonly TrialRun[],
  leftOut: readonly number[] = [],
): { step: number; way: RunWay } | null {
  for (let step = 0; step < plan.steps.length; step++) {
    if (leftOut.includes(step)) continue
    const ways = runs.filter(r => r.step === step).map(r => r.way)
    if (!ways.includes('out')) return { step, way: 'out' }
    if (!ways.includes('back')) return { step, way: 'back' }
  }
  return null
}

/** A stretch as the run of a step. */
export const runOf = (
  { held, until, means, speedWithin, powerWithin }: SteadyStretch,
  step: number,
  way: RunWay,
): TrialRun => ({
  step,
  way,
  time: until,
  held,
  means,
  speedWithin,
  powerWithin,
})

/** How a trial stands at this moment. */
export interface TrialNow {
  next: { step: number; way: RunWay } | null
  /** steady since; null when nothing is heard */
  stretch: SteadyStretch | null
  /** share of the time to hold that is done, 0 … 1 */
  done: number
  /** what is read is what the step asks */
  onStep: boolean
  /** the run can be taken by itself */
  ready: boolean
}

/** What is read may be off a step's by this share: it counts, not what was wanted. */
const ON_STEP = 0.1,
  /** a stream moves the speed over ground */
  ON_GROUND = 0.3

/** Whether a stretch is what a step asks. */
function isOnStep({ steps, speeds }: TrialPlan, step: number, { means }: SteadyStretch): boolean {
  const near = (read: number | undefined, wanted: number, share: number) =>
    read !== undefined && Math.abs(read / wanted - 1) <= share
  if (!speeds) return near(means.power, steps[step]!, ON_STEP)
  if (means.power === undefined) return false
  return means.water === undefined
    ? near(means.ground, speeds[step]!, ON_GROUND)
    : near(means.water, speeds[step]!, ON_STEP)
}

/**
 * Where a trial stands.
 *
 * @param plan the steps
 * @param runs that were taken
 * @param samples since the last run was taken
 * @param leftOut steps that are not run
 * @returns what is run, how steady it is, and whether the run is done
 */
export function trialNow(
  plan: TrialPlan,
  runs: readonly TrialRun[],
  samples: readonly Sample[],
  leftOut: readonly number[] = [],
): TrialNow {
  const next = nextRun(plan, runs, leftOut),
    stretch = steadyStretch(samples)
  const onStep = next !== null && stretch !== null && isOnStep(plan, next.step, stretch)
  const done = stretch && onStep ? Math.min(1, stretch.held / plan.hold) : 0
  return { next, stretch, done, onStep, ready: next !== null && done >= 1 && turned(runs, next.way, stretch!) }
}

/** The boat lies the other way than on the last run of the other way, where a course is heard. */
function turned(runs: readonly TrialRun[], way: RunWay, { means }: SteadyStretch): boolean {
  const course = (m: TrialRun['means']) => m.heading ?? m.course
  const last = runs.at(-1),
    now = course(means)
  const before = last && course(last.means)
  if (!last || now === undefined || before === undefined) return true
  return last.way === way ? apart(now, before) < Math.PI / 2 : apart(now, before) > Math.PI / 2
}

/** Speed of a run: over ground where it was heard, else through the water. */
export const runSpeed = ({ means }: TrialRun): number => means.ground ?? means.water ?? Number.NaN

/**
 * Runs by step, joined: the stream drops out of two, three or four runs in turn.
 *
 * @param plan the steps
 * @param runs in the order of the day
 * @returns a pair for each step
 *
 * Source: mean of means with weights 1 1, 1 2 1, 1 3 3 1 (handbook, day and trial); never the mean of times.
 */
export function pairsOf(plan: TrialPlan, runs: readonly TrialRun[]): TrialPair[] {
  return plan.steps.map((_, step) => {
    const of = runs.filter(r => r.step === step),
      inTurn = of.every((r, i) => i === 0 || r.way !== of[i - 1]!.way),
      ground = of.every(r => r.means.ground !== undefined)
    const weights = inTurn && of.length > 0 ? meanOfMeans(of.length) : evenWays(of)
    const sum = (read: (r: TrialRun) => number) => of.reduce((s, r, i) => s + weights[i]! * read(r), 0)
    const paired = of.some(r => r.way === 'out') && of.some(r => r.way === 'back')
    const speed = of.length ? sum(runSpeed) : Number.NaN
    return {
      step,
      runs: of,
      speed,
      power: of.length ? sum(r => r.means.power ?? Number.NaN) : Number.NaN,
      paired,
      stream: paired && ground ? streamOf(of, weights, speed) : null,
    }
  })
}

/**
 * Stream along the course, with her on the way out, m/s. Where a wheel reads the speed through the water it tells what
 * wind did to her from what the stream did, however much it reads wrong.
 */
function streamOf(runs: readonly TrialRun[], weights: readonly number[], speed: number): number {
  const wheel = runs.every(r => r.means.water !== undefined)
    ? runs.reduce((s, r, i) => s + weights[i]! * r.means.water!, 0)
    : 0
  const through = (r: TrialRun) => (wheel > 0 ? (r.means.water! * speed) / wheel : speed)
  return runs.reduce((s, r, i) => s + weights[i]! * (r.way === 'out' ? 1 : -1) * (runSpeed(r) - through(r)), 0)
}

/** Weights where runs of one way follow each other: each way counts one half. */
function evenWays(runs: readonly TrialRun[]): number[] {
  const count = (way: RunWay) => runs.filter(r => r.way === way).length
  const both = count('out') > 0 && count('back') > 0
  return runs.map(r => (both ? 0.5 / count(r.way) : 1 / runs.length))
}

/** Rows for the table of readings: of a step that was run both ways the two in turn, so that they are joined there. */
export function pointsOf(plan: TrialPlan, runs: readonly TrialRun[]): TrialPoint[] {
  return pairsOf(plan, runs).flatMap(({ runs: of }) =>
    of
      .filter(r => Number.isFinite(runSpeed(r)) && runSpeed(r) > 0.1 && (r.means.power ?? r.means.rpm ?? 0) > 0)
      .map(r => ({
        ...EMPTY_READING,
        sea: 'smooth',
        speed: runSpeed(r),
        ...(r.means.power ? { power: r.means.power } : { kind: 'rpm' as const, rpm: r.means.rpm! * 60 }),
        // through the water there is no stream to take out
        direction: r.means.ground === undefined ? ('' as const) : r.way,
        stream: r.means.ground === undefined ? 0 : null,
      })),
  )
}

/**
 * How far a paddle wheel is off, from runs both ways: what it shows of the true speed.
 *
 * @param pairs with speeds over ground and through the water
 * @param logged m/s that the wheel showed, as the mean of a pair's runs
 * @returns the factor with its scatter (σ), or null without a pair
 * @example waterFactor([{ speed: 2, paired: true }], [1.9]).factor // 0.9500
 */
export function waterFactor(
  pairs: readonly Pick<TrialPair, 'speed' | 'paired'>[],
  logged: readonly (number | null)[],
): { factor: number; sigma: number } | null {
  const factors = pairs.flatMap((p, i) => (p.paired && logged[i] && p.speed > 0.5 ? [logged[i] / p.speed] : []))
  if (factors.length === 0) return null
  const factor = factors.reduce((s, f) => s + f, 0) / factors.length
  const scatter = Math.sqrt(factors.reduce((s, f) => s + (f - factor) ** 2, 0) / Math.max(1, factors.length - 1))
  return { factor, sigma: factors.length > 1 ? scatter / Math.sqrt(factors.length) : 0.03 }
}
