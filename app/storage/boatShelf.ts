import { DEMO_BOATS, type Project } from '@remigo/core'
import { firstRow, nextRow, type BoatRow, type SaveOutcome } from './boatRow'

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

/** Boats in memory, the demo boats to begin with. */
export function memoryShelf(): BoatShelf {
  const rows = new Map(DEMO_BOATS.map(boat => [boat.id, firstRow(boat)]))
  let tell: ((rows: BoatRow[]) => void) | undefined
  const changed = () => tell?.([...rows.values()])
  return {
    lasting: false,
    all: async () => [...rows.values()],
    get: async id => rows.get(id),
    async put(row) {
      rows.set(row.id, row)
      changed()
    },
    async remove(id) {
      rows.delete(id)
      changed()
    },
    async save(project, known, writer) {
      const next = nextRow(rows.get(project.id), project, known, writer)
      if ('theirs' in next) return { outcome: 'conflict', theirs: next.theirs }
      rows.set(project.id, next.put)
      changed()
      return { outcome: 'saved', revision: next.put.revision, again: next.again }
    },
    watch(told) {
      tell = told
      changed()
    },
  }
}

/**
 * The browser's store, opened, with the demo boats in it when it is empty.
 *
 * @returns the shelf
 * @throws what the browser says when it keeps no data
 */
export async function openShelf(): Promise<BoatShelf> {
  const [{ BoatDatabase, liveQuery, saveBoat }, { sweepOrphans }] = await Promise.all([
    import('./boatDatabase'),
    import('./orphans'),
  ])
  const db = new BoatDatabase()
  await db.open()
  if ((await db.boats.count()) === 0) await db.boats.bulkPut(DEMO_BOATS.map(boat => firstRow(boat)))
  // nobody waits for it, and the store goes on without it
  sweepOrphans(db).catch(() => undefined)
  return {
    lasting: true,
    all: () => db.boats.toArray(),
    get: id => db.boats.get(id),
    put: row => db.boats.put(row),
    remove: id => db.boats.delete(id),
    save: (project, known, writer) => saveBoat(db, project, known, writer),
    watch(told) {
      liveQuery(() => db.boats.toArray()).subscribe({ next: told, error: () => undefined })
    },
  }
}
