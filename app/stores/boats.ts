import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { DEMO_BOATS, DEMO, PROJECT_FIELDS, shortened, type Project } from '@remigo/core'
import { shelfWords } from '~/messages/shelf'
import { troubleWords } from '~/messages/trouble'
import { firstRow, type BoatRow } from '../storage/boatRow'
import { memoryShelf, openShelf, type BoatShelf } from '../storage/boatShelf'
import { keepText, readText, textsNamed } from '../storage/browserTexts'
import { inTime } from '../storage/inTime'
import { keepOpened, lastOpened, neverOpened } from '../storage/openBoat'
import { useDocumentStore } from './document'
import { useDraftsStore } from './drafts'
import { useViewStore } from './view'

/** What a row of the list of boats needs. */
export interface BoatSummary {
  id: string
  name: string
  updatedAt: number
  project: Project
}
/** A boat left unsaved, as it is written down on leaving. */
interface LeftBoat {
  revision: number
  project: Project
  writer?: string
}

/** Name of what is kept beside the store, where it can be written at once. */
const UNSAVED = 'remigo-unsaved'
/** ms that the store may take to open: on a slow telephone the page itself is busy meanwhile. */
const OPENING = 10_000
/** ms until a save that failed is tried again, the first times and from then on. */
const AGAIN = [1000, 2000, 5000, 10_000, 30_000]

/**
 * The boats in this browser: list, open, save, duplicate, delete with undo, and the watch for other tabs. Nothing that
 * was typed is dropped without a word and a way back.
 */
export const useBoatsStore = defineStore('boats', () => {
  const document = useDocumentStore()
  const drafts = useDraftsStore()
  const view = useViewStore()
  /** this tab */
  const writer = crypto.randomUUID()
  /** memory until the browser's store answers; the first picture does not wait for it */
  let shelf: BoatShelf = memoryShelf()
  let markStarted!: () => void
  /** settled when the store has been read, or has not answered; saves wait for it */
  const started = new Promise<void>(resolve => {
    markStarted = resolve
  })
  const shelved = shallowRef<BoatRow[]>([])
  /** sorted when somebody looks: the language's own order takes a browser a while to learn */
  const list = computed<BoatSummary[]>(() =>
    shelved.value
      .map(({ id, name, updatedAt, project }) => ({ id, name, updatedAt, project }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  )
  const ready = ref(false)
  const revision = ref(1)
  const savedChanges = ref(0)
  const savedAt = ref<number | null>(null)
  const failure = ref<string | null>(null)
  const conflict = shallowRef<BoatRow | null>(null)
  const deleted = shallowRef<BoatRow | null>(null)
  const notice = ref<string | null>(null)
  /** boats that were left while they could not be saved */
  const pending = new Map<string, LeftBoat>()
  let saving: Promise<void> = Promise.resolve()
  let attempts = 0,
    timer: ReturnType<typeof setTimeout> | undefined

  const dirty = () => document.changes !== savedChanges.value
  /** how the boat on the board stands with the store */
  const status = computed(() =>
    conflict.value
      ? ('conflict' as const)
      : failure.value
        ? ('failed' as const)
        : drafts.any
          ? ('typing' as const)
          : dirty()
            ? ('saving' as const)
            : ('saved' as const),
  )

  function show(row: BoatRow) {
    if (!isWhole(row.project)) {
      notice.value = troubleWords.damaged(row.name)
      return
    }
    document.open(row.project)
    revision.value = row.revision
    savedChanges.value = document.changes
    savedAt.value = row.updatedAt
    conflict.value = null
    view.speed = row.project.use.cruiseSpeed
    keepOpened(row.project.id)
  }

  /** First visit: the demo boats. Then the boat asked for, else the one last open. */
  async function start(wanted?: string) {
    // Where no boat was open before, the demo boat may be drawn at once, and changed before the store has answered.
    const first = !wanted && neverOpened()
    view.speed = document.project.use.cruiseSpeed
    shelf.watch(follow)
    ready.value = first
    if (await connect()) {
      await takeBoat(wanted)
      shelf.watch(follow)
    }
    ready.value = true
    markStarted()
  }

  /** Puts the browser's store in the place of memory; what was changed meanwhile goes into it. */
  async function connect(): Promise<boolean> {
    try {
      const lasting = await inTime(openShelf(), OPENING)
      await recoverUnsaved(lasting)
      const meanwhile = (await shelf.all()).filter(
        row => !DEMO_BOATS.includes(row.project) && row.id !== document.project.id,
      )
      shelf = lasting
      for (const { revision, project } of meanwhile) await settle({ revision, project })
      return true
    } catch (error) {
      fail(error)
      return false
    }
  }

  /**
   * The boat asked for, else the one last open, else what was changed last; unless the hand has changed the one on the
   * board already.
   */
  async function takeBoat(wanted?: string) {
    const last = lastOpened(),
      rows = (await shelf.all()).filter(r => isWhole(r.project)).sort((a, b) => b.updatedAt - a.updatedAt)
    const row =
      rows.find(r => r.id === wanted) ??
      demoRow(wanted) ??
      rows.find(r => r.id === last) ??
      rows.find(r => r.revision > 1) ??
      rows.find(r => r.id === DEMO.tirrick.id) ??
      rows[0]
    if (!row) return
    if (row.id === wanted && !rows.includes(row)) await shelf.put(row)
    const mine = document.project
    if (dirty()) {
      // changed while the store was being read: into the boat as it ships, else beside what was kept of it
      const kept = rows.find(r => r.id === mine.id)
      if (
        kept &&
        !sameBoat(
          kept.project,
          DEMO_BOATS.find(b => b.id === mine.id)!,
        )
      )
        return show(await beside(mine, shelfWords.early))
      revision.value = kept?.revision ?? 0
      keepOpened(mine.id)
      return
    }
    if (row.id === mine.id && sameBoat(row.project, mine)) {
      revision.value = row.revision
      savedAt.value = row.updatedAt
      keepOpened(row.id)
    } else show(row)
  }
  const demoRow = (id?: string) => DEMO_BOATS.filter(boat => boat.id === id).map(boat => firstRow(boat))[0]

  /** What the store says now: the list, and the boat on the board as another tab left it. */
  function follow(rows: BoatRow[]) {
    shelved.value = rows
    elsewhere = rows.find(row => row.id === document.project.id)
    followOther()
  }
  let elsewhere: BoatRow | undefined
  function followOther() {
    if (
      !elsewhere ||
      elsewhere.id !== document.project.id ||
      elsewhere.writer === writer ||
      elsewhere.revision <= revision.value ||
      dirty() ||
      document.trial
    )
      return
    document.takeOver(shelfWords.otherTab, elsewhere.project)
    revision.value = elsewhere.revision
    savedChanges.value = document.changes
    savedAt.value = elsewhere.updatedAt
    notice.value = shelfWords.updated
  }
  // a trial is not disturbed; what came meanwhile is shown once it is over
  watch(() => document.trial, followOther)

  /** Saves now; one save at a time. What fails is told and tried again. */
  function save(): Promise<void> {
    saving = saving.then(async () => {
      await started
      try {
        if (!shelf.lasting && !(await reconnect())) return await saveBoard()
        for (const boat of pending.values()) await settle(boat)
        await saveBoard()
        failure.value = null
        attempts = 0
      } catch (error) {
        fail(error)
      }
    })
    return saving
  }

  /** The store answers at last: the boat on the board goes into it as it is. */
  async function reconnect(): Promise<boolean> {
    if (!(await connect())) return false
    if (document.changes > 0) {
      const changes = document.changes,
        kept = await settle({ revision: revision.value, project: document.project })
      if (kept.id !== document.project.id) show(kept)
      revision.value = kept.revision
      savedChanges.value = changes
      savedAt.value = kept.updatedAt
    } else await takeBoat()
    shelf.watch(follow)
    return true
  }

  async function saveBoard() {
    if (!dirty() || conflict.value) return
    const project = document.project,
      changes = document.changes
    const result = await inTime(shelf.save(project, revision.value, writer))
    if (result.outcome === 'conflict') {
      conflict.value = result.theirs
      return
    }
    if (result.again) notice.value = shelfWords.again
    if (document.project.id === project.id) {
      revision.value = result.revision
      savedChanges.value = changes
      savedAt.value = Date.now()
    }
    keepText(`${UNSAVED}:${project.id}`, null)
  }

  function fail(error: unknown) {
    failure.value = shelfWords.failure((error as Error).name)
    clearTimeout(timer)
    timer = setTimeout(() => void save(), AGAIN[Math.min(attempts++, AGAIN.length - 1)])
  }

  /** Puts a boat that could not be saved into the store: over what it came from, else beside it. */
  async function settle(left: LeftBoat, into = shelf): Promise<BoatRow> {
    const row = await inTime(into.get(left.project.id)),
      shipped = DEMO_BOATS.find(boat => boat.id === left.project.id)
    const own =
      row &&
      (row.revision === left.revision ||
        (row.writer === left.writer && left.writer !== undefined) ||
        (shipped && sameBoat(row.project, shipped)))
    const kept =
      row && sameBoat(row.project, left.project)
        ? row
        : row && !own
          ? await beside(left.project, shelfWords.kept, into)
          : { ...firstRow(left.project), revision: Math.max(row?.revision ?? 0, left.revision) + 1, writer }
    if (!row || own) await inTime(into.put(kept))
    pending.delete(left.project.id)
    keepText(`${UNSAVED}:${left.project.id}`, null)
    return kept
  }

  /** Keeps a boat under another name beside one that is kept, and says so. */
  async function beside(project: Project, why: (name: string) => string, into = shelf): Promise<BoatRow> {
    const id = crypto.randomUUID(),
      name = shortened(shelfWords.second(project.name), PROJECT_FIELDS.name)
    const row = { ...firstRow({ ...project, id, name }), writer }
    await inTime(into.put(row))
    notice.value = why(name)
    return row
  }

  /** On leaving the page, what is not saved goes where it can be written at once; the next start picks it up. */
  function keepUnsaved() {
    drafts.commitAll()
    const left = [
      ...pending.values(),
      ...(dirty() ? [{ revision: revision.value, project: document.project, writer }] : []),
    ]
    for (const boat of left) keepText(`${UNSAVED}:${boat.project.id}`, JSON.stringify(boat))
  }

  async function recoverUnsaved(into: BoatShelf) {
    for (const name of textsNamed(UNSAVED)) {
      const left = await readLeft(readText(name))
      if (left) await settle(left, into)
      keepText(name, null)
    }
  }

  /** Whether leaving the page now would lose something. */
  const wouldLose = () =>
    failure.value !== null && (dirty() || pending.size > 0 || (!shelf.lasting && document.changes > 0))

  /**
   * Before another boat comes onto the board: what cannot be saved now waits beside it, or is kept beside the other
   * tab's.
   */
  async function leaveBoard() {
    drafts.commitAll()
    await save()
    if (!dirty()) return
    if (conflict.value) await beside(document.project, shelfWords.kept)
    else pending.set(document.project.id, { revision: revision.value, project: document.project, writer })
  }

  /** Runs what reads or writes the store; what fails is told. */
  async function attempt(what: () => Promise<void>) {
    try {
      await what()
    } catch (error) {
      fail(error)
    }
  }

  const open = (id: string) =>
    attempt(async () => {
      await leaveBoard()
      const waiting = pending.get(id)
      if (waiting) {
        show({ ...firstRow(waiting.project), revision: waiting.revision })
        savedChanges.value = -1
        pending.delete(id)
        return
      }
      const row = await inTime(shelf.get(id))
      if (row) show(row)
    })

  /** A new boat becomes the open one. */
  const add = (project: Project) =>
    attempt(async () => {
      await leaveBoard()
      const row = { ...firstRow(project), writer }
      show(row)
      try {
        await inTime(shelf.put(row))
      } catch (error) {
        savedChanges.value = -1
        revision.value = 0
        throw error
      }
    })

  const duplicate = () =>
    add({
      ...document.project,
      id: crypto.randomUUID(),
      name: shortened(shelfWords.copy(document.project.name), PROJECT_FIELDS.name),
    })

  const remove = () =>
    attempt(async () => {
      await save()
      const row = (await inTime(shelf.get(document.project.id))) ?? firstRow(document.project)
      await inTime(shelf.remove(row.id))
      // with what could not be saved
      deleted.value = dirty() ? { ...row, project: document.project } : row
      const rows = await shelf.all()
      if (rows.length === 0) for (const boat of DEMO_BOATS) await shelf.put(firstRow(boat))
      const next = (await shelf.all()).sort((a, b) => b.updatedAt - a.updatedAt)[0]
      if (next) show(next)
    })

  const undoRemove = () =>
    attempt(async () => {
      const row = deleted.value
      if (!row) return
      await leaveBoard()
      deleted.value = null
      const there = await inTime(shelf.get(row.id))
      // another tab went on with it: theirs stays
      if (there && !sameBoat(there.project, row.project)) return show(await beside(row.project, shelfWords.broughtBack))
      const back = { ...row, revision: Math.max(row.revision, there?.revision ?? 0) + 1, writer }
      await inTime(shelf.put(back))
      show(back)
    })

  /** Two tabs on one boat: take the other's, keep this one's, or keep both. What gives way is one undo away. */
  const resolveConflict = (choice: 'theirs' | 'mine' | 'both') =>
    attempt(async () => {
      const theirs = conflict.value
      if (!theirs) return
      const mine = document.project
      if (choice === 'both') {
        await beside(mine, shelfWords.kept)
        return show(theirs)
      }
      conflict.value = null
      revision.value = theirs.revision
      document.takeOver(shelfWords.otherTab, theirs.project)
      if (choice === 'mine') {
        document.takeOver(shelfWords.thisTab, mine)
        return save()
      }
      savedChanges.value = document.changes
      savedAt.value = theirs.updatedAt
    })

  return {
    list,
    ready,
    savedAt,
    failure,
    conflict,
    deleted,
    notice,
    status,
    dirty,
    wouldLose,
    start,
    save,
    keepUnsaved,
    open,
    add,
    duplicate,
    remove,
    undoRemove,
    resolveConflict,
  }
})

/** A boat that has its parts, whatever is in them: what is wrong inside is told where it is drawn. */
const isWhole = (project: Project): boolean =>
  ([project, project?.boat, project?.boat?.drive, project?.use, project?.design] as unknown[]).every(
    part => typeof part === 'object' && part !== null,
  )

/** Two boats that hold the same. */
const sameBoat = (a: Project, b: Project): boolean => a === b || JSON.stringify(a) === JSON.stringify(b)

/** A boat as it was written down on leaving, in today's version; null when the text is none. */
async function readLeft(text: string | null): Promise<LeftBoat | null> {
  try {
    const left = JSON.parse(text ?? 'null') as LeftBoat | null
    if (!left?.project) return null
    const { currentProject } = await import('../storage/boatDatabase')
    return { ...left, project: currentProject(left.project) }
  } catch {
    return null
  }
}
