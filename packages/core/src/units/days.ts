const DAY = 86_400_000

/** Days since 1970 of a date as YYYY-MM-DD; null for none. */
export function dayNumber(date: string): number | null {
  const time = /^\d{4}-\d\d-\d\d$/.test(date) ? Date.parse(`${date}T00:00:00Z`) : Number.NaN
  return Number.isFinite(time) ? Math.round(time / DAY) : null
}

/** A date as YYYY-MM-DD. */
export const dateOfDay = (day: number): string => new Date(day * DAY).toISOString().slice(0, 10)
