import Dexie, { type EntityTable } from 'dexie'
import type { PhotoRow } from './photoRow'
import type { RawLogRow } from './rawLogRow'
import { nextRow, type BoatRow, type SaveOutcome } from './boatRow'
import { formerPartId, migrateProject, PROJECT_VERSION, type Part, type PartKindId, type Project } from '@remigo/core'

export { liveQuery } from 'dexie'

/** A part of the owner's own, as the browser keeps it; the key joins kind and id. */
export interface PartRow {
  key: string
  kind: PartKindId
  part: Part
}

/** A kept boat in today's version; as it is when it came from a newer Remigo. */
export function currentProject(project: Project): Project {
  const migrated = migrateProject(project)
  return migrated.outcome === 'current' ? (migrated.document as unknown as Project) : project
}

/** The browser's store of boats and own parts. Boats kept by an older Remigo are brought up to date as it opens. */
export class BoatDatabase extends Dexie {
  boats!: EntityTable<BoatRow, 'id'>
  parts!: EntityTable<PartRow, 'key'>
  photos!: EntityTable<PhotoRow, 'id'>
  rawLogs!: EntityTable<RawLogRow, 'id'>

  constructor(name = 'remigo') {
    super(name)
    this.version(1).stores({ boats: 'id, updatedAt' })
    this.version(PROJECT_VERSION)
      .stores({ boats: 'id, updatedAt', parts: 'key, kind', photos: 'id, boat', rawLogs: 'id, boat' })
      .upgrade(change =>
        change
          .table<BoatRow>('boats')
          .toCollection()
          .modify(row => {
            row.project = currentProject(row.project)
          }),
      )
  }
}

/** Keeps parts of the owner's own; those of the same id are replaced. */
export async function putParts(db: BoatDatabase, kind: PartKindId, parts: readonly Part[]): Promise<void> {
  await db.transaction('rw', db.parts, async () => {
    // one name is one part, whatever id an earlier Remigo gave it
    const former = parts.map(part => partKey(kind, formerPartId(part.name)))
    const kept = await db.parts.bulkGet(former)
    const stale = kept.filter((row, i) => row && row.part.name === parts[i]!.name && row.part.id !== parts[i]!.id)
    await db.parts.bulkDelete(stale.map(row => row!.key))
    await db.parts.bulkPut(parts.map(part => ({ key: partKey(kind, part.id), kind, part: { ...part } })))
  })
}

/** Parts read at once; the page draws between one lot and the next. */
const PARTS_AT_ONCE = 500

/** All of the owner's own parts, in lots. */
export async function allParts(db: BoatDatabase): Promise<PartRow[]> {
  const rows: PartRow[] = []
  for (;;) {
    const lot = await db.parts
      .where(':id')
      .above(rows.at(-1)?.key ?? '')
      .limit(PARTS_AT_ONCE)
      .toArray()
    rows.push(...lot)
    if (lot.length < PARTS_AT_ONCE) break
  }
  // few have such parts, and what completes them is a good part of the core
  return rows.every(row => row.part.estimated) ? rows : (await import('./wholeParts')).wholeParts(rows)
}

/** Where a part is kept. */
export const partKey = (kind: PartKindId, id: string): string => `${kind}/${id}`

/**
 * Saves a boat, unless another tab has saved it since.
 *
 * @param db the store
 * @param project the boat
 * @param known revision that this tab last read or wrote; 0 for a new boat
 * @param writer the tab
 * @returns the new revision, or what the other tab wrote
 */
export function saveBoat(db: BoatDatabase, project: Project, known: number, writer: string): Promise<SaveOutcome> {
  return db.transaction('rw', db.boats, async () => {
    const next = nextRow(await db.boats.get(project.id), project, known, writer)
    if ('theirs' in next) return { outcome: 'conflict' as const, theirs: next.theirs }
    await db.boats.put(next.put)
    return { outcome: 'saved' as const, revision: next.put.revision, again: next.again }
  })
}
