import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope, nextTick, shallowRef, type EffectScope } from 'vue'
import { DEMO, withEdits, type Project } from '@remigo/core'
import { useBoatRun } from '../app/composables/useBoatRun'
import { useViewStore } from '../app/stores/view'
import { serveRun } from '../app/workers/serveRun'
import { workersHere } from './workerStandIn'

let scope: EffectScope
beforeEach(() => {
  setActivePinia(createPinia())
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.unstubAllGlobals()
})

/** A run that goes on when it is told to. */
function running() {
  let goOn = (_step: number | 'done' | Error) => {}
  const asked: Project[] = [],
    told: string[] = []
  const workers = workersHere(() => ({
    run: async (boat: Project, tell: (share: number) => void) => {
      asked.push(boat)
      for (;;) {
        const step = await new Promise<number | 'done' | Error>(resolve => (goOn = resolve))
        if (step instanceof Error) throw step
        if (step === 'done') return { result: boat.name }
        tell(step)
      }
    },
    stop: () => told.push('stop'),
    giveWay: () => told.push('giveWay'),
  }))
  const boat = shallowRef<Project>(DEMO.tirrick)
  const run = scope.run(() =>
    useBoatRun(
      'uncertainty',
      () => boat.value,
      it => it,
    ),
  )!
  return { workers, boat, run, asked, told, goOn: (step: number | 'done' | Error) => goOn(step) }
}

describe('a long run over a boat', () => {
  it('asks for the boat, tells its progress, gives its result', async () => {
    const { run, asked, goOn } = running()
    void run.start()
    expect(run.running.value).toBe(true)
    await vi.waitFor(() => expect(asked).toEqual([DEMO.tirrick]))
    goOn(0.4)
    await vi.waitFor(() => expect(run.progress.value).toBe(0.4))
    goOn('done')
    await vi.waitFor(() => expect([run.result.value, run.running.value]).toEqual(['Tirrick', false]))
  })
  it('a changed boat stops it and makes its result old', async () => {
    const { run, boat, asked, told, goOn } = running()
    void run.start()
    await vi.waitFor(() => expect(asked.length).toBe(1))
    goOn('done')
    await vi.waitFor(() => expect(run.result.value).toBe('Tirrick'))
    boat.value = withEdits(boat.value, [{ path: 'boat.mass', value: 5000 }])
    await nextTick()
    expect(run.result.value).toBeNull()
    await vi.waitFor(() => expect(told).toEqual(['stop']))
  })
  it('what was cancelled gives no result', async () => {
    const { run, asked, goOn } = running()
    const done = run.start()
    await vi.waitFor(() => expect(asked.length).toBe(1))
    run.cancel()
    goOn('done')
    await done
    expect([run.result.value, run.running.value, run.failed.value]).toEqual([null, false, ''])
  })
  it('what it throws is told, what stood there goes, and it can be tried again in a new worker', async () => {
    const { run, workers, asked, goOn } = running()
    const done = run.start()
    await vi.waitFor(() => expect(asked.length).toBe(1))
    goOn(new RangeError('speed must be between 0 and 30 m/s'))
    await done
    expect([run.failed.value, run.running.value, run.result.value]).toEqual([
      'speed must be between 0 and 30 m/s',
      false,
      null,
    ])
    expect(workers.map(w => w.ended)).toEqual([true])
    void run.again()
    expect(run.failed.value).toBe('')
    await vi.waitFor(() => expect(asked.length).toBe(2))
    goOn('done')
    await vi.waitFor(() => expect(run.result.value).toBe('Tirrick'))
    expect(workers.map(w => w.ended)).toEqual([true, false])
  })
  it('a script that cannot be loaded is told', async () => {
    const { run, workers } = running()
    const done = run.start()
    workers[0]!.die('')
    await done
    expect([run.failed.value, run.running.value]).toEqual(['a part of Remigo could not be loaded', false])
  })
  it('a question that cannot be sent is told', async () => {
    const { run, boat } = running()
    boat.value = { ...DEMO.tirrick, story: (() => 1) as never }
    await nextTick()
    await run.start()
    expect(run.failed.value).toMatch(/could not be cloned/)
  })
  it('gives way to each step of the lever while it is under way, and only then', async () => {
    const { run, asked, told, goOn } = running(),
      view = useViewStore()
    view.speed = 2
    const done = run.start()
    await vi.waitFor(() => expect(asked.length).toBe(1))
    view.speed = 2.5
    await vi.waitFor(() => expect(told).toEqual(['giveWay']))
    goOn('done')
    await done
    view.speed = 3
    await new Promise(resolve => setTimeout(resolve, 10))
    expect(told).toEqual(['giveWay'])
  })
})

describe('in the worker', () => {
  /** the worker's clock, ms: only steps of a run take time, whatever else this machine does */
  let clock = 0
  beforeEach(() => {
    clock = 0
    vi.spyOn(performance, 'now').mockImplementation(() => clock)
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
  it('tells how far it is, seldom, then the result', async () => {
    const told: number[] = []
    expect(await serveRun(plod).run(16, share => told.push(share))).toEqual({ result: 16 })
    expect(told).toEqual([1 / 16, 15 / 16])
  })
  it('works through short steps in one go', async () => {
    const told: number[] = []
    await serveRun(count).run(1000, share => told.push(share))
    expect(told.length).toBeLessThan(10)
  })
  it('rests while the lever moves, and comes to the same result', async () => {
    let steps = 0
    const worker = serveRun(function* (to: number) {
      for (const share of plod(to)) {
        steps++
        yield share
      }
      return to
    })
    const done = worker.run(6, () => undefined)
    worker.giveWay()
    const before = steps
    await new Promise(resolve => setTimeout(resolve, 30))
    expect(steps).toBe(before)
    clock += 60
    expect(await done).toEqual({ result: 6 })
    expect(steps).toBe(6)
  })
  it('a new question stops the one before, a stop ends it for good', async () => {
    const worker = serveRun(plod)
    const first = worker.run(20, () => undefined),
      second = worker.run(1, () => undefined)
    expect(await Promise.all([first, second])).toEqual([null, { result: 1 }])
    const third = worker.run(20, () => undefined)
    worker.stop()
    expect(await third).toBeNull()
  })
  it('throws what the run throws', async () => {
    const worker = serveRun(function* (): Generator<number, never> {
      yield 0.5
      throw new RangeError('no such boat')
    })
    await expect(worker.run(null, () => undefined)).rejects.toThrow('no such boat')
  })
})
