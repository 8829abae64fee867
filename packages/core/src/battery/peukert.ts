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
