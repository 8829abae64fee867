import { readTable, writeTable } from '../tables'
import { checkPart, fromColumn, inColumns, toColumn } from './checkPart'
import { quoted } from '../units'
import { completePart } from './estimates/completePart'
import { columnHeading, PART_KINDS, type Part, type PartColumn, type PartKindId } from './partKinds'

/** A cell of a file that makes no sense. Lines count from 1, with the heading. */
export interface PartCellError {
  line: number
  column: string
  message: string
}

/** Parts of a file, or every cell that makes no sense. */
export type PartsTable = { outcome: 'read'; parts: Part[] } | { outcome: 'wrong'; errors: PartCellError[] }

/** Rows between two tellings of progress. */
const ROWS_AT_ONCE = 250
/** More errors than these help nobody. */
const MOST_ERRORS = 200

/**
 * Parts as CSV: a row a part, units in the heading.
 *
 * @param kind of parts
 * @param parts to write
 * @returns CSV with a heading
 * @example writeParts('fuse', []) // 'name,kind,rating_A,clears_at_up_to_V,interrupts_A,price_euro\n'
 */
export function writeParts(kind: PartKindId, parts: readonly Part[]): string {
  const { columns } = PART_KINDS[kind]
  const cell = (part: Part, column: PartColumn) => {
    const value = part[column.key]
    // what nobody knows stays blank, and is estimated again when it is read
    if (value === null || (part.estimated as readonly string[] | undefined)?.includes(column.key)) return ''
    return column.kind === 'number'
      ? String(toColumn(column, Number(value)))
      : column.kind === 'yes'
        ? value
          ? 'yes'
          : 'no'
        : String(value)
  }
  const rows = parts.map(part => [part.name, ...columns.map(c => cell(part, c))])
  return writeTable([['name', ...columns.map(columnHeading)], ...rows])
}

/**
 * Reads parts from CSV, in which a blank cell is a figure that nobody knows: commas, or semicolons or tabs with decimal
 * commas; columns in any order. All of them or, with the cells named, none.
 * A generator, so that a worker can tell its progress and stop.
 *
 * @param kind of parts
 * @param text of the file
 * @returns yields the share read; returns parts, or errors by line and column
 */
export function* readParts(kind: PartKindId, text: string): Generator<number, PartsTable> {
  const { columns, many } = PART_KINDS[kind]
  const {
    rows: [heading = [], ...rows],
    commas,
  } = readTable(text)
  const places = new Map(heading.map((h, i) => [h.trim().toLowerCase(), i]))
  const told = columns.map(columnHeading).filter(h => places.has(h.toLowerCase()))
  if (!places.has('name') || told.length === 0)
    return {
      outcome: 'wrong',
      errors: [
        {
          line: 1,
          column: 'name',
          message:
            `The heading needs name and at least one figure, such as ${columnHeading(columns[0]!)}. Export the ` +
            `${many.toLowerCase()} for a file with every column.`,
        },
      ],
    }
  const errors: PartCellError[] = []
  const parts: Part[] = []
  const lines = new Map<string, number>()
  let line = 2 + newlines(heading)
  for (const [i, row] of rows.entries()) {
    if (i % ROWS_AT_ONCE === ROWS_AT_ONCE - 1) yield i / rows.length
    const at = line
    line += 1 + newlines(row)
    if (row.every(c => !c.trim())) continue
    const cell = (h: string) => (row[places.get(h.toLowerCase()) ?? -1] ?? '').trim()
    const wrong = (column: string, message: string) => errors.push({ line: at, column, message })
    const { part, unread } = partOfCells(kind, cell, commas)
    for (const [column, message] of unread) wrong(column, message)
    if (!unread.length)
      for (const e of checkPart(kind, part, inColumns))
        wrong(e.key === 'name' ? 'name' : columnHeading(columns.find(c => c.key === e.key)!), e.message)
    const before = lines.get(part.name.toLowerCase())
    if (part.name && before) wrong('name', `${quoted(part.name)} stands in line ${before} already.`)
    lines.set(part.name.toLowerCase(), at)
    parts.push(part)
    if (errors.length > MOST_ERRORS) break
  }
  if (errors.length) return { outcome: 'wrong', errors }
  return parts.length
    ? { outcome: 'read', parts }
    : {
        outcome: 'wrong',
        errors: [{ line: 2, column: 'name', message: `The file has a heading and no ${many.toLowerCase()}.` }],
      }
}

/** A part of which only the name is told cannot be estimated. */
const NOTHING_TOLD = 'Only its name is told: at least one figure is needed.'

const newlines = (cells: readonly string[]): number => cells.reduce((n, c) => n + (c.match(/\n/g)?.length ?? 0), 0)

/** A part from the cells of a row, and the columns that could not be read. */
function partOfCells(
  kind: PartKindId,
  cell: (heading: string) => string,
  commas: boolean,
): { part: Part; unread: [string, string][] } {
  const unread: [string, string][] = []
  const name = cell('name')
  const values = PART_KINDS[kind].columns.map((column): [string, unknown] => {
    const heading = columnHeading(column),
      text = cell(heading)
    if (column.kind === 'number') {
      if (!text) return [column.key, null]
      const value = Number(commas ? text.replace(',', '.') : text)
      if (!Number.isFinite(value)) unread.push([heading, `${quoted(text)} is not a number.`])
      return [column.key, fromColumn(column, value)]
    }
    if (!text) return [column.key, null]
    if (column.kind === 'yes') {
      const word = /^(yes|y|true|1)$/i.test(text) ? true : /^(no|n|false|0)$/i.test(text) ? false : null
      if (word === null) unread.push([heading, `${quoted(text)} should be yes or no.`])
      return [column.key, word]
    }
    const option = column.options.find(o => String(o).toLowerCase() === text.toLowerCase())
    if (option === undefined) unread.push([heading, `${quoted(text)} should be ${column.options.join(' or ')}.`])
    return [column.key, option]
  })
  const given: Part = { id: ownPartId(name), name, estimated: [], standIn: false, ...Object.fromEntries(values) }
  if (unread.length > 0) return { part: given, unread }
  if (values.every(([, value]) => value === null)) return { part: given, unread: [['name', NOTHING_TOLD]] }
  return { part: completePart(kind, given).part, unread }
}

/** Whether a part is the owner's own. */
export const isOwn = (part: { id: string }): boolean => part.id.startsWith('own/')

/** A name in letters that may stand in an id. */
const readable = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
/** So many of them stand there as they are. */
const READABLE = 60

/**
 * The id of an owner's part from its name, large and small letters alike; a part of the same name takes its place.
 * Where letters are lost on the way, a figure of the whole name follows, so that no two names meet.
 *
 * @param name of the part
 * @returns as in own/my-motor
 * @example ownPartId('My motor') // 'own/my-motor'
 * @example ownPartId('My-motor') // 'own/my-motor-idri8j'
 */
export function ownPartId(name: string): string {
  const lower = name.toLowerCase(),
    // no half of a letter at the end
    words = readable(name)
      .slice(0, READABLE)
      .replace(/[\uD800-\uDBFF]$/, '')
  // only single spaces have become something else
  return words && words.replaceAll('-', ' ') === lower ? `own/${words}` : `own/${words || 'part'}-${figureOf(lower)}`
}

/** The id that an earlier Remigo gave to a part of that name. */
export const formerPartId = (name: string): string => `own/${readable(name)}`.slice(0, 80)

/** A figure of 32 bits for words (FNV-1a). */
const figureOf = (words: string): string =>
  [...words].reduce((sum, c) => Math.imul(sum ^ c.codePointAt(0)!, 16_777_619) >>> 0, 2_166_136_261).toString(36)
