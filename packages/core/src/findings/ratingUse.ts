import type { Severity } from './finding'

/** How a rating stands against cruise and the top speed wished. */
export interface RatingUse {
  severity: Severity
  case: 'cruiseBeyond' | 'topBeyond' | 'topMinutes' | 'headroom'
  share: number
}

/**
 * Judges a rating: cruise must stay within the all-day rating less the headroom; top may use the peak for minutes.
 *
 * @param cruise share of the all-day rating used at cruise
 * @param topAllDay share of the all-day rating used at top
 * @param topMinutes share of the peak rating used at top
 * @param headroom share kept free, 0 … 0.6
 * @returns null when all is well
 * @example ratingUse(0.9, 0.95, 0.5, 0.2).severity // 'caution'
 *
 * Source: common practice: never run anything at its maximum.
 */
export function ratingUse(cruise: number, topAllDay: number, topMinutes: number, headroom: number): RatingUse | null {
  if (cruise > 1) return { severity: 'stop', case: 'cruiseBeyond', share: cruise }
  if (topMinutes > 1) return { severity: 'stop', case: 'topBeyond', share: topMinutes }
  if (topAllDay > 1) return { severity: 'caution', case: 'topMinutes', share: topAllDay }
  if (cruise > 1 - headroom) return { severity: 'caution', case: 'headroom', share: cruise }
  return null
}
