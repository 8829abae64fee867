import { cellsAtVolts, CHEMISTRIES, type ChemistryId } from '../battery'
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
