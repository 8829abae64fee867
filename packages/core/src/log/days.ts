import type { Project } from '../project'
import { dayNumber } from '../units'

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
