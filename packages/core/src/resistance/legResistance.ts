import type { DriveKind } from '../hull/driveKind'
import type { Water } from '../hull/water'
import { appendageResistance } from './appendageResistance'

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
/** Drag coefficient of a streamlined body on its frontal area (Hoerner 1965: 0.05 to 0.12 with its junction). */
const BODY_DRAG = 0.1

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
 * Source: strut as an appendage (ITTC-1957, Hoerner 1965); body with CD 0.10 on its frontal area.
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
  const strut = appendageResistance({ span: shaftDepth, chord: chord * diameter, thickness }, speed, water)
  return strut + ((0.5 * water.density * speed * speed * BODY_DRAG * Math.PI) / 4) * (body * diameter) ** 2
}
