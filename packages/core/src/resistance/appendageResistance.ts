import type { Fin } from '../hull/finVolume'
import type { Water } from '../hull/water'
import { frictionLine } from './frictionLine'

/**
 * Viscous resistance of a fin, N: its own Reynolds number on the mean chord, and a form factor for its thickness.
 *
 * @param fin span, chord (m) and thickness ratio
 * @param speed m/s, ≥ 0
 * @param water density and viscosity
 * @param frictionFactor growth: CF is multiplied by this …
 * @param frictionAllowance … and this is added
 * @returns N
 *
 * Source: ITTC-1957 friction; form factor 1 + 2 t/c + 60 (t/c)⁴, Hoerner 1965.
 */
export function appendageResistance(
  fin: Fin,
  speed: number,
  water: Water,
  frictionFactor = 1,
  frictionAllowance = 0,
): number {
  if (speed <= 0) return 0
  const reynolds = Math.max(1e4, (speed * fin.chord) / water.viscosity)
  const form = 1 + 2 * fin.thickness + 60 * fin.thickness ** 4
  const cf = frictionLine(reynolds) * frictionFactor + frictionAllowance
  return 0.5 * water.density * speed * speed * 2 * fin.span * fin.chord * form * cf
}
