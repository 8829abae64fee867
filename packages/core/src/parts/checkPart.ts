import type { z } from 'zod'
import { fromUnit, quantityText, toUnit, METRIC_UNITS, UNITS, type UnitChoice } from '../units'
import { partContradictions } from './partContradictions'
import { PART_KINDS, type NumberColumn, type Part, type PartColumn, type PartKindId } from './partKinds'

/** What is wrong with one column of a part. */
export interface PartError {
  key: string
  message: string
}

/** A kept number in SI, and back. */
export const partToSi = (column: NumberColumn, stored: number): number => stored / column.storedPerSi
export const partFromSi = (column: NumberColumn, si: number): number => si * column.storedPerSi

/** A kept number in the unit of its CSV column, without the noise of the last binary digits, and back. */
export const toColumn = (column: NumberColumn, stored: number): number =>
  Number(toUnit(partToSi(column, stored), column.unit).toPrecision(9))
export const fromColumn = (column: NumberColumn, value: number): number =>
  Number(partFromSi(column, fromUnit(value, column.unit)).toPrecision(12))

/** Least and greatest of a number, as its schema has them, in kept units. */
function rangeOf(kind: PartKindId, key: string): [number, number] {
  const field = PART_KINDS[kind].schema.shape[key] as unknown as z.ZodNumber
  return [field.minValue ?? 0, field.maxValue ?? Infinity]
}

/**
 * Checks a part: every column against its range and kind, then the columns against each other.
 *
 * @param kind of part
 * @param part as typed or read; kept units
 * @param show how a kept number is written in a message: in the file's unit, or the owner's
 * @returns what is wrong, in the order of the columns; empty when it will do
 * @example checkPart('fuse', { id: '', name: '' }).length // 6
 */
export function checkPart(kind: PartKindId, part: Part, show = inUnits(METRIC_UNITS)): PartError[] {
  const { schema, columns } = PART_KINDS[kind]
  const parsed = schema.safeParse(part)
  const wrong = new Set(parsed.success ? [] : parsed.error.issues.map(i => String(i.path[0] ?? '')))
  const errors: PartError[] = []
  if (wrong.has('name'))
    errors.push({
      key: 'name',
      message: part.name ? 'A name has at most 80 letters.' : `A ${PART_KINDS[kind].label.toLowerCase()} needs a name.`,
    })
  for (const column of columns)
    if (wrong.has(column.key)) errors.push({ key: column.key, message: columnMessage(kind, column, show) })
  return errors.length ? errors : partContradictions(kind, part).map(({ key, message }) => ({ key, message }))
}

function columnMessage(
  kind: PartKindId,
  column: PartColumn,
  show: (column: NumberColumn, stored: number) => string,
): string {
  if (column.kind === 'yes') return `${column.label} is yes or no.`
  if (column.kind === 'choice') return `${column.label} is ${column.options.join(' or ')}.`
  const [least, most] = rangeOf(kind, column.key)
  return column.quantity === 'count'
    ? `${column.label} is a whole number from ${least} to ${most}.`
    : `${column.label} runs from ${show(column, least)} to ${show(column, most)}.`
}

/** Numbers of a part written in an owner's units. */
export function inUnits(choice: UnitChoice): (column: NumberColumn, stored: number) => string {
  return (column, stored) => quantityText(partToSi(column, stored), column.quantity, choice)
}

/** Numbers of a part written in the units of its CSV file. */
export const inColumns = (column: NumberColumn, stored: number): string =>
  `${toColumn(column, stored)} ${UNITS[column.unit].symbol}`.trim()
