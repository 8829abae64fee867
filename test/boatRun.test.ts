import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope, nextTick, shallowRef } from 'vue'
import { DEMO, withEdits, type Project } from '@remigo/core'
import { useBoatRun } from '../app/composables/useBoatRun'
import { useViewStore } from '../app/stores/view'
import { serveRun, type RunNews } from '../app/workers/serveRun'

/** A worker that keeps what it is asked and tells what the test wants. */
class StandIn extends EventTarget {
  asked: unknown[] = []
  ended = false
  postMessage(message: unknown) {
    this.asked.push(message)
  }
  terminate() {
    this.ended = true
  }
  tell(data: unknown) {
    this.dispatchEvent(new MessageEvent('message', { data }))
  }
}

beforeEach(() => {
  setActivePinia(createPinia())
})
afterEach(() => {
  vi.unstubAllGlobals()
})

function running() {
  const worker = new StandIn(),
    boat = shallowRef<Project>(DEMO.tirrick),
    scope = effectScope()
  vi.stubGlobal('Worker', function () {
    return worker
  })
  const run = scope.run(() =>
    useBoatRun(
      'uncertainty',
      () => boat.value,
      it => it,
    ),
  )!
  return { worker, boat, run }
}

describe('a long run over a boat', () => {
  it('asks for the boat, tells its progress, gives its result', () => {
    const { worker, run } = running()
    run.start()
    expect(worker.asked).toEqual([{ id: 1, question: DEMO.tirrick }])
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

describe('beside the lever', () => {
  it('a run that is under way is told of each step of the lever', () => {
    const { worker, run } = running(),
      view = useViewStore()
    view.speed = 2
    expect(worker.asked).toEqual([])
    run.start()
    view.speed = 2.5
    expect(worker.asked.at(-1)).toEqual({ giveWay: true })
    worker.tell({ id: 1, result: 'found' })
    const asked = worker.asked.length
    view.speed = 3
    expect(worker.asked.length).toBe(asked)
  })
})

describe('in the worker', () => {
  let told: RunNews<number>[] = []
  let ask: (data: unknown) => void
  /** the worker's clock, ms: only steps of a run take time, whatever else this machine does */
  let clock = 0
  beforeEach(() => {
    told = []
    clock = 0
    vi.spyOn(performance, 'now').mockImplementation(() => clock)
    const target = new EventTarget()
    vi.stubGlobal('self', Object.assign(target, { postMessage: (news: RunNews<number>) => told.push(news) }))
    ask = data => target.dispatchEvent(new MessageEvent('message', { data }))
  })
  afterEach(() => {
    vi.restoreAllMocks()
  })
  function* count(to: number): Generator<number, number> {
    for (let i = 1; i <= to; i++) yield i / to
    return to
  }
  /** each step takes longer than a slice */
  function* plod(to: number): Generator<number, number> {
    for (let i = 1; i <= to; i++) {
      clock += 15
      yield i / to
    }
    return to
  }
  const result = (id: number) => told.find(n => n.id === id && 'result' in n)
  it('tells how far it is, seldom, then the result', async () => {
    serveRun(plod)
    ask({ id: 7, question: 8 })
    await vi.waitFor(() => expect(told.at(-1)).toEqual({ id: 7, result: 8 }))
    expect(told).toEqual([
      { id: 7, progress: 1 / 8 },
      { id: 7, result: 8 },
    ])
  })
  it('works through short steps in one go', async () => {
    serveRun(count)
    ask({ id: 7, question: 1000 })
    await vi.waitFor(() => expect(result(7)).toBeTruthy())
    expect(told.length).toBeLessThan(10)
  })
  it('rests while the lever moves, and comes to the same result', async () => {
    let steps = 0
    serveRun(function* (to: number) {
      for (const share of plod(to)) {
        steps++
        yield share
      }
      return to
    })
    ask({ id: 1, question: 6 })
    ask({ giveWay: true })
    const before = steps
    await new Promise(resolve => setTimeout(resolve, 30))
    expect(steps).toBe(before)
    clock += 60
    await vi.waitFor(() => expect(result(1)).toEqual({ id: 1, result: 6 }))
    expect(steps).toBe(6)
  })
  it('a new question stops the one before, a cancel stops it for good', async () => {
    serveRun(plod)
    ask({ id: 1, question: 20 })
    ask({ id: 2, question: 1 })
    await vi.waitFor(() => expect(told.at(-1)).toEqual({ id: 2, result: 1 }))
    ask({ id: 3, question: 20 })
    ask({ cancel: true })
    const before = told.length
    await new Promise(resolve => setTimeout(resolve, 60))
    expect(told.length).toBe(before)
    expect([result(1), result(3)]).toEqual([undefined, undefined])
  })
})
