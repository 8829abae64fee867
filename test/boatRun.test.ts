import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, shallowRef } from 'vue'
import { DEMO_BOATS, withEdits, type Project } from '@remigo/core'
import { useBoatRun } from '../app/composables/useBoatRun'
import { serveRun, type RunNews } from '../app/workers/serveRun'

/** A worker that keeps what it is asked and tells what the test wants. */
class StandIn extends EventTarget {
  asked: unknown[] = []
  ended = false
  postMessage(message: unknown) { this.asked.push(message) }
  terminate() { this.ended = true }
  tell(data: unknown) { this.dispatchEvent(new MessageEvent('message', { data })) }
}

function running() {
  const worker = new StandIn(), boat = shallowRef<Project>(DEMO_BOATS[0]!), scope = effectScope()
  const run = scope.run(() => useBoatRun<string>(() => worker as unknown as Worker, () => boat.value))!
  return { worker, boat, run }
}

describe('a long run over a boat', () => {
  it('asks for the boat, tells its progress, gives its result', () => {
    const { worker, run } = running()
    run.start()
    expect(worker.asked).toEqual([{ id: 1, question: DEMO_BOATS[0] }])
    expect(run.running.value).toBe(true)
    worker.tell({ id: 1, progress: 0.4 })
    expect(run.progress.value).toBe(0.4)
    worker.tell({ id: 1, result: 'found' })
    expect([run.result.value, run.running.value]).toEqual(['found', false])
  })
  it('drops what belongs to an older question', () => {
    const { worker, run } = running()
    run.start()
    run.start()
    worker.tell({ id: 1, result: 'old' })
    expect(run.result.value).toBeNull()
    worker.tell({ id: 2, result: 'new' })
    expect(run.result.value).toBe('new')
  })
  it('a changed boat stops it and makes its result old', async () => {
    const { worker, boat, run } = running()
    run.start()
    worker.tell({ id: 1, result: 'found' })
    boat.value = withEdits(boat.value, [{ path: 'boat.mass', value: 5000 }])
    await nextTick()
    expect(run.result.value).toBeNull()
    expect(worker.asked.at(-1)).toEqual({ cancel: true })
  })
  it('cancels without a result', () => {
    const { worker, run } = running()
    run.start()
    run.cancel()
    worker.tell({ id: 1, result: 'late' })
    expect([run.result.value, run.running.value]).toEqual([null, false])
  })
})

describe('in the worker', () => {
  let told: RunNews<number>[] = []
  let ask: (data: unknown) => void
  beforeEach(() => {
    told = []
    const target = new EventTarget()
    vi.stubGlobal('self', Object.assign(target, { postMessage: (news: RunNews<number>) => told.push(news) }))
    ask = data => target.dispatchEvent(new MessageEvent('message', { data }))
  })
  afterEach(() => { vi.unstubAllGlobals() })
  function* count(to: number): Generator<number, number> {
    for (let i = 1; i <= to; i++) yield i / to
    return to
  }
  it('tells every step, then the result', async () => {
    serveRun(count)
    ask({ id: 7, question: 2 })
    await vi.waitFor(() => expect(told.at(-1)).toEqual({ id: 7, result: 2 }))
    expect(told).toEqual([{ id: 7, progress: 0.5 }, { id: 7, progress: 1 }, { id: 7, result: 2 }])
  })
  it('a new question stops the one before, a cancel stops it for good', async () => {
    serveRun(count)
    ask({ id: 1, question: 1000 })
    ask({ id: 2, question: 1 })
    await vi.waitFor(() => expect(told.at(-1)).toEqual({ id: 2, result: 1 }))
    expect(told.filter(n => n.id === 1).length).toBeLessThan(3)
    ask({ id: 3, question: 1000 })
    ask({ cancel: true })
    const before = told.length
    await new Promise(resolve => setTimeout(resolve, 20))
    expect(told.length).toBe(before)
    expect(told.some(n => n.id === 3 && 'result' in n)).toBe(false)
  })
})
