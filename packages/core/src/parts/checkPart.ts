import { fieldError, keptText, type NumberField, type NumberWriter } from '../fields'
import { fromUnit, toUnit, UNITS } from '../units'
import { partContradictions } from './partContradictions'
import { PART_KINDS, type NumberColumn, type Part, type PartKindId } from './partKinds'

/** What is wrong with one column of a part. */
export interface PartError {
  key: string
  message: string
}

/** A kept number in SI, and back. */
export const partToSi = (column: NumberField, kept: number): number => kept / (column.keptPerSi ?? 1)
export const partFromSi = (column: NumberField, si: number): number => si * (column.keptPerSi ?? 1)

/** A kept number in the unit of its CSV column, without the noise of the last binary digits, and back. */
export const toColumn = (column: NumberColumn, kept: number): number =>
  Number(toUnit(partToSi(column, kept), column.unit).toPrecision(9))
export const fromColumn = (column: NumberColumn, value: number): number =>
  Number(partFromSi(column, fromUnit(value, column.unit)).toPrecision(12))

/**
 * Checks a part: its name, every column as its field says, then the columns against each other.
 *
 * @param kind of part
 * @param part as typed or read; kept units
 * @param show how a kept number is written in a message: in the file's unit, or the owner's
 * @returns what is wrong, in the order of the columns; empty when it will do
 * @example checkPart('fuse', { id: '', name: '' }).length // 6
 */
export function checkPart(kind: PartKindId, part: Part, show: NumberWriter = keptText): PartError[] {
  const { label, fields, columns } = PART_KINDS[kind]
  const errors: PartError[] = []
  if (!part.name) errors.push({ key: 'name', message: `A ${label.toLowerCase()} needs a name.` })
  else {
    const message = fieldError(fields.name!, part.name)
    if (message) errors.push({ key: 'name', message })
  }
  for (const column of columns) {
    const message = fieldError(column, part[column.key], show)
    if (message) errors.push({ key: column.key, message })
  }
  return errors.length ? errors : partContradictions(kind, part).map(({ key, message }) => ({ key, message }))
}

/** Numbers of a part written in the units of its CSV file. */
export const inColumns: NumberWriter = (field, kept) => {
  const column = field as NumberColumn
  return `${toColumn(column, kept)} ${UNITS[column.unit].symbol}`.trim()
}
