/**
 * What a part must give continuously: cruise with headroom to spare, or top, whichever is more.
 *
 * @param cruise what it gives at cruise, in any unit
 * @param top what it gives at top, in the same unit
 * @param headroom share that stays free at cruise, 0 to below 1
 * @returns in the same unit
 * @example continuousNeed(80, 90, 0.2) // 100
 */
export const continuousNeed = (cruise: number, top: number, headroom: number): number =>
  Math.max(cruise / (1 - headroom), top)
