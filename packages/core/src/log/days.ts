import type { Project } from '../project'

const DAY = 86_400_000

/** Days since 1970 of a date as YYYY-MM-DD; null for none. */
export function dayNumber(date: string): number | null {
  const time = /^\d{4}-\d\d-\d\d$/.test(date) ? Date.parse(`${date}T00:00:00Z`) : Number.NaN
  return Number.isFinite(time) ? Math.round(time / DAY) : null
}

/** A date as YYYY-MM-DD. */
export const dateOfDay = (day: number): string => new Date(day * DAY).toISOString().slice(0, 10)

/** Days of a year and of a month. */
export const DAYS_A_YEAR = 365.25,
  DAYS_A_MONTH = DAYS_A_YEAR / 12

/**
 * The day on which the log stands: today, or that of its last trip when that is later.
 *
 * @param project the boat
 * @param today YYYY-MM-DD; empty for the last trip alone
 * @returns days since 1970; null for an empty log without a day
 */
export function logDay({ log }: Project, today = ''): number | null {
  const days = [today, ...log.trips.map(t => t.date)].map(dayNumber).filter(d => d !== null)
  return days.length ? Math.max(...days) : null
}
