import type { CellSpec } from './cellSpec'

/** Cells that stand in one row before the next begins. */
export const CELLS_IN_A_ROW = 16

/** The bare cells side by side, without box, air or cables. */
export interface PackFootprint {
  columns: number
  rows: number
  length: number
  width: number
  height: number
}

/**
 * Room that the bare cells take: up to sixteen in a row, strings behind each other.
 *
 * @param pack cells and their count
 * @returns rows, columns, and m
 * @example packFootprint({ cell: { depth: 0.072, width: 0.174, height: 0.207 }, series: 16, parallel: 1 }).columns //
 *   16
 */
export function packFootprint({
  cell,
  series,
  parallel,
}: {
  cell: Pick<CellSpec, 'depth' | 'width' | 'height'>
  series: number
  parallel: number
}): PackFootprint {
  const columns = Math.min(CELLS_IN_A_ROW, series),
    rows = Math.ceil(series / columns)
  return { columns, rows, length: columns * cell.depth, width: rows * parallel * cell.width, height: cell.height }
}
