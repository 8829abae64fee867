import { addDays, format, getDaysInMonth, getISODay, isValid, parse, parseISO, startOfDay } from 'date-fns'

/** What an owner may write for a time of the day, in the order in which it is tried. */
const CLOCKS = ['H:mm', 'HHmm', 'Hmm', 'H.mm', 'h:mm a', 'h:mma', 'h a', 'ha', 'H']
/** What an owner may write for a day. */
const DAYS = ['yyyy-MM-dd', 'd MMM yyyy', 'd MMMM yyyy', 'd.M.yyyy', 'MMM d, yyyy', 'MMMM d, yyyy']
/** Between strokes the day or the month comes first, as it does where the owner lives. */
const monthFirst = () =>
  new Intl.DateTimeFormat(navigator.language).formatToParts().find(part => part.type !== 'literal')?.type === 'month'

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
 * @param text such as "2027-06-15", "15 Jun 2027", "15.6.2027", "June 15, 2027", or with strokes
 * @param american whether the month stands first between strokes
 * @returns year-month-day, or null where it is no day
 * @example readDate('15 June 2027') // '2027-06-15'
 */
export function readDate(text: string, american = monthFirst()): string | null {
  const date = readAs(text, [...DAYS, american ? 'M/d/yyyy' : 'd/M/yyyy'])
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

/** Now on the owner's clock, to the minute, as it is kept: year-month-dayThour:minute. */
export const isoMinute = (): string => format(new Date(), "yyyy-MM-dd'T'HH:mm")

/**
 * A moment as it is shown everywhere.
 *
 * @param at year-month-dayThour:minute
 * @example momentText('2027-05-14T10:31') // '14 May 2027, 10:31'
 */
export const momentText = (at: string): string => [dateText(at), at.slice(11, 16)].filter(Boolean).join(', ')

/** Hours and minutes of a moment on the owner's clock. */
export const clockOf = (moment: Date | number): string => format(moment, 'HH:mm')

/** The day after, year-month-day. */
export const dayAfter = (date: string): string => isoDate(addDays(parseISO(date), 1))

/**
 * The days of a month, as a calendar page begun on Monday shows them.
 *
 * @param month year-month
 * @returns its name, its days, and the column of its first, 1 to 7
 * @example monthPage('2027-06') // { name: 'June 2027', days: 30, first: 2 }
 */
export function monthPage(month: string): { name: string; days: number; first: number } {
  const first = parseISO(`${month}-01`)
  return { name: format(first, 'MMMM yyyy'), days: getDaysInMonth(first), first: getISODay(first) }
}
