import 'fake-indexeddb/auto'
import { describe, expect, it } from 'vitest'
import Dexie from 'dexie'
import { DEMO, PROJECT_VERSION, projectSchema, withEdits } from '@remigo/core'
import { BoatDatabase, saveBoat } from '../app/storage/boatDatabase'

const boat = DEMO.tirrick
let count = 0
const fresh = () => new BoatDatabase(`test-${count++}`)

describe('boats in the browser', () => {
  it('each save raises the revision', async () => {
    const db = fresh()
    expect(await saveBoat(db, boat, 0, 'a')).toEqual({ outcome: 'saved', revision: 1, again: false })
    expect(await saveBoat(db, boat, 1, 'a')).toEqual({ outcome: 'saved', revision: 2, again: false })
    expect((await db.boats.get(boat.id))!.project).toEqual(boat)
  })
  it('a save over another tab’s work is refused and shows theirs', async () => {
    const db = fresh()
    await saveBoat(db, boat, 0, 'a')
    const theirs = withEdits(boat, [{ path: 'name', value: 'Theirs' }])
    await saveBoat(db, theirs, 1, 'b')
    const result = await saveBoat(db, boat, 1, 'a')
    expect(result.outcome === 'conflict' && result.theirs.name).toBe('Theirs')
    expect((await db.boats.get(boat.id))!.name).toBe('Theirs')
  })
  it('boats kept by an older Remigo are brought up to date as it opens', async () => {
    const name = `test-${count++}`
    const old = new Dexie(name)
    old.version(1).stores({ boats: 'id, updatedAt' })
    const { jet: _, ...design } = boat.design
    await old
      .table('boats')
      .put({ id: boat.id, name: boat.name, updatedAt: 1, revision: 4, project: { ...boat, version: 2, design } })
    old.close()
    const row = await new BoatDatabase(name).boats.get(boat.id)
    expect(row!.project.version).toBe(PROJECT_VERSION)
    expect(projectSchema.safeParse(row!.project).success).toBe(true)
    expect(row!.revision).toBe(4)
  })
  it('a boat deleted elsewhere is kept again, and that is told', async () => {
    const db = fresh()
    await saveBoat(db, boat, 0, 'a')
    await db.boats.delete(boat.id)
    expect(await saveBoat(db, boat, 1, 'b')).toEqual({ outcome: 'saved', revision: 2, again: true })
  })
})
