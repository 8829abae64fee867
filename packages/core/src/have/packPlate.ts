import { CHEMISTRIES, isLead, type ChemistryId } from '../battery'
import { numberOf, valueOf, type Said } from './said'

const CHEMISTRY_WORDS: readonly (readonly [ChemistryId, RegExp])[] = [
  ['LTO', /\b(?:lto|titanate)\b/i],
  ['NMC', /\b(?:nmc|nca|cobalt|18650|21700|li-?ion|lithium[- ]ion|car (?:modules?|pack|battery)|ev modules?)\b/i],
  ['LFP', /\b(?:lfp|lifepo4?|iron phosphate|prismatic|lithium)\b/i],
  ['AGM', /\b(?:agm|gel)\b/i],
  ['FLOODED', /\b(?:lead(?:[- ]acid)?|wet|flooded|golf ?cart|traction|deep[- ]cycle|leisure)\b/i],
]

/** The chemistry that a line names; null where it names none. */
export const chemistryIn = (words: string): ChemistryId | null =>
  CHEMISTRY_WORDS.find(([, pattern]) => pattern.test(words))?.[0] ?? null

/** V that sellers count for a cell of a "12 V" battery: three quarters of its four cells is what 12 V of LFP are. */
const SOLD_AS: Readonly<Record<ChemistryId, number>> = { LFP: 3, NMC: 3.65, LTO: 2.3, AGM: 2, FLOODED: 2 }

/**
 * Cells in series inside a battery of so many nominal volts.
 *
 * @param volts as its label says, 6 to 1000
 * @param chemistry of its cells
 * @returns cells
 * @example cellsAtVolts(24, 'LFP') // 8
 * @example cellsAtVolts(24, 'AGM') // 12
 *
 * Source: common practice: 12 V are four cells of LFP or six of lead, and 51.2 V are sixteen at 3.2.
 */
export function cellsAtVolts(volts: number, chemistry: ChemistryId): number {
  const twelves = volts / 12,
    sold = Math.abs(twelves - Math.round(twelves)) < 0.02 || (isLead(chemistry) && volts % 2 === 0)
  return Math.max(1, Math.round(volts / (sold ? SOLD_AS[chemistry] : CHEMISTRIES[chemistry].nominalVoltage)))
}

/** What is told of a cell, a block or a whole pack, in the fields of the library. */
export function packPlate(said: Said, kind: 'cell' | 'pack'): Record<string, unknown> {
  const chemistry = chemistryIn(said.words),
    volts = numberOf(said, 'voltage')?.value ?? null,
    energy = valueOf(said, 'energy')
  const cells = volts === null ? null : kind === 'cell' && volts < 4.5 ? 1 : cellsAtVolts(volts, chemistry ?? 'LFP')
  const capacity =
    valueOf(said, 'charge', ['rated', 'left']) ??
    (energy === null
      ? null
      : energy / 3600 / ((cells ?? (kind === 'cell' ? 1 : 16)) * CHEMISTRIES[chemistry ?? 'LFP'].nominalVoltage))
  return {
    chemistry,
    cellsInSeries: cells ?? (kind === 'pack' && energy !== null ? 16 : null),
    capacityAh: capacity,
    current: valueOf(said, 'current'),
    currentPeak: valueOf(said, 'current', ['peak']),
    resistance: valueOf(said, 'resistance'),
    mass: valueOf(said, 'partMass'),
    complete: /\b(?:bms|case|box|drop-in)\b/i.test(said.words) ? true : null,
  }
}
