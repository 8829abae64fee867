import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { effectScope, nextTick, type EffectScope } from 'vue'
import { USUAL_SPEEDS, USUAL_STEPS, type Sample } from '@remigo/core'
import { useSeaTrial } from '../app/composables/useSeaTrial'
import { useInstrumentStore } from '../app/stores/instruments'

let scope: EffectScope
beforeEach(() => {
  setActivePinia(createPinia())
  scope = effectScope()
})
afterEach(() => scope.stop())

function begun() {
  const instruments = useInstrumentStore(),
    it = scope.run(() => useSeaTrial())!
  instruments.source = 'socket'
  let time = 1_800_000_000
  /** So many seconds at a speed over ground and a power. */
  async function sail(seconds: number, ground: number, power: number) {
    const more = Array.from({ length: seconds }, (): Sample => ({
      time: (time += 1),
      values: { ground, power },
      marks: {},
    }))
    instruments.samples = [...instruments.samples, ...more]
    await nextTick()
  }
  const step = (i: number) => it.plan.value.steps[i]!
  return { ...it, instruments, sail, step, runs: () => it.trial.value.runs.map(r => [r.step, r.way]) }
}

describe('a sea trial', () => {
  it('takes a run by itself once it was steady for its time, and asks for the way back', async () => {
    const { sail, step, plan, now, runs, pairs } = begun()
    await sail(plan.value.hold - 2, 1.5, step(0))
    expect([runs(), now.value.ready]).toEqual([[], false])
    await sail(4, 1.5, step(0))
    expect(runs()).toEqual([[0, 'out']])
    expect(now.value.next).toEqual({ step: 0, way: 'back' })
    await sail(plan.value.hold + 4, 1.3, step(0))
    expect(runs()).toEqual([
      [0, 'out'],
      [0, 'back'],
    ])
    // mean of both ways, and half of their difference is the stream
    expect([pairs.value[0]!.speed, pairs.value[0]!.stream]).toEqual([expect.closeTo(1.4, 6), expect.closeTo(0.1, 6)])
  })
  it('what is read by hand joins what was measured, never what was simulated', () => {
    const { byHand, pasted, change, trial, runs } = begun()
    expect(byHand('3 kn 50 V 20 A')).toBeNull()
    expect(byHand('2.6 kn 50 V 20 A')).toBeNull()
    expect(runs()).toEqual([
      [0, 'out'],
      [0, 'back'],
    ])
    expect(byHand('with 90 hp she did 17 mph')).toMatch(/watts/)
    expect(pasted('speed,power\n4,fast')).toHaveLength(1)
    expect(trial.value.runs).toHaveLength(2)
    expect(pasted('speed kn,power W\n4,2200')).toEqual([])
    expect(trial.value.runs).toHaveLength(3)
    change({ simulated: true })
    expect(byHand('3 kn 50 V 20 A')).toBeNull()
    expect([trial.value.runs.length, trial.value.simulated]).toEqual([1, false])
  })
  it('what was sailed before a run does not count for the next', async () => {
    const { sail, step, plan, runs } = begun()
    await sail(plan.value.hold + 4, 1.5, step(0))
    await sail(10, 1.5, step(0))
    expect(runs()).toEqual([[0, 'out']])
  })
  it('takes nothing by itself that is not what the step asks', async () => {
    const { sail, step, plan, runs, take } = begun()
    await sail(plan.value.hold + 10, 1.5, 1.5 * step(0))
    expect(runs()).toEqual([])
    // its owner may
    take()
    expect(runs()).toEqual([[0, 'out']])
  })
  it('the last run is taken again; a step is left out; a pair is added', async () => {
    const { sail, step, plan, runs, again, leaveOut, now, pairAt } = begun()
    await sail(plan.value.hold + 4, 1.5, step(0))
    again()
    expect(runs()).toEqual([])
    leaveOut()
    expect(now.value.next).toEqual({ step: 1, way: 'out' })
    pairAt(0.5, 2)
    expect(plan.value.steps.length).toBe(USUAL_STEPS.length + 1)
    expect(plan.value.steps.at(-1)! / plan.value.most).toBeCloseTo(0.5, 6)
  })
  it('goes by speed until a run is taken, never after', async () => {
    const { sail, step, plan, trial, stepBy } = begun()
    stepBy('speed')
    expect([trial.value.steps, plan.value.speeds?.length]).toEqual([[...USUAL_SPEEDS], USUAL_SPEEDS.length])
    stepBy('power')
    await sail(plan.value.hold + 4, 1.5, step(0))
    stepBy('speed')
    expect(trial.value.by).toBe('power')
  })
  it('is kept on this machine until it is thrown away', async () => {
    const { sail, step, plan, runs, restart } = begun()
    await sail(plan.value.hold + 4, 1.5, step(0))
    setActivePinia(createPinia())
    const again = begun()
    expect(again.runs()).toEqual([[0, 'out']])
    restart()
    await nextTick()
    // and what was sailed until then is no run of the next
    expect(runs()).toEqual([])
  })
})
