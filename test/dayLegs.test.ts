import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref, type EffectScope } from 'vue'
import { DAY_LEG, DEMO, edit, usualOf, withEdits, type Leg } from '@remigo/core'
import { useDayLegs } from '../app/composables/useDayLegs'
import { useDocumentStore } from '../app/stores/document'
import { useViewStore } from '../app/stores/view'

const QUARTER = Math.PI / 2
const leg = (of: Partial<Leg>): Leg => ({ ...usualOf(DAY_LEG.fields), speed: 2, ...of })
/** Out to the isle, lunch, on to the point. */
const OUT = [
  leg({ to: 'Isle', course: QUARTER, sailing: 0.5, regenerates: true }),
  leg({ to: 'Isle', does: 'waits', duration: 3600, speed: 0 }),
  leg({ to: 'Point', course: 3 * QUARTER }),
]

let scope: EffectScope
beforeEach(() => {
  vi.useFakeTimers()
  setActivePinia(createPinia())
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})

function day(legs: Leg[] = OUT) {
  const document = useDocumentStore(),
    view = useViewStore(),
    chosen = ref(-1)
  document.open(withEdits(DEMO.tirrick, [edit('day.legs', legs), edit('day.berth', 'Sarn'), edit('day.streams', [])]))
  const acts = scope.run(() => useDayLegs(chosen))!
  return { ...acts, chosen, view, document, names: () => document.project.day.legs.map(l => l.to), undo: document.undo }
}

describe('legs of a day', () => {
  it('home again: those that go, the other way round, each to where the one before had come', () => {
    const { back, names, document } = day()
    back()
    expect(names()).toEqual(['Isle', 'Isle', 'Point', 'Isle', 'Sarn'])
    const home = document.project.day.legs.slice(3)
    expect(home.map(l => [l.course / QUARTER, l.does, l.sailing, l.regenerates])).toEqual([
      [1, 'goes', 0, false],
      [3, 'goes', 0, false],
    ])
  })
  it('a new one has the cruising speed, stands last and is chosen; undo takes it away', () => {
    const { add, chosen, document, undo } = day()
    add()
    expect([document.project.day.legs.at(-1)!.speed, chosen.value]).toEqual([DEMO.tirrick.use.cruiseSpeed, 3])
    undo()
    expect(document.project.day.legs.length).toBe(3)
  })
  it.each([
    ['up', 2, 0, ['Point', 'Isle', 'Isle'], 0],
    ['down', 0, 2, ['Isle', 'Point', 'Isle'], 2],
    ['above the first: it stays', 0, -1, ['Isle', 'Isle', 'Point'], -1],
    ['below the last: it stays', 2, 3, ['Isle', 'Isle', 'Point'], -1],
  ])('moved %s', (_, from, to, wanted, at) => {
    const { move, names, chosen } = day()
    move(from, to)
    expect([names(), chosen.value]).toEqual([wanted, at])
  })
  it('removed, the next is chosen, or the last that is left, or none', () => {
    const { remove, chosen } = day()
    remove(0)
    expect(chosen.value).toBe(0)
    remove(1)
    expect(chosen.value).toBe(0)
    remove(0)
    expect(chosen.value).toBe(-1)
  })
  it('a copy stands below and is chosen', () => {
    const { duplicate, names, chosen } = day()
    duplicate(0)
    expect([names(), chosen.value]).toEqual([['Isle', 'Isle', 'Isle', 'Point'], 1])
  })
})

describe('the lever and the leg', () => {
  const rest = async () => {
    await nextTick()
    await vi.advanceTimersByTimeAsync(1000)
  }
  it('a leg that is chosen sets the lever, and the lever its speed, in one step of undo', async () => {
    const { choose, view, document, undo } = day()
    choose(0)
    expect(view.speed).toBe(2)
    for (const speed of [2.1, 2.4, 2.6]) {
      view.speed = speed
      await rest()
    }
    expect(document.project.day.legs.map(l => l.speed)).toEqual([2.6, 0, 2])
    undo()
    expect(document.project.day.legs[0]!.speed).toBe(2)
  })
  it.each([
    ['no leg', -1, {}],
    ['a wait', 1, {}],
    ['a leg by power', 0, { by: 'power' as const }],
  ])('moves nothing with %s', async (_, which, of) => {
    const { choose, view, document } = day(OUT.map((l, i) => (i === 0 ? { ...l, ...of } : l)))
    const before = document.project
    choose(which)
    view.speed = 3
    await rest()
    expect(document.project).toBe(before)
  })
})
