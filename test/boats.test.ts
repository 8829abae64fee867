import 'fake-indexeddb/auto'
import { createPinia, getActivePinia, setActivePinia, type Pinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { DEMO, DEMO_BOATS, edit, withEdits } from '@remigo/core'
import { BoatDatabase } from '../app/storage/boatDatabase'
import { useBoatsStore } from '../app/stores/boats'
import { useDocumentStore } from '../app/stores/document'

let before: Pinia | undefined
beforeEach(async () => {
  before = getActivePinia()
  // a browser that has seen nothing
  const db = new BoatDatabase()
  await Promise.all(db.tables.map(table => table.clear()))
  db.close()
})
afterEach(() => {
  vi.restoreAllMocks()
  vi.useRealTimers()
  setActivePinia(before)
})

/** A tab of a browser: its own stores over the one database. */
function tab() {
  setActivePinia(createPinia())
  const boats = useBoatsStore(),
    document = useDocumentStore()
  return {
    boats,
    document,
    weigh: (mass: number) => document.edit('Weight', [edit('boat.mass', mass)]),
    mass: () => document.project.boat.mass,
  }
}
async function started(wanted?: string) {
  const it = tab()
  await it.boats.start(wanted)
  return it
}
/** What the database keeps of a boat. */
async function kept(id: string = DEMO.tirrick.id) {
  const db = new BoatDatabase()
  const row = await db.boats.get(id)
  db.close()
  return row
}

describe('a first visit', () => {
  it('has the demo boats, and the first of them on the board before the store has answered', async () => {
    const { boats, document } = tab()
    const start = boats.start()
    expect(boats.ready).toBe(true)
    expect(document.project).toBe(DEMO.tirrick)
    await start
    await vi.waitFor(() => expect(boats.list.map(b => b.id).sort()).toEqual(DEMO_BOATS.map(b => b.id).sort()))
  })
  it('what is changed before the store has answered goes into the boat', async () => {
    const { boats, weigh } = tab()
    const start = boats.start()
    weigh(5100)
    await start
    await boats.save()
    expect((await kept())!.project.boat.mass).toBe(5100)
  })
})

describe('one tab', () => {
  it('an edit is saved, and the boat is there again', async () => {
    const first = await started()
    first.weigh(5100)
    expect(first.boats.status).toBe('saving')
    await first.boats.save()
    expect(first.boats.status).toBe('saved')
    expect(await kept()).toMatchObject({ revision: 2, project: { boat: { mass: 5100 } } })
    expect((await started()).mass()).toBe(5100)
  })
  it.each([
    ['a boat that is asked for', 'demo-osprel', 'demo-osprel'],
    ['one that is not there: the last open', 'demo-nobody', 'demo-merrin'],
    ['none asked for: the last open', undefined, 'demo-merrin'],
  ])('opens %s', async (_, wanted, id) => {
    const first = await started()
    await first.boats.open('demo-merrin')
    expect((await started(wanted)).document.project.id).toBe(id)
  })
  it('a boat that is left is saved first', async () => {
    const { boats, document, weigh } = await started()
    weigh(5100)
    await boats.open('demo-osprel')
    expect(document.project.id).toBe('demo-osprel')
    expect((await kept())!.project.boat.mass).toBe(5100)
  })
  it('a copy is another boat; deleted, it comes back by undo', async () => {
    const { boats, document } = await started()
    await boats.duplicate()
    const { id, name } = document.project
    expect([id === DEMO.tirrick.id, name]).toEqual([false, 'Tirrick (copy)'])
    await boats.remove()
    expect([await kept(id), boats.deleted?.id]).toEqual([undefined, id])
    expect(document.project.id).not.toBe(id)
    await boats.undoRemove()
    expect([(await kept(id))?.name, document.project.id, boats.deleted]).toEqual([name, id, null])
  })
  it('with the last boat gone the demo boats are there again', async () => {
    const { boats } = await started()
    for (const { id } of DEMO_BOATS) {
      await boats.open(id)
      await boats.remove()
    }
    expect((await kept())?.name).toBe('Tirrick')
  })
  it('a boat of which parts are missing is told, and the one on the board stays', async () => {
    const { boats, document } = await started()
    const db = new BoatDatabase()
    await db.boats.put({ id: 'hurt', name: 'Hurt', updatedAt: 1, revision: 1, project: { id: 'hurt' } as never })
    await boats.open('hurt')
    db.close()
    expect([boats.notice, document.project.id]).toEqual([
      expect.stringMatching(/“Hurt” cannot be opened/),
      DEMO.tirrick.id,
    ])
  })
})

describe('a store that fails', () => {
  it('is told, nothing is lost by leaving, and it is tried again', async () => {
    const { boats, weigh } = await started()
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    weigh(5100)
    await boats.save()
    expect([boats.status, boats.wouldLose()]).toEqual(['failed', true])
    expect(boats.failure).toMatch(/room that the browser gives is full/)
    // the page is left: the next start has it
    boats.keepUnsaved()
    full.mockRestore()
    expect((await started()).mass()).toBe(5100)
    await boats.save()
    expect(boats.failure).toBeNull()
  })
  it('another boat can be opened meanwhile; what waits beside it is saved when it can be', async () => {
    const { boats, document, weigh, mass } = await started()
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    weigh(5100)
    await boats.open('demo-osprel')
    expect([document.project.id, boats.wouldLose()]).toEqual(['demo-osprel', true])
    await boats.open(DEMO.tirrick.id)
    expect(mass()).toBe(5100)
    await boats.open('demo-osprel')
    full.mockRestore()
    await boats.save()
    expect((await kept())!.project.boat.mass).toBe(5100)
    expect(boats.wouldLose()).toBe(false)
  })
  it('a browser that keeps no data: work goes on in memory, and leaving would lose it', async () => {
    const none = vi
      .spyOn(BoatDatabase.prototype, 'open')
      .mockImplementation((() => Promise.reject(new DOMException('denied', 'SecurityError'))) as never)
    const { boats, weigh, mass } = await started()
    expect(boats.failure).toMatch(/no site data/)
    weigh(5100)
    await boats.save()
    expect([mass(), boats.wouldLose()]).toEqual([5100, true])
    // the store answers at last
    none.mockRestore()
    await boats.save()
    expect([(await kept())!.project.boat.mass, boats.wouldLose()]).toEqual([5100, false])
  })
})

describe('two tabs', () => {
  /** Both have Tirrick; the first has saved a change. */
  async function both() {
    const a = await started(),
      b = await started()
    a.weigh(5100)
    await a.boats.save()
    return { a, b }
  }
  it('a tab without changes follows, and undo takes the other’s back', async () => {
    const { b } = await both()
    await vi.waitFor(() => expect(b.mass()).toBe(5100))
    expect(b.boats.notice).toMatch(/another tab/i)
    b.document.undo()
    expect(b.mass()).toBe(DEMO.tirrick.boat.mass)
  })
  it.each([
    ['theirs', 5100, 5100],
    ['mine', 5200, 5200],
  ] as const)('two changed ones are asked: %s', async (choice, onBoard, inStore) => {
    const a = await started(),
      b = await started()
    b.weigh(5200)
    a.weigh(5100)
    await a.boats.save()
    await b.boats.save()
    expect([b.boats.status, b.boats.conflict?.project.boat.mass]).toEqual(['conflict', 5100])
    await b.boats.resolveConflict(choice)
    expect([b.mass(), b.boats.conflict, (await kept())!.project.boat.mass]).toEqual([onBoard, null, inStore])
    // what gave way is one undo away
    b.document.undo()
    expect(b.mass()).toBe(choice === 'mine' ? 5100 : 5200)
  })
  it('two changed ones are both kept', async () => {
    const a = await started(),
      b = await started()
    b.weigh(5200)
    a.weigh(5100)
    await a.boats.save()
    await b.boats.save()
    await b.boats.resolveConflict('both')
    expect(b.mass()).toBe(5100)
    await vi.waitFor(() =>
      expect(
        b.boats.list
          .filter(boat => /Tirrick/.test(boat.name))
          .map(boat => boat.project.boat.mass)
          .sort(),
      ).toEqual([5100, 5200]),
    )
  })
  it('a trial is not disturbed; what came meanwhile is shown once it is over', async () => {
    const a = await started(),
      b = await started()
    b.document.startTrial('x', 'A trial', [edit('boat.mass', 6000)])
    a.weigh(5100)
    await a.boats.save()
    await vi.waitFor(() => expect(b.boats.list.find(boat => boat.id === DEMO.tirrick.id)?.project.boat.mass).toBe(5100))
    expect(b.document.shown.boat.mass).toBe(6000)
    b.document.putBack()
    await vi.waitFor(() => expect(b.mass()).toBe(5100))
  })
  it('what one deletes and the other goes on with is kept by the other, and comes back beside it', async () => {
    const a = await started('demo-osprel'),
      b = await started('demo-osprel')
    await a.boats.remove()
    b.weigh(2600)
    await b.boats.save()
    expect(b.boats.notice).toMatch(/deleted/)
    await a.boats.undoRemove()
    expect(a.document.project.name).toBe('Osprel (this tab)')
    expect((await kept('demo-osprel'))!.project.boat.mass).toBe(2600)
  })
})

describe('left behind by an older page', () => {
  it.each([
    ['the boat as it came from', 1, 'the same boat'],
    ['a boat that went on since', 5, 'beside it'],
  ])('%s', async (_, revision, where) => {
    const first = await started()
    first.weigh(5000)
    await first.boats.save()
    const db = new BoatDatabase()
    if (revision === 5) await db.boats.update(DEMO.tirrick.id, { revision: 9, writer: 'another' })
    const project = withEdits(DEMO.tirrick, [edit('boat.mass', 5300)])
    localStorage.setItem(
      `remigo-unsaved:${project.id}`,
      JSON.stringify({ revision: where === 'the same boat' ? 2 : 5, project }),
    )
    db.close()
    const next = await started()
    await vi.waitFor(() =>
      expect(
        next.boats.list.filter(boat => boat.project.boat.mass === 5300).map(boat => boat.id === project.id),
      ).toEqual([where === 'the same boat']),
    )
    expect(localStorage.getItem(`remigo-unsaved:${project.id}`)).toBeNull()
  })
})
