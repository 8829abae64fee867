import type { StripScale } from './strokesToPath'

/** Height of the drawn wave over its length: a sketch of it, steeper as the boat nears its hull speed. */
const STEEPNESS = 0.05
/** the greatest drawn height above or below still water, px */
export const WAVE_MOST = 9

/**
 * The water's surface along the boat: flat ahead, then the boat's own wave at its true length, crest at the bow, dying
 * out astern.
 *
 * @param scale of the strip
 * @param from where the waterline meets the stem, m aft of the bow
 * @param length of the waterline, m
 * @param wave its length 2πV²/g, m
 * @param froude Froude number, which sets the drawn height
 * @param width of the strip, px
 * @returns places of the surface from the left edge to the right, px
 */
export function wavePoints(
  scale: StripScale,
  from: number,
  length: number,
  wave: number,
  froude: number,
  width: number,
): [number, number][] {
  const start = scale.bowX + from * scale.pixelsPerMetre
  const period = Math.max(4, wave * scale.pixelsPerMetre)
  const height = Math.min(WAVE_MOST, (STEEPNESS * period * Math.min(1, (froude / 0.38) ** 2)) / 2 + 0.4)
  const at = (x: number): [number, number] => {
    const along = (x - start) / period
    const fade = Math.max(0, 1 - Math.max(0, x - start - length * scale.pixelsPerMetre) / (1.5 * period))
    const ahead = along < 0 ? Math.max(0, 1 + 4 * along) : 1
    return [x, scale.waterY - height * fade * ahead * Math.cos(2 * Math.PI * along)]
  }
  const points = [at(0)]
  const end = Math.min(width, start + length * scale.pixelsPerMetre + 1.5 * period)
  for (let x = Math.max(0, start - period / 4); x <= end; x += 7) points.push(at(x))
  points.push(at(width))
  return points
}
