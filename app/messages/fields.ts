/** What the fields of every bench say. */
export const fieldWords = {
  pickDate: (label: string) => `Pick from a calendar: ${label}`,
  pickClock: (label: string) => `Pick from a clock: ${label}`,
  noDate: (label: string, typed: string) => `${label}: “${typed}” is no day. Such as 15 Jun 2027 or 2027-06-15.`,
  noClock: (label: string, typed: string) => `${label}: “${typed}” is no time. Such as 9:20, 21:20 or 9:20 pm.`,
}
