import { defineStore } from 'pinia'
import { plainData } from './plainData'
import { computed, shallowRef } from 'vue'
import { libraryWith, type OwnParts, type Part, type PartKindId } from '@remigo/core'
import type { BoatDatabase } from '../storage/boatDatabase'

/** The owner's own parts in this browser, and the library that they make with those that ship. */
export const useLibraryStore = defineStore('library', () => {
  const storage = () => import('../storage/boatDatabase')
  let opened: Promise<BoatDatabase> | undefined
  const own = shallowRef<OwnParts>({})
  const failure = shallowRef<string | null>(null)
  const library = computed(() => libraryWith(own.value))

  /** Reads what is kept, once, and follows what this and other tabs change. */
  function start(): Promise<BoatDatabase> {
    return (opened ??= (async () => {
      const { allParts, BoatDatabase, liveQuery } = await storage()
      const db = new BoatDatabase()
      await new Promise<void>(resolve => {
        liveQuery(() => allParts(db)).subscribe({
          next(rows) {
            const byKind: Partial<Record<PartKindId, Part[]>> = {}
            for (const { kind, part } of rows) (byKind[kind] ??= []).push(part)
            own.value = byKind
            resolve()
          },
          error(error: Error) {
            failure.value = `This browser keeps no parts (${error.name}). Export them before you leave.`
            resolve()
          },
        })
      })
      return db
    })())
  }
  /** Keeps parts; those of the same name are replaced. */
  async function put(kind: PartKindId, parts: readonly Part[]) {
    const db = await start()
    await (await storage()).putParts(db, kind, parts.map(plainData))
  }
  async function remove(kind: PartKindId, ids: readonly string[]) {
    const db = await start()
    const { partKey } = await storage()
    await db.parts.bulkDelete(ids.map(id => partKey(kind, id)))
  }
  return { own, library, failure, start, put, remove }
})
