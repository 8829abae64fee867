import { completePart, type Part, type PartKindId } from '@remigo/core'

/** Parts that an earlier build kept, with all that this one wants to know of them. */
export const wholeParts = <R extends { kind: PartKindId; part: Part }>(rows: readonly R[]): R[] =>
  rows.map(row => (row.part.estimated ? row : { ...row, part: completePart(row.kind, row.part).part }))
