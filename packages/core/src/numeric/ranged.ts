/** A value with the ends of its range. */
export interface Ranged {
  value: number
  low: number
  high: number
}
