import { METRIC_UNITS, quantityText, quoted, type UnitChoice } from '../units'
import type { ChoiceField, Field, NumberField, TextField } from './field'

/** A kept number in the owner's units, as forms and messages write it. */
export const keptText = (field: NumberField, kept: number, choice: UnitChoice = METRIC_UNITS): string =>
  quantityText(kept / (field.keptPerSi ?? 1), field.quantity, choice)

/** How a number of a field is written: in the owner's units, or in those of a file's column. */
export type NumberWriter = (field: NumberField, kept: number) => string

/** Numbers written in an owner's units. */
export const inUnits =
  (choice: UnitChoice): NumberWriter =>
  (field, kept) =>
    keptText(field, kept, choice)

/**
 * What is wrong with a value for a field, as the form says it: the field, the value that is there, and what would do.
 *
 * @param field its definition
 * @param value as it is kept; anything
 * @param show how numbers are written
 * @returns null when it will do, or a sentence
 * @example fieldError({ kind: 'number', label: 'Weight', quantity: 'mass', least: 20, most: 900 }, 4600)
 *   // 'Weight runs from 20.0\u00A0kg to 900\u00A0kg; this is 4.60\u00A0t.'
 */
export function fieldError(field: Field, value: unknown, show: NumberWriter = keptText): string | null {
  if (value === null && 'open' in field && field.open) return null
  switch (field.kind) {
    case 'number':
      return numberError(field, value, show)
    case 'choice':
      return choiceError(field, value)
    case 'yes':
      return typeof value === 'boolean' ? null : `${field.label} should be yes or no; ${given(value)}.`
    case 'text':
      return textError(field, value)
    case 'group':
    case 'record':
      return typeof value === 'object' && value !== null && !Array.isArray(value)
        ? null
        : `${field.label} should be a group of fields; ${given(value)}.`
    case 'list': {
      if (!Array.isArray(value)) return `${field.label} should be a list; ${given(value)}.`
      const { shortest = 0, longest } = field
      if (value.length >= shortest && value.length <= longest) return null
      const wanted = shortest === longest ? `${longest}` : `${shortest} to ${longest}`
      return `${field.label} has ${wanted} entries; these are ${value.length}.`
    }
  }
}

function numberError(field: NumberField, value: unknown, show: NumberWriter): string | null {
  const { label, least, most, whole } = field
  const range = `${show(field, least)} to ${show(field, most)}`
  if (typeof value !== 'number' || !Number.isFinite(value)) {
    const wanted = `${label} should be a ${whole ? 'whole ' : ''}number from ${range}`
    return `${wanted}${field.open ? ', or null when it is not known' : ''}; ${given(value)}.`
  }
  if (value < least || value > most) {
    const own = show(field, value)
    // rounded as the limit is, it would seem to be the limit
    const by = own !== show(field, value < least ? least : most) ? '' : value < least ? 'just below ' : 'just above '
    return `${label} runs from ${range}; this is ${by}${own}.`
  }
  return whole && !Number.isInteger(value) ? `${label} is a whole number from ${range}; this is ${value}.` : null
}

function choiceError({ label, options, open }: ChoiceField, value: unknown): string | null {
  if ((options as readonly unknown[]).includes(value)) return null
  const words = options.map(o => (o === '' ? 'empty' : typeof o === 'number' ? String(o) : `“${o}”`))
  const either = [...words, ...(open ? ['null'] : [])]
  return (
    `${label} should be ${either.length > 1 ? `${either.slice(0, -1).join(', ')} or ` : ''}${either.at(-1)}; ` +
    `${given(value)}.`
  )
}

function textError({ label, shortest, longest, like }: TextField, value: unknown): string | null {
  if (typeof value !== 'string') return `${label} should be words; ${given(value)}.`
  if (value.length < shortest) return `${label} is empty: give it a word or two.`
  if (like && !like.pattern.test(value)) return `${label} is written like ${like.example}; ${given(value)}.`
  return value.length > longest ? `${label} has at most ${longest} letters; these are ${value.length}.` : null
}

/** A value in a message: what a file had there, shortened. */
export function given(value: unknown): string {
  if (value === undefined) return 'it is missing'
  if (value === null) return 'it is empty'
  const words =
    typeof value === 'string'
      ? quoted(value)
      : Array.isArray(value)
        ? 'a list'
        : typeof value === 'object'
          ? 'a group of fields'
          : String(value)
  return `this is ${words}`
}
