import { interpolate } from '../numeric'
import type { ChemistryId } from './chemistry'

/** Temperatures of the tables below, K. */
const AT = [253.15, 263.15, 273.15, 283.15, 293.15, 313.15]

/**
 * Times the resistance at 20 °C, and share of its capacity. LFP capacity as handbooks give it; all the rest from
 * memory, ± 30 %.
 */
const COLD: Record<ChemistryId, { resistance: readonly number[]; capacity: readonly number[] }> = {
  LFP: { resistance: [6, 3.6, 2.2, 1.4, 1, 0.7], capacity: [0.55, 0.75, 0.9, 0.96, 1, 1] },
  NMC: { resistance: [5, 3, 1.9, 1.35, 1, 0.75], capacity: [0.65, 0.8, 0.92, 0.97, 1, 1] },
  LTO: { resistance: [2.6, 2, 1.5, 1.2, 1, 0.8], capacity: [0.8, 0.88, 0.94, 0.98, 1, 1] },
  AGM: { resistance: [2.4, 1.9, 1.5, 1.2, 1, 0.85], capacity: [0.55, 0.68, 0.82, 0.92, 1, 1.03] },
  FLOODED: { resistance: [2.6, 2, 1.55, 1.25, 1, 0.85], capacity: [0.5, 0.65, 0.8, 0.91, 1, 1.03] },
}

/** What cold does to a chemistry: times its resistance at 20 °C, and share of its capacity. */
export interface ColdFactors {
  resistance: number
  capacity: number
}

/**
 * Resistance and capacity of a chemistry at a temperature, against 20 °C.
 *
 * @param chemistry its short name
 * @param temperature of the cells, K; held at the ends of −20 … 40 °C
 * @returns factors
 * @example coldFactors('LFP', 273.15) // { resistance: 2.2, capacity: 0.9 }
 *
 * Source: common practice, from memory; a cell's own sheet is better.
 */
export function coldFactors(chemistry: ChemistryId, temperature: number): ColdFactors {
  const { resistance, capacity } = COLD[chemistry]
  return { resistance: interpolate(AT, resistance, temperature), capacity: interpolate(AT, capacity, temperature) }
}
