import { checkRange } from '../checkRange'

/**
 * ITTC-1957 model–ship correlation line CF = 0.075 / (log10 Re − 2)².
 *
 * @param reynolds Re = V L / ν, above 1 000
 * @returns CF
 * @throws RangeError below 1 000, where the line has its pole
 * @example frictionLine(1e7) // 0.0030000
 *
 * Source: ITTC 1957.
 */
export function frictionLine(reynolds: number): number {
  const log = Math.log10(checkRange('reynolds', reynolds, 1000)) - 2
  return 0.075 / (log * log)
}
