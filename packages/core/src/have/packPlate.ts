import { cellsAtVolts, CHEMISTRIES, type ChemistryId } from '../battery'
import type { Text } from '../units'
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

/** Wh for a kilogram below which a battery is lead: lead has 25 to 45, lithium 70 and more (common practice). */
const LEAD_BELOW = 55
const J_PER_WH = 3600

/** A single cell's volts name its chemistry: 3.2 is iron phosphate, 3.7 cobalt, 2.4 titanate. */
const byCellVolts = (volts: number | null): ChemistryId | null =>
  volts === null || volts > 4 ? null : volts >= 3.5 ? 'NMC' : volts >= 3 ? 'LFP' : volts > 2.2 ? 'LTO' : null

/** What is told of a cell, a block or a whole pack, in the fields of the library, and what was taken for granted. */
export function packPlate(said: Said, kind: 'cell' | 'pack'): { given: Record<string, unknown>; doubts: Text[] } {
  const volts = numberOf(said, 'voltage')?.value ?? null,
    energy = valueOf(said, 'energy'),
    charge = valueOf(said, 'charge', ['rated', 'left']),
    mass = valueOf(said, 'partMass')
  const wattHours = energy !== null ? energy / J_PER_WH : charge !== null && volts !== null ? charge * volts : null
  // nobody calls one cell of lead a cell of so many Ah: a battery is heavy where it is lead
  const named = chemistryIn(said.words) ?? byCellVolts(volts),
    heavy = wattHours !== null && mass !== null && wattHours / mass < LEAD_BELOW
  const chemistry = named ?? (heavy ? 'FLOODED' : null),
    nominal = CHEMISTRIES[chemistry ?? 'LFP'].nominalVoltage
  const cells = volts === null ? null : kind === 'cell' && volts < 4.5 ? 1 : cellsAtVolts(volts, chemistry ?? 'LFP')
  const inPack = cells ?? (kind === 'pack' && energy !== null ? 16 : null)
  return {
    given: {
      chemistry,
      cellsInSeries: inPack,
      capacityAh: charge ?? (energy === null ? null : energy / J_PER_WH / ((inPack ?? 1) * nominal)),
      current: valueOf(said, 'current'),
      currentPeak: valueOf(said, 'current', ['peak']),
      resistance: valueOf(said, 'resistance'),
      mass,
      complete: /\b(?:bms|case|box|drop-in)\b/i.test(said.words) ? true : null,
    },
    doubts: named ? [] : [{ text: heavy ? TAKEN_AS_LEAD : TAKEN_AS_LFP }],
  }
}

const TAKEN_AS_LFP =
    'Taken as lithium iron phosphate, since nobody says. If it is lead, say so: lead gives half of its Ah, weighs ' +
    'three times as much and is charged at other volts.',
  TAKEN_AS_LEAD = 'Taken as lead by its weight: half of its Ah is used. If it is lithium, say so.'
