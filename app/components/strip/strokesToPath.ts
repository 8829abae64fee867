import type { Line } from '@remigo/core'

/** From metres on the boat to pixels on the strip: true proportions, one scale for both. */
export interface StripScale {
  pixelsPerMetre: number
  bowX: number
  waterY: number
}

/**
 * A drawn line of the elevation as an SVG path.
 *
 * @param line strokes in m
 * @param scale of the strip
 * @returns path data
 */
export function strokesToPath(line: Line, scale: StripScale): string {
  const x = (v: number) => (scale.bowX + v * scale.pixelsPerMetre).toFixed(1)
  const y = (v: number) => (scale.waterY - v * scale.pixelsPerMetre).toFixed(1)
  return line
    .map(s => {
      if (s[0] === 'Z') return 'Z'
      if (s[0] === 'C') return `C${x(s[1])} ${y(s[2])} ${x(s[3])} ${y(s[4])} ${x(s[5])} ${y(s[6])}`
      return `${s[0]}${x(s[1])} ${y(s[2])}`
    })
    .join('')
}
