/**
 * Time that a lead battery lasts at a current, h: t = H (C / (I H))^k.
 *
 * @param capacityAh C, rated over `ratedHours`
 * @param ratedHours H, usually 20
 * @param current I, A, > 0
 * @param exponent k, 1 (none) to 1.3
 * @returns h
 * @throws RangeError when the current is not above 0
 * @example peukertTime(230, 20, 130, 1) // 1.769
 *
 * Source: Peukert 1897 (from memory of).
 */
export function peukertTime(capacityAh: number, ratedHours: number, current: number, exponent: number): number {
  if (!(current > 0)) throw new RangeError(`current must be above 0; got ${current}`)
  return ratedHours * (capacityAh / (current * ratedHours)) ** exponent
}

/** Hours over which a lead battery's capacity is printed (common practice). */
export const RATED_HOURS = 20

/**
 * Share of the printed capacity that a battery gives at a current, against its twenty-hour rate.
 *
 * @param exponent of the chemistry; 1 gives 1
 * @param rate current as a share of the capacity in an hour, > 0
 * @returns share, at most 1
 * @example peukertShare(1.15, 0.2) // 0.812
 *
 * Source: C_eff = I t with t = H (C/(I H))^k, so C_eff/C = (C/(I H))^(k−1).
 */
export function peukertShare(exponent: number, rate: number): number {
  return exponent === 1 || rate * RATED_HOURS <= 1 ? 1 : (1 / (rate * RATED_HOURS)) ** (exponent - 1)
}
