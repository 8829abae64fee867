import { format, isValid, parse, startOfDay } from 'date-fns'

/** What an owner may write for a time of the day, in the order in which it is tried. */
const CLOCKS = ['H:mm', 'HHmm', 'Hmm', 'H.mm', 'h:mm a', 'h:mma', 'h a', 'ha', 'H']
/** What an owner may write for a day; where day and month could be either, the day comes first. */
const DAYS = ['yyyy-MM-dd', 'd MMM yyyy', 'd MMMM yyyy', 'd.M.yyyy', 'd/M/yyyy', 'MMM d, yyyy', 'MMMM d, yyyy']

/** The first of some ways of writing in which a text is a date, or null. */
function readAs(text: string, ways: readonly string[]): Date | null {
  const midnight = startOfDay(new Date())
  for (const way of ways) {
    const date = parse(text.trim(), way, midnight)
    if (isValid(date) && date.getFullYear() > 1900) return date
  }
  return null
}

/**
 * A time of the day as an owner writes it.
 *
 * @param text such as "9:20", "0920", "9.20", "9:20 pm" or "14"
 * @returns s since midnight, or null where it is no time
 * @example readClock('9:20 pm') // 76 800
 */
export function readClock(text: string): number | null {
  const date = readAs(text, CLOCKS)
  return date && date.getHours() * 3600 + date.getMinutes() * 60
}

/**
 * A day as an owner writes it.
 *
 * @param text such as "2027-06-15", "15 Jun 2027", "15.6.2027" or "June 15, 2027"
 * @returns year-month-day, or null where it is no day
 * @example readDate('15 June 2027') // '2027-06-15'
 */
export function readDate(text: string): string | null {
  const date = readAs(text, DAYS)
  return date && isoDate(date)
}

/** The day of a date on the owner's clock, as year-month-day. */
export const isoDate = (date: Date): string => format(date, 'yyyy-MM-dd')

/**
 * A day as it is shown everywhere, which no country reads otherwise.
 *
 * @param date year-month-day, with or without a time after it; or empty
 * @example dateText('2027-06-15') // '15 Jun 2027'
 */
export const dateText = (date: string): string => {
  const day = parse(date.slice(0, 10), 'yyyy-MM-dd', new Date())
  return isValid(day) ? format(day, 'd MMM yyyy') : date
}
