import { median } from 'd3-array'
import { ageing, CHEMISTRIES, END_OF_LIFE } from '../battery'
import type { Ranged } from '../numeric'
import type { Project, Trip } from '../project'
import { ageingReport, modelOf } from '../system'
import { dateOfDay, dayNumber } from '../units'
import { capacityFit } from './capacityFit'
import { DAYS_A_YEAR } from './days'

/** One trip's word on the capacity: its share of that when new, with its σ. */
export interface CapacityReading {
  day: number
  trip: string
  share: number
  sigma: number
  /** the same as a share of what was drawn: what is not known of it, whatever it came out at */
  open: number
}

/** Volts of the cells at rest on a day. */
export interface SpreadReading {
  day: number
  /** V between the highest and the lowest cell */
  spread: number
  lowest: number
  /** number of the lowest cell, from 1 */
  cell: number
}

/** Capacity at a day, as a share of new. */
export interface CapacityAt {
  day: number
  value: number
  low: number
  high: number
}

/** The health of a pack. */
export interface PackHealth {
  readings: CapacityReading[]
  /** capacity on the last day, share of new, 10 to 90 per cent; of the plan where no trip tells */
  now: Ranged
  /** the same over the days of the log; worked out when it is asked for */
  course(): CapacityAt[]
  /** share lost in a year */
  loss: Ranged
  /** years from the last day until 80 % is left */
  worn: Ranged
  /** share in two years */
  inTwoYears: Ranged
  spread: SpreadReading[]
  /** Ω by trips, in order */
  resistance: { day: number; value: number }[]
  /** share lost in a month at rest; null for too little */
  selfDischarge: number | null
  /** how it is charged: mean depth, share of trips charged to the full, lowest */
  habits: { depth: number | null; toFull: number | null; lowest: number | null }
}

/** σ of a state of charge by what it was read (common practice: handbook, trial and health). */
const RESTED = 0.0106,
  FLAT = 0.0354,
  NOT_RESTED = 0.05
/** Between these the volts of LFP hardly tell the charge. */
const FLAT_FROM = 0.15,
  FLAT_TO = 0.98
/** σ of counted amp hours, and of watt hours in place of them. */
const COUNTED = 0.01,
  BY_ENERGY = 0.03
/** Less of the charge tells nothing. */
const LEAST_PART = 0.15
/** A pack that holds this share of its plate is one; else charge, amp hours or plate are wrong. */
export const isCapacity = (share: number): boolean => share > 0.2 && share < 1.6

/**
 * What a trip says of the capacity.
 *
 * @param project the boat
 * @param trip with charge at both ends, and amp hours or energy between
 * @returns share of new with σ; null where too little was drawn or read
 *
 * Source: C = Q/Δq; σ² of Δq is the sum of both ends.
 */
export function capacityReading(project: Project, trip: Trip): CapacityReading | null {
  const { chargeFrom, chargeTo, drawn, used, rested } = trip,
    day = dayNumber(trip.date)
  if (day === null || chargeFrom === null || chargeTo === null) return null
  const part = chargeFrom - chargeTo
  if (part < LEAST_PART) return null
  const { design } = project,
    { pack } = modelOf(project)
  const chemistry = design.pack.cell.chemistry
  const flat = (q: number) => chemistry === 'LFP' && q > FLAT_FROM && q < FLAT_TO
  const end = (q: number) => (rested ? (flat(q) ? FLAT : RESTED) : NOT_RESTED)
  const open = Math.hypot(end(chargeFrom), end(chargeTo)) / part
  const whole = design.pack.cell.capacityAh * design.pack.parallel
  if (drawn !== null && drawn > 0) {
    const share = drawn / part / whole,
      all = Math.hypot(open, COUNTED)
    return { day, trip: trip.id, share, sigma: share * all, open: all }
  }
  if (used <= 0) return null
  const back = trip.sun + trip.sail + trip.generator
  const share = Math.max(0, used - back) / part / (pack.energy / Math.max(0.05, design.banks.health))
  const all = Math.hypot(open, COUNTED, BY_ENERGY)
  return { day, trip: trip.id, share, sigma: share * all, open: all }
}

/**
 * The health of a boat's pack by her log: capacity with its band and where it goes, spread, resistance, habits.
 *
 * @param project the boat
 * @param today days since 1970; the last day of the log when empty
 * @returns what is known; ranges are those of the plan where the log says nothing
 *
 * Source: capacityFit: share = a − b t by Bayes, a from the plate or the health typed, b from the wear at her use.
 */
export function packHealth(project: Project, today: number | null = null): PackHealth {
  const { log, design } = project
  const readings = log.trips
    .flatMap(t => capacityReading(project, t) ?? [])
    .filter(r => isCapacity(r.share))
    .sort((a, b) => a.day - b.day)
  const first = readings[0]?.day ?? today ?? 0,
    last = Math.max(today ?? -Infinity, readings.at(-1)?.day ?? -Infinity)
  const end = Number.isFinite(last) ? last : 0
  const start = design.banks.health
  const wear = ageingReport(project)
  const usual = Number.isFinite(wear.years) && wear.years > 0 ? (1 - END_OF_LIFE) / wear.years : calendarLoss(project)
  const fit = capacityFit(
    readings.map(({ day, share, open }) => ({ years: (day - first) / DAYS_A_YEAR, share, open })),
    { level: start, loss: usual },
  )
  const at = (day: number): CapacityAt => ({ day, ...fit.at((day - first) / DAYS_A_YEAR) })
  const now = at(end)
  const { loss } = fit
  const worn = Math.max(0, (now.value - END_OF_LIFE) / loss.value)
  // what capacity and loss leave open, as a share of the time
  const open = Math.hypot(
    (now.high - now.value) / Math.max(0.01, now.value - END_OF_LIFE),
    (loss.high - loss.value) / loss.value,
  )
  const two = at(end + 2 * DAYS_A_YEAR)
  const depths = log.trips.flatMap(t =>
    t.chargeFrom !== null && t.chargeTo !== null ? [t.chargeFrom - t.chargeTo] : [],
  )
  const fulls = log.trips.filter(t => t.chargeFrom !== null)
  const lowest = log.trips.flatMap(t => t.chargeTo ?? [])
  return {
    readings,
    now,
    course: () => (readings.length ? [...new Set([...readings.map(r => r.day), end])].map(at) : []),
    loss,
    worn: { value: worn, low: worn * Math.exp(-open), high: worn * Math.exp(open) },
    inTwoYears: two,
    spread: cellSpreads(project),
    resistance: packResistance(project),
    selfDischarge: restLoss(log.trips),
    habits: {
      depth: depths.length ? depths.reduce((s, d) => s + d, 0) / depths.length : null,
      toFull: fulls.length ? fulls.filter(t => t.chargeFrom! >= FLAT_TO).length / fulls.length : null,
      lowest: lowest.length ? Math.min(...lowest) : null,
    },
  }
}

/** Ω of the pack by its trips, in order. */
export const packResistance = ({ log }: Project): PackHealth['resistance'] =>
  log.trips.flatMap(t => {
    const day = dayNumber(t.date)
    return t.resistance !== null && day !== null ? [{ day, value: t.resistance }] : []
  })

const calendarLoss = ({ design, boat }: Project): number =>
  (1 - END_OF_LIFE) /
  ageing(design.pack.cell.chemistry, {
    outings: 0,
    depth: CHEMISTRIES[design.pack.cell.chemistry].usableShare,
    temperature: boat.waterTemperature,
  }).years

/** Spread of the cells at rest, by day. */
export function cellSpreads({ yard: { cells } }: Project): SpreadReading[] {
  return cells
    .filter(c => c.current === 0 && c.volts.length > 1)
    .flatMap(({ at, volts }) => {
      const day = dayNumber(at.slice(0, 10)),
        lowest = Math.min(...volts)
      return day === null ? [] : [{ day, spread: Math.max(...volts) - lowest, lowest, cell: volts.indexOf(lowest) + 1 }]
    })
    .sort((a, b) => a.day - b.day)
}

/** Share lost in a month between trips when nothing was charged: the median. */
function restLoss(trips: readonly Trip[]): number | null {
  const rates: number[] = []
  for (let i = 1; i < trips.length; i++) {
    const a = trips[i - 1]!,
      b = trips[i]!
    const [from, to] = [dayNumber(a.date), dayNumber(b.date)]
    if (from === null || to === null || a.chargeTo === null || b.chargeFrom === null || to - from < 5) continue
    const lost = a.chargeTo - b.chargeFrom
    if (a.shore > 0 || a.generator > 0 || a.sun > 0 || lost < 0) continue
    rates.push((lost / (to - from)) * (DAYS_A_YEAR / 12))
  }
  return rates.length >= 2 ? median(rates)! : null
}

/** Capacity on a day in words: date and amp hours. */
export const capacityDate = ({ day }: CapacityAt): string => dateOfDay(day)
