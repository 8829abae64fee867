import { csvFormatRows } from 'd3-dsv'

/** What a spreadsheet takes for a formula when a cell begins with it. */
const FORMULA = /^'*[=+\-@\t\r]/
/** A number, which a spreadsheet may take for what it is. */
const NUMBER = /^[+-]?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?$/i

/**
 * A cell that no spreadsheet runs: an apostrophe stands before what would begin a formula. Numbers stay numbers.
 *
 * @param cell its text
 * @returns the text as it is written
 * @example guarded('=1+1') // "'=1+1"
 * @example guarded('-2.5') // '-2.5'
 *
 * Source: the usual guard against formulas in CSV files (common practice).
 */
export const guarded = (cell: string): string => (FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell)

/** The text of a cell that was guarded. */
export const unguarded = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell)

/**
 * Rows as a CSV file that no spreadsheet runs, and that readTable() reads back the same.
 *
 * @param rows of cells
 * @returns text; commas, a line end after every row
 * @example writeTable([['name'], ['=cmd']]) // "name\n'=cmd\n"
 */
export const writeTable = (rows: readonly (readonly string[])[]): string =>
  `${csvFormatRows(rows.map(row => row.map(guarded)))}\n`
