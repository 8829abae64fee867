import type { Project } from '@remigo/core'

/**
 * A boat as the browser keeps it. `revision` rises with every save; with the tab that wrote it last it tells two tabs
 * apart.
 */
export interface BoatRow {
  id: string
  name: string
  updatedAt: number
  revision: number
  project: Project
  writer?: string
}

/** What a save came to. */
export type SaveOutcome =
  { outcome: 'saved'; revision: number; again: boolean } | { outcome: 'conflict'; theirs: BoatRow }

/** A boat as it is kept for the first time. */
export const firstRow = (project: Project, updatedAt = Date.now()): BoatRow => ({
  id: project.id,
  name: project.name,
  updatedAt,
  revision: 1,
  project,
})

/**
 * What a save comes to: one over another tab's work is refused; what a tab saved itself it may save over; a boat
 * deleted elsewhere is kept again.
 *
 * @param row as it is kept now
 * @param project the boat
 * @param known revision that this tab last read or wrote; 0 for a new boat
 * @param writer the tab
 * @returns the row to keep, and whether it was deleted meanwhile; or theirs
 */
export function nextRow(
  row: BoatRow | undefined,
  project: Project,
  known: number,
  writer: string,
): { put: BoatRow; again: boolean } | { theirs: BoatRow } {
  if (row && row.revision !== known && row.writer !== writer) return { theirs: row }
  const revision = Math.max(known, row?.revision ?? 0) + 1
  return {
    put: { id: project.id, name: project.name, updatedAt: Date.now(), revision, project, writer },
    again: !row && known > 0,
  }
}
