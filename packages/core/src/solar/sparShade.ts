import type { SolarArray, Spar } from './solarSpecs'
import type { SunAngle } from './sunlight'

/** Headings that stand for a boat that swings. */
const SWINGS = 12
/** Strings of cells in a panel that a bypass diode takes out one by one (common practice). */
const STRINGS = 3
/** The sun is so wide in the sky, rad: farther off, a thin wire hides only part of it. */
const SUN_WIDTH = 0.0093
/** Below this height of the sun a shadow is longer than any boat, rad. */
const LOWEST = 0.01

/**
 * Share of the panels that the shadows of mast and boom take from the direct sun at a moment; light of the sky is not
 * lessened. A shadow takes every string of cells that it touches, not only its own width.
 *
 * @param array panels, the spars near them, and how she lies
 * @param sun where it stands, rad
 * @param anyHeading under way: her heading is anyone's
 * @returns share lost, 0 … 1; of a boat that swings the mean over all headings
 *
 * Source: shadow of a straight spar on the plane of the panels, these taken as a disc of their area; a panel has three
 * strings behind bypass diodes (common practice); a wire thinner than the sun is wide hides it in part.
 */
export function sparShade(
  array: Pick<SolarArray, 'spars' | 'bow' | 'swings' | 'panel' | 'series' | 'parallel'>,
  sun: SunAngle,
  anyHeading = false,
): number {
  if (array.spars.length === 0 || sun.altitude <= LOWEST) return 0
  if (!array.swings && !anyHeading) return lostAt(array, sun.altitude, sun.azimuth - array.bow)
  let sum = 0
  for (let i = 0; i < SWINGS; i++) sum += lostAt(array, sun.altitude, sun.azimuth - (2 * Math.PI * i) / SWINGS)
  return sum / SWINGS
}

/** With the sun so far to starboard of her bow. */
function lostAt(
  { spars, panel, series, parallel }: Pick<SolarArray, 'spars' | 'panel' | 'series' | 'parallel'>,
  altitude: number,
  bearing: number,
): number {
  const count = series * parallel,
    side = Math.sqrt(panel.length * panel.width),
    radius = side * Math.sqrt(count / Math.PI)
  let lost = 0
  for (const spar of spars) {
    const { chord, away } = shadow(spar, altitude, bearing, radius)
    const thin = away > 0 ? Math.min(1, spar.thick / (SUN_WIDTH * away)) : 1
    lost += (chord / (count * side)) * Math.min(1, 1 / STRINGS + spar.thick / side) * thin
  }
  return Math.min(1, lost)
}

/**
 * The shadow of a spar on the panels: how long it lies on a disc of this radius, and how far the spar is away along the
 * ray, m.
 */
export function shadow(
  { kind, ahead, starboard, height, length }: Spar,
  altitude: number,
  bearing: number,
  radius: number,
): { chord: number; away: number } {
  const reach = height / Math.tan(altitude),
    x = ahead - reach * Math.cos(bearing),
    y = starboard - reach * Math.sin(bearing)
  return kind === 'mast'
    ? { chord: chordOf(ahead, starboard, x, y, radius), away: Math.hypot(ahead, starboard) / Math.cos(altitude) }
    : { chord: chordOf(x, y, x - length, y, radius), away: height / Math.sin(altitude) }
}

/** Length of a stretch inside a disc about the origin. */
function chordOf(x1: number, y1: number, x2: number, y2: number, radius: number): number {
  const dx = x2 - x1,
    dy = y2 - y1,
    length = Math.hypot(dx, dy)
  if (length === 0) return 0
  // along the stretch, from its beginning: where it is nearest, and half of what the disc cuts from its line
  const nearest = -(x1 * dx + y1 * dy) / length,
    off = Math.abs(x1 * dy - y1 * dx) / length
  if (off >= radius) return 0
  const half = Math.sqrt(radius * radius - off * off)
  return Math.max(0, Math.min(length, nearest + half) - Math.max(0, nearest - half))
}
