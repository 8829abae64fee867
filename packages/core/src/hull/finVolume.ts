/** A keel, skeg or rudder: span and mean chord in m, thickness as a share of the chord. */
export interface Fin {
  span: number
  chord: number
  thickness: number
}

/**
 * Volume of a fin with a NACA four-digit section, whose area is 0.685 t c.
 *
 * @param fin span and chord in m, thickness ratio
 * @returns m³
 * @example finVolume({ span: 1.2, chord: 1.8, thickness: 0.12 }) // 0.3196
 *
 * Source: integral of the NACA four-digit thickness form (Abbott & von Doenhoff), 0.6851 t/c per c².
 */
export function finVolume(fin: Fin): number {
  return 0.6851 * fin.thickness * fin.chord * fin.chord * fin.span
}
