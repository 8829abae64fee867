import { dsvFormat } from 'd3-dsv'
import { unguarded } from './writeTable'

/** A table of text: its cells, and whether decimal commas may stand in them, because something else divides them. */
export interface TextTable {
  rows: string[][]
  commas: boolean
}

/** What may divide the cells of a row; where a first line holds several, the first of these does. */
const DIVIDERS = ['\t', ';', ','] as const

/**
 * Reads the cells of a table: commas, semicolons or tabs, whichever the first line holds; with or without a mark at its
 * beginning. Guards against formulas are taken off again.
 *
 * @param text of the file
 * @returns cells as they stand there; none of an empty file
 * @example readTable('name;mass_kg\nA;2,5').rows[1] // ['A', '2,5']
 */
export function readTable(text: string): TextTable {
  const clean = text.replace(/^\uFEFF/, '')
  const first = (/^(?:"[^"]*"|[^\n"])*/.exec(clean)?.[0] ?? '').replace(/"[^"]*"/g, '')
  const divider = DIVIDERS.find(d => first.includes(d)) ?? ','
  const rows = clean.trim() ? dsvFormat(divider).parseRows(clean.replace(/\s+$/, '')) : []
  return { rows: rows.map(row => row.map(unguarded)), commas: divider !== ',' }
}
