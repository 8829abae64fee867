import { completePart } from '@remigo/core'
import type { PartRow } from './boatDatabase'

/** Parts that an earlier build kept, with all that this one wants to know of them. */
export const wholeParts = (rows: readonly PartRow[]): PartRow[] =>
  rows.map(row => (row.part.estimated ? row : { ...row, part: completePart(row.kind, row.part).part }))
