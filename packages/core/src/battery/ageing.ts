import { CHEMISTRIES, type Chemistry, type ChemistryId } from './chemistry'

/** Capacity that is left when a pack counts as worn out, as a share. */
export const END_OF_LIFE = 0.8
/**
 * A shallower use gives more than its share of cycles: N = N_usable × (usable share / depth)^this (common practice,
 * from memory: 1.1 to 1.4 by chemistry).
 */
const DEPTH_EXPONENT = 1.2
/**
 * Calendar wear doubles for each so many K above 20 °C; cold below it is not credited, since no maker promises more
 * (common practice).
 */
const DOUBLING = 10
const REFERENCE = 293.15
/** Years that are looked at. */
const MOST_YEARS = 30

/**
 * How a pack is used: outings a year, share of the energy that each takes, temperature of the cells over the year, K.
 */
export interface AgeingUse {
  outings: number
  depth: number
  temperature: number
}

/** How a pack wears. */
export interface Ageing {
  /** outings to the end of its life by cycling alone */
  cycles: number
  /** years by cycling alone, by the calendar alone, and by both */
  byCycles: number
  byCalendar: number
  years: number
  /** what wears it more */
  by: 'cycles' | 'calendar'
  /** capacity left after 0, 1, 2 … years, as a share, to the year after the end */
  left: number[]
}

/**
 * How long a pack lasts at a use.
 *
 * @param chemistry its short name
 * @param use outings a year (≥ 0), depth of each (0 … 1), temperature K
 * @returns cycles, years by each cause, capacity by year
 * @throws RangeError when the depth is not within 0 … 1 or the outings are below 0
 * @example ageing('LFP', { outings: 60, depth: 0.85, temperature: 293.15 }).cycles // 3000
 *
 * Source: linear sum of wear by cycles and by calendar (common practice; from memory, ± 40 %).
 */
export function ageing(chemistry: ChemistryId, { outings, depth, temperature }: AgeingUse): Ageing {
  if (!(depth >= 0 && depth <= 1) || !(outings >= 0))
    throw new RangeError(`depth must be 0 to 1 and outings 0 or more; got ${depth}, ${outings}`)
  const { cycles: atUsable, usableShare, calendarYears }: Chemistry = CHEMISTRIES[chemistry]
  const cycles = depth > 0 ? atUsable * (usableShare / depth) ** DEPTH_EXPONENT : Infinity
  const byCycles = outings > 0 ? cycles / outings : Infinity
  const byCalendar = calendarYears * 2 ** (-Math.max(0, temperature - REFERENCE) / DOUBLING)
  const years = 1 / (1 / byCycles + 1 / byCalendar)
  const left = Array.from(
    { length: Math.min(MOST_YEARS, Math.ceil(years) + 1) + 1 },
    (_, year) => 1 - ((1 - END_OF_LIFE) * year) / years,
  )
  return { cycles, byCycles, byCalendar, years, by: byCycles < byCalendar ? 'cycles' : 'calendar', left }
}
