import { interpolate } from '../numeric'
import { chargeLevels, type ChargeLevels, type Leg, type Project } from '../project'
import { BAND } from '../system'
import { DayDrive } from './dayDrive'
import { daylight, type Daylight } from './daylight'
import { overGround, streamAt } from './stream'
import type { DayOutcome } from './goOrStay'
import { lastGood } from './lastGood'
import { windAt } from './wind'
import { simulateDay, type DayRun } from './simulateDay'

/** Standard deviations at which a day is run for its band and its chance. */
const ZS = [-2.6, -BAND, 0, BAND, 2.6]

/** What a day comes to. */
export interface DayAnswers {
  /** as expected, and at the ends of the band: 10 and 90 per cent */
  run: DayRun
  good: DayRun
  bad: DayRun
  /** charge left at the berth */
  left: number
  leftLow: number
  leftHigh: number
  /** least charge of the day, as expected */
  least: number
  /** of never using the reserve, 0 … 1 */
  chance: number
  levels: ChargeLevels
  light: Daylight
}

/** What of a day's answers is weighed before going. */
export const outcomeOf = (answers: DayAnswers): DayOutcome => ({
  points: answers.run.points,
  bites: answers.run.bites,
  outcome: answers.run.outcome,
  badOutcome: answers.bad.outcome,
  least: answers.least,
  leftLow: answers.leftLow,
  chance: answers.chance,
  levels: answers.levels,
  sunrise: answers.light.sunrise,
  sunset: answers.light.sunset,
  polar: answers.light.polar,
})

/**
 * Runs a day as expected and across the band of what is not known.
 *
 * @param project the boat and her day
 * @param departs another hour of departure, s
 * @returns runs, charge left with its band, chance of arriving above the reserve
 *
 * Source: power is log-normal with the σ of the one curve; chance = Φ(z at which she arrives with the reserve).
 */
export function dayAnswers(project: Project, departs = project.day.departs): DayAnswers {
  const light = daylight(project),
    levels = chargeLevels(project)
  const runs = ZS.map(z => simulateDay(project, { z, light, departs }))
  const ends = runs.map(run => endOf(run, project.day.legs))
  const [, good, run, bad] = runs as [DayRun, DayRun, DayRun, DayRun]
  return {
    run,
    good,
    bad,
    left: ends[2]!,
    // a stream or a socket can turn the edges of the band over
    leftLow: Math.min(ends[1]!, ends[2]!, ends[3]!),
    leftHigh: Math.max(ends[1]!, ends[2]!, ends[3]!),
    least: leastOf(run),
    chance: chanceOf(runs.map(leastOf), levels.reserve),
    levels,
    light,
  }
}

/** Charge as she arrives from her last leg under way, before a socket fills it; 0 for one who does not come home. */
export function endOf(run: DayRun, legs: readonly Leg[]): number {
  if (run.outcome !== 'home') return 0
  const last = legs.findLastIndex(l => l.does === 'goes')
  return run.legs[last]?.charge ?? run.points.at(-1)!.charge
}

/** Least charge of the whole day; 0 for one who does not come home. */
const leastOf = (run: DayRun): number => (run.outcome === 'home' ? Math.min(...run.points.map(p => p.charge)) : 0)

/** Share of all that might be in which the charge at the end is above a level. */
function chanceOf(ends: readonly number[], level: number): number {
  // the charge falls as z rises
  const falling = ends.map((e, i) => Math.min(e, ...ends.slice(0, i)))
  if (falling[0]! < level) return 0
  if (falling.at(-1)! >= level) return 1
  const rising = [...falling].reverse().map((e, i) => e + i * 1e-12),
    zs = [...ZS].reverse()
  return normal(interpolate(rising, zs, level))
}

/**
 * Share of a normal distribution below z.
 *
 * @param z standard deviations
 * @returns 0 … 1
 * @example normal(0) // 0.5
 *
 * Source: Abramowitz & Stegun 26.2.17 (from memory), to 1e-7.
 */
export function normal(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

/** Where she must turn home at the latest, and with what. */
export interface TurnHome {
  /** s of the clock, m run, leg on which she is */
  time: number
  distance: number
  leg: number
  /** charge that must show there: what the way back takes at the bad edge, with the reserve */
  charge: number
  /** true when the whole way out leaves enough */
  anywhere: boolean
}

/** The way back from where she is: what was run, the other way round, at the same speeds. */
export function wayBack(legs: readonly Leg[], run: DayRun, at: { leg: number; along: number }): Leg[] {
  const back: Leg[] = []
  for (let i = at.leg; i >= 0; i--) {
    const leg = legs[i]!
    if (leg.does !== 'goes') continue
    const distance = i === at.leg ? at.along : (run.legs[i]?.distance ?? leg.distance)
    if (distance <= 0) continue
    const by = leg.by === 'ground' || leg.by === 'arrive' ? 'water' : leg.by
    back.push({
      ...leg,
      course: (leg.course + Math.PI) % (2 * Math.PI),
      measure: 'distance',
      distance,
      by,
      speed: leg.by === 'arrive' || leg.by === 'ground' ? (run.legs[i]?.water ?? leg.speed) : leg.speed,
      // a wind that carried her out does not carry her home
      sailing: 0,
      regenerates: false,
    })
  }
  return back
}

/**
 * The last moment and place to turn home: from there the way back, on the bad edge of the band, still leaves the
 * reserve.
 *
 * @param project the boat and her day
 * @param answers of dayAnswers
 * @returns null where she has no legs, or not even the first metre leaves the reserve
 */
export function turnHome(project: Project, { bad, run, light, levels }: DayAnswers): TurnHome | null {
  const { legs } = project.day
  const out = bad.points.filter(p => legs[p.leg]?.does === 'goes')
  if (out.length === 0) return null
  const farthest = out.reduce((a, b) => (b.north ** 2 + b.east ** 2 > a.north ** 2 + a.east ** 2 ? b : a))
  const way = out.filter(p => p.time <= farthest.time),
    drive = new DayDrive(project, BAND)
  const comes = (p: (typeof way)[number]) => {
    const back = wayBack(legs, bad, p)
    return (
      endOf(simulateDay(project, { legs: back, departs: p.time, charge: p.charge, light, drive }), back) -
      levels.reserve
    )
  }
  const at = lastGood(way, comes)
  return (
    at && {
      time: at.time,
      leg: at.leg,
      distance: run.legs.slice(0, at.leg).reduce((sum, l) => sum + l.distance, 0) + at.along,
      charge: Math.min(1, at.charge - at.spare),
      anywhere: at.anywhere,
    }
  )
}

/** An hour of departure and what it leaves. */
export interface Departure {
  departs: number
  left: number
  arrives: number
  outcome: DayRun['outcome']
}

/**
 * What other hours of departure leave at the berth, as expected.
 *
 * @param project the boat and her day
 * @param from s of the clock
 * @param until s of the clock
 * @param step s
 * @returns one for each hour tried; the best leaves most
 */
export function departures(project: Project, from: number, until: number, step = 1800): Departure[] {
  const light = daylight(project),
    drive = new DayDrive(project, 0)
  const found: Departure[] = []
  for (let departs = from; departs <= until + 1e-9; departs += step) {
    const run = simulateDay(project, { departs, light, drive })
    found.push({ departs, left: endOf(run, project.day.legs), arrives: run.points.at(-1)!.time, outcome: run.outcome })
  }
  return found
}

/**
 * What a leg costs at each speed: J for a metre over ground, house counted, null where she gets nowhere; the
 * cheapest.
 */
export interface LegCosts {
  speeds: number[]
  costs: (number | null)[]
  cheapest: number
}

/**
 * The cheapest speed for a leg, with its stream, wind and house at the middle of its time.
 *
 * @param project the boat and her day
 * @param index of the leg
 * @param run of the day
 * @returns null for a leg on which she waits
 */
export function legCosts(project: Project, index: number, run: DayRun): LegCosts | null {
  const leg = project.day.legs[index],
    ran = run.legs[index]
  if (!leg || !ran || leg.does !== 'goes') return null
  const drive = new DayDrive(project, 0),
    middle = run.points.filter(p => p.leg === index)
  const at = middle[Math.floor(middle.length / 2)]
  if (!at) return null
  const meets = { ...meetsAt(project, leg, at.time), charge: at.charge }
  const top = Math.max(project.use.topSpeed, 0.5)
  const speeds = Array.from({ length: 24 }, (_, i) => (top * (i + 2)) / 25)
  const costs = speeds.map(v => {
    const ground = overGround(v, meets.stream, leg.course)
    // what does not get her there has no price
    return ground > 0.05 ? (drive.at(v, leg, meets).packPower + at.house) / ground : null
  })
  return { speeds, costs, cheapest: drive.cheapest(leg, meets, at.house) }
}

const meetsAt = ({ day }: Project, leg: Leg, time: number) => ({
  stream: streamAt(leg.stream > 0 ? day.streams[leg.stream - 1] : null, time),
  wind: windAt(day.wind, time),
})
