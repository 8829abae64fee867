import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { DEMO_BOATS, type Project } from '@remigo/core'
import type { BoatDatabase, BoatRow } from '../storage/boatDatabase'
import { useDocumentStore } from './document'
import { useViewStore } from './view'

/** What a row of the list of boats needs. */
export interface BoatSummary { id: string, name: string, updatedAt: number, project: Project }

/** The boats in this browser: list, open, save, duplicate, delete with undo, and the watch for other tabs. */
export const useBoatsStore = defineStore('boats', () => {
  const document = useDocumentStore()
  const view = useViewStore()
  /** the store and its package are loaded after the first picture stands */
  const storage = import('../storage/boatDatabase')
  let db: BoatDatabase | undefined
  let markStarted!: () => void
  /** settled when the store has been read; saves wait for it */
  const started = new Promise<void>((resolve) => { markStarted = resolve })
  const list = shallowRef<BoatSummary[]>([])
  const ready = ref(false)
  const revision = ref(0)
  const savedChanges = ref(0)
  const savedAt = ref<number | null>(null)
  const failure = ref<string | null>(null)
  const conflict = shallowRef<BoatRow | null>(null)
  const deleted = shallowRef<BoatRow | null>(null)
  const notice = ref<string | null>(null)
  let saving: Promise<void> = Promise.resolve()

  const dirty = () => document.changes !== savedChanges.value

  function show(row: { project: Project, revision: number, updatedAt: number }) {
    document.open(row.project)
    revision.value = row.revision
    savedChanges.value = document.changes
    savedAt.value = row.updatedAt
    conflict.value = null
    view.speed = row.project.use.cruiseSpeed
    localStorage.setItem('remigo-open', row.project.id)
  }

  /** First visit: the demo boats. Then the boat asked for, else the one last open. */
  async function start(wanted?: string) {
    // A first visit need not wait for the store: the demo boat is on the board already, and may be changed before it is kept.
    if (!wanted && !localStorage.getItem('remigo-open')) {
      view.speed = document.project.use.cruiseSpeed
      ready.value = true
    }
    try {
      db = new (await storage).BoatDatabase()
      const early = ready.value
      if (await db.boats.count() === 0) await putDemoBoats()
      if (wanted && !(await db.boats.get(wanted))) await putDemoBoats()
      const last = localStorage.getItem('remigo-open')
      const row = (wanted && await db.boats.get(wanted)) || (last && await db.boats.get(last)) || (await db.boats.get(DEMO_BOATS[0]!.id)) || await db.boats.orderBy('updatedAt').last()
      if (row && early && row.id === document.project.id) adopt(row)
      else if (row) show(recoverUnsaved(row, (await storage).currentProject))
      await watchOtherTabs()
    }
    catch (error) {
      failure.value = `This browser keeps no data (${(error as Error).name}). Export the boat before you leave.`
    }
    ready.value = true
    markStarted()
  }

  /** The boat on the board is this row already: only its revision was not known. */
  function adopt(row: BoatRow) {
    revision.value = row.revision
    savedAt.value = row.updatedAt
    localStorage.setItem('remigo-open', row.id)
  }

  async function putDemoBoats() {
    if (!db) return
    for (const project of DEMO_BOATS) {
      if (!(await db.boats.get(project.id))) await db.boats.put({ id: project.id, name: project.name, updatedAt: Date.now(), revision: 1, project })
    }
  }

  async function watchOtherTabs() {
    const { liveQuery } = await storage
    const store = db
    if (!store) return
    liveQuery(() => store.boats.toArray()).subscribe((rows) => {
      list.value = rows.map(({ id, name, updatedAt, project }) => ({ id, name, updatedAt, project })).sort((a, b) => a.name.localeCompare(b.name))
      const mine = rows.find(row => row.id === document.project.id)
      if (mine && mine.revision > revision.value && !dirty() && !document.trial) {
        const speed = view.speed
        show(mine)
        view.speed = speed
        notice.value = 'Updated from another tab.'
      }
    })
  }

  /** Saves now; one save at a time. */
  function save(): Promise<void> {
    saving = saving.then(async () => {
      await started
      if (!db || !dirty() || conflict.value) return
      const project = document.project, changes = document.changes
      try {
        const { saveBoat } = await storage
        const result = await saveBoat(db, project, revision.value)
        if (result.outcome === 'conflict') { conflict.value = result.theirs; return }
        if (result.outcome === 'deletedElsewhere') {
          revision.value = 0
          notice.value = 'Another tab deleted this boat. It is kept here.'
          const again = await saveBoat(db, project, 0)
          if (again.outcome === 'saved') revision.value = again.revision
        }
        else revision.value = result.revision
        savedChanges.value = changes
        savedAt.value = Date.now()
        failure.value = null
        localStorage.removeItem('remigo-unsaved')
      }
      catch (error) {
        failure.value = `Not saved (${(error as Error).name}). Export the boat before you leave.`
      }
    })
    return saving
  }

  /** On leaving, what is not yet saved goes where it can be written at once; the next start picks it up. */
  function keepUnsaved() {
    if (dirty() && !conflict.value) localStorage.setItem('remigo-unsaved', JSON.stringify({ revision: revision.value, project: document.project }))
  }

  function recoverUnsaved(row: BoatRow, current: (project: Project) => Project): BoatRow {
    const text = localStorage.getItem('remigo-unsaved')
    if (!text) return row
    localStorage.removeItem('remigo-unsaved')
    const left = JSON.parse(text) as { revision: number, project: Project }
    if (left.project.id !== row.id || left.revision !== row.revision) return row
    const project = current(left.project)
    void db?.boats.put({ ...row, name: project.name, project, updatedAt: Date.now() })
    return { ...row, project }
  }

  async function open(id: string) {
    await save()
    const row = await db?.boats.get(id)
    if (row) show(row)
  }

  /** A new boat becomes the open one. */
  async function add(project: Project) {
    await save()
    const row = { id: project.id, name: project.name, updatedAt: Date.now(), revision: 1, project }
    await db?.boats.put(row)
    show(row)
  }

  async function duplicate() {
    const { project } = document
    await add({ ...project, id: crypto.randomUUID(), name: `${project.name} (copy)`.slice(0, 60) })
  }

  async function remove() {
    await save()
    if (!db) return
    const row = await db.boats.get(document.project.id)
    if (!row) return
    await db.boats.delete(row.id)
    deleted.value = row
    if (await db.boats.count() === 0) await putDemoBoats()
    const next = await db.boats.orderBy('updatedAt').last()
    if (next) show(next)
  }

  async function undoRemove() {
    if (!deleted.value) return
    const row = deleted.value
    deleted.value = null
    await db?.boats.put(row)
    show(row)
  }

  /** Two tabs on one boat: take the other's, keep this one's, or keep both. */
  async function resolveConflict(choice: 'theirs' | 'mine' | 'both') {
    const theirs = conflict.value
    if (!theirs) return
    const mine = document.project
    conflict.value = null
    if (choice === 'mine') {
      revision.value = theirs.revision
      return save()
    }
    if (choice === 'both') {
      const id = crypto.randomUUID(), name = `${mine.name} (this tab)`.slice(0, 60)
      await db?.boats.put({ id, name, updatedAt: Date.now(), revision: 1, project: { ...mine, id, name } })
    }
    show(theirs)
  }

  return { list, ready, savedAt, failure, conflict, deleted, notice, dirty, start, save, keepUnsaved, open, add, duplicate, remove, undoRemove, resolveConflict }
})
