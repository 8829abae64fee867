import { DEMO_BOATS, type Project } from '@remigo/core'
import type { BoatRow, SaveOutcome } from './boatDatabase'

/** Where boats are kept: the browser's store, or memory alone while that cannot be had. */
export interface BoatShelf {
  /** survives the page */
  lasting: boolean
  all: () => Promise<BoatRow[]>
  get: (id: string) => Promise<BoatRow | undefined>
  put: (row: BoatRow) => Promise<unknown>
  remove: (id: string) => Promise<void>
  save: (project: Project, known: number, writer: string) => Promise<SaveOutcome>
  /** tells all rows now and whenever they change, in this tab or another */
  watch: (told: (rows: BoatRow[]) => void) => void
}

/** A boat as it is kept for the first time. */
export const firstRow = (project: Project, updatedAt = Date.now()): BoatRow => ({ id: project.id, name: project.name, updatedAt, revision: 1, project })

/**
 * What a save comes to: one over another tab's work is refused; what a tab saved itself it may save over; a boat deleted elsewhere is kept again.
 *
 * @param row as it is kept now
 * @param project the boat
 * @param known revision that this tab last read or wrote; 0 for a new boat
 * @param writer the tab
 * @returns the row to keep, and whether it was deleted meanwhile; or theirs
 */
export function nextRow(row: BoatRow | undefined, project: Project, known: number, writer: string): { put: BoatRow, again: boolean } | { theirs: BoatRow } {
  if (row && row.revision !== known && row.writer !== writer) return { theirs: row }
  const revision = Math.max(known, row?.revision ?? 0) + 1
  return { put: { id: project.id, name: project.name, updatedAt: Date.now(), revision, project, writer }, again: !row && known > 0 }
}

/** Boats in memory, the demo boats to begin with. */
export function memoryShelf(): BoatShelf {
  const rows = new Map(DEMO_BOATS.map(boat => [boat.id, firstRow(boat)]))
  let tell: ((rows: BoatRow[]) => void) | undefined
  const changed = () => tell?.([...rows.values()])
  return {
    lasting: false,
    all: async () => [...rows.values()],
    get: async id => rows.get(id),
    async put(row) { rows.set(row.id, row); changed() },
    async remove(id) { rows.delete(id); changed() },
    async save(project, known, writer) {
      const next = nextRow(rows.get(project.id), project, known, writer)
      if ('theirs' in next) return { outcome: 'conflict', theirs: next.theirs }
      rows.set(project.id, next.put)
      changed()
      return { outcome: 'saved', revision: next.put.revision, again: next.again }
    },
    watch(told) { tell = told; changed() },
  }
}

/**
 * The browser's store, opened, with the demo boats in it when it is empty.
 *
 * @returns the shelf
 * @throws what the browser says when it keeps no data
 */
export async function openShelf(): Promise<BoatShelf> {
  const { BoatDatabase, liveQuery, saveBoat } = await import('./boatDatabase')
  const db = new BoatDatabase()
  await db.open()
  if (await db.boats.count() === 0) await db.boats.bulkPut(DEMO_BOATS.map(boat => firstRow(boat)))
  return {
    lasting: true,
    all: () => db.boats.toArray(),
    get: id => db.boats.get(id),
    put: row => db.boats.put(row),
    remove: id => db.boats.delete(id),
    save: (project, known, writer) => saveBoat(db, project, known, writer),
    watch(told) { liveQuery(() => db.boats.toArray()).subscribe({ next: told, error: () => undefined }) },
  }
}
