import { METRIC_UNITS, parseQuantity, type UnitChoice } from '../units'
import type { NumberField } from './field'
import { fieldError, inUnits } from './fieldError'

/** What was typed into a number's field: the value to keep, or a sentence that helps. */
export type ReadField = { ok: true; value: number | null } | { ok: false; message: string }

/**
 * Reads what an owner typed into a field. Nothing typed leaves an open field open.
 *
 * @param field its definition
 * @param text as typed, with or without a unit
 * @param choice the owner's units
 * @param kept what the field holds now, as it is kept: tells which of two units is meant where none is typed
 * @returns the value as it is kept, or what is wrong and would do
 * @example readField({ kind: 'number', label: 'Weight', quantity: 'mass', least: 20, most: 900 }, '300 kg').value //
 *   300
 */
export function readField(
  field: NumberField,
  text: string,
  choice: UnitChoice = METRIC_UNITS,
  kept: number | null = null,
): ReadField {
  if (!text.trim() && field.open) return { ok: true, value: null }
  const perSi = field.keptPerSi ?? 1
  const parsed = parseQuantity(text, field.quantity, choice, kept === null ? null : kept / perSi)
  if (!parsed.ok) return { ok: false, message: `${field.label}: ${parsed.message}` }
  // a negative nought would not survive a file
  const value = parsed.value * perSi + 0
  const message = fieldError(field, value, inUnits(choice))
  return message === null ? { ok: true, value } : { ok: false, message }
}
