import { packIntoCompartments, type PackFit } from '../../battery'
import type { Project } from '../../project/definition/projectFields'

/**
 * A boat's own blocks in the spaces that were measured.
 *
 * @param project the boat
 * @returns where each block stands; null when no space was measured
 */
export function packPlaces({ boat: { compartments }, design: { pack } }: Project): PackFit | null {
  return compartments.length === 0
    ? null
    : packIntoCompartments(pack.cell, pack.series, pack.series * pack.parallel, compartments)
}
