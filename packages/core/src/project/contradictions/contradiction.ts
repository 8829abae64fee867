import type { BoatDimensions } from '../../hull'
import { fillText, type Text, kilograms, metres, plainNumber } from '../../units'

/**
 * Dimensions that cannot belong to one boat: the field to look at, a sentence without its full stop, and a value of a
 * field that would do; null leaves it open to be estimated.
 */
export interface Contradiction {
  field: keyof BoatDimensions & string
  message: Text
  mend: { label: Text; field: keyof BoatDimensions & string; value: number | null } | null
}

/** The same as a sentence in metric units, for files. */
export const contradictionText = (c: Contradiction): string => fillText(c.message)

/** A length, a weight and a bare number of a sentence; the contradiction itself. */
export const length = (value: number) => metres(value),
  mass = (value: number) => kilograms(value),
  plain = (value: number) => plainNumber(value)
export const say = (
  field: Contradiction['field'],
  text: string,
  params: Text['params'],
  mend: Contradiction['mend'] = null,
): Contradiction => ({ field, message: { text, params }, mend })
/** Leaves a field to be estimated. */
export const unknown = (field: Contradiction['field'], name: string): Contradiction['mend'] => ({
  label: { text: `${name} not known: estimated` },
  field,
  value: null,
})
