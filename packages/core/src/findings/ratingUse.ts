import { limitShares, type BoatFacts, type LimitName } from '../system'
import type { Severity } from './finding'

/** How a rating stands against cruise and the top speed wished. */
export interface RatingUse {
  severity: Severity
  case: 'cruiseBeyond' | 'topBeyond' | 'topTime' | 'headroom'
  share: number
}

/**
 * Judges a rating: cruise must stay within the all-day rating less the headroom; top must be held for the time that
 * it is wanted.
 *
 * @param cruise share of the all-day rating used at cruise
 * @param topTime share used at top of what is held for as long as top is wanted
 * @param topMinutes share of the peak rating used at top
 * @param headroom share kept free, 0 … 0.6
 * @returns null when all is well
 * @example ratingUse(0.9, 0.95, 0.5, 0.2).severity // 'caution'
 *
 * Source: common practice: never run anything at its maximum.
 */
export function ratingUse(cruise: number, topTime: number, topMinutes: number, headroom: number): RatingUse | null {
  if (cruise > 1) return { severity: 'stop', case: 'cruiseBeyond', share: cruise }
  if (topMinutes > 1) return { severity: 'stop', case: 'topBeyond', share: topMinutes }
  if (topTime > 1) return { severity: 'caution', case: 'topTime', share: topTime }
  if (cruise > 1 - headroom) return { severity: 'caution', case: 'headroom', share: cruise }
  return null
}

/**
 * Share that top speed uses of what a part holds for as long as top is wanted.
 *
 * @param facts of the boat
 * @param limit which part's
 * @returns share; above 1 it does not hold it
 */
export const shareAtTop = ({ model, top }: Pick<BoatFacts, 'model' | 'top'>, limit: LimitName): number =>
  limitShares(model, top.drive).find(s => s.name === limit)!.topTime
