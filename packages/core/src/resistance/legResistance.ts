import type { DriveKind } from '../hull/driveKind'
import type { Water } from '../hull/water'

/**
 * Strut's chord and thickness, and the gear case's or pod's diameter, as shares of the propeller's diameter (common
 * practice; all are estimates).
 */
const LEGS: Record<Exclude<DriveKind, 'shaft' | 'jet'>, { chord: number; thickness: number; body: number }> = {
  sailDrive: { chord: 0.55, thickness: 0.3, body: 0.3 },
  outboard: { chord: 0.6, thickness: 0.22, body: 0.28 },
  sternDrive: { chord: 0.75, thickness: 0.25, body: 0.32 },
  pod: { chord: 0.45, thickness: 0.25, body: 0.45 },
}
/** However small the propeller, a motor or its gears need this much room: body and strut, m (common practice). */
const LEAST_BODY = 0.09,
  LEAST_STRUT = 0.03
/**
 * Drag coefficient on frontal area of a strut or a gear case with its junctions, plates and pick-ups (Hoerner 1965:
 * about
 * 0.1 where the flow is turbulent, from Re 2·10⁶ on the chord; about twice that at a small leg's 3·10⁵).
 */
const FAST_DRAG = 0.1,
  SLOW_DRAG = 0.2,
  FAST_REYNOLDS = 2e6

function frontalDrag(reynolds: number): number {
  return Math.min(SLOW_DRAG, FAST_DRAG * Math.max(1, (FAST_REYNOLDS / Math.max(1, reynolds)) ** 0.365))
}
/** Spray of a strut through the surface, on its thickness squared (Hoerner 1965). */
const SPRAY_DRAG = 0.24

/**
 * Drag of a leg, outboard or pod, N: a thick strut down to the shaft and a streamlined body around it.
 *
 * @param drive kind of drive; a bare shaft and a jet have none
 * @param diameter of the largest propeller that it carries, m
 * @param shaftDepth of the shaft below the water, m
 * @param speed m/s
 * @param water density and viscosity
 * @returns N
 *
 * Source: strut and body by their frontal areas, spray where the strut stands in the surface (Hoerner 1965).
 */
export function legResistance(
  drive: DriveKind,
  diameter: number,
  shaftDepth: number,
  speed: number,
  water: Water,
): number {
  if (drive === 'shaft' || drive === 'jet' || speed <= 0) return 0
  const { chord, thickness, body } = LEGS[drive]
  const across = Math.max(LEAST_BODY, body * diameter),
    thick = Math.max(LEAST_STRUT, thickness * chord * diameter)
  // a saildrive's leg and a pod hang under the hull, an outboard and a stern drive stand in the surface
  const pierces = drive === 'outboard' || drive === 'sternDrive'
  return (
    0.5 *
    water.density *
    speed *
    speed *
    (frontalDrag((speed * Math.max(chord * diameter, 3 * thick)) / water.viscosity) *
      ((Math.PI * across * across) / 4 + thick * Math.max(0, shaftDepth - across / 2)) +
      (pierces ? SPRAY_DRAG * thick * thick : 0))
  )
}
