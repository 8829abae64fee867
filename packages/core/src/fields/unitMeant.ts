import { METRIC_UNITS, QUANTITIES, UNITS, unitFor, type UnitChoice } from '../units'
import type { NumberField } from './field'
import { readField } from './readField'

/**
 * What a bare number was meant in, where the field's own unit puts it outside its range and another brings it inside:
 * 4600 in a field of tonnes is 4600 kg.
 *
 * @param field its definition
 * @param text as typed
 * @param choice the owner's units
 * @param kept what the field holds now, as it is kept: tells which unit it shows
 * @returns the number with the unit that would do, that which comes nearest to what the field holds; null where it has
 *   a unit already, is inside, or where no unit helps
 * @example unitMeant({ kind: 'number', label: 'Weight', quantity: 'mass', least: 20, most: 2e5 }, '4600') // '4600 kg'
 */
export function unitMeant(
  field: NumberField,
  text: string,
  choice: UnitChoice = METRIC_UNITS,
  kept: number | null = null,
): string | null {
  const number = text.trim()
  if (!/^-?\d[\d., \u00A0\u2009]*$/.test(number) || readField(field, number, choice, kept).ok) return null
  const near = kept === null ? null : kept / (field.keptPerSi ?? 1),
    own = unitFor(field.quantity, near, choice)
  const meant = QUANTITIES[field.quantity].units
    .filter(unit => unit !== own)
    .flatMap(unit => {
      const words = `${number} ${UNITS[unit].symbol}`,
        read = readField(field, words, choice, kept)
      if (!read.ok || read.value === null) return []
      const away = kept ? read.value / kept : UNITS[unit].scale / UNITS[own].scale
      return [{ words, away: Math.abs(Math.log(Math.abs(away))) }]
    })
  return meant.sort((a, b) => a.away - b.away)[0]?.words ?? null
}
