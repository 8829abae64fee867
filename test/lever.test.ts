import { createPinia, setActivePinia } from 'pinia'
import { afterAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { KNOT } from '@remigo/core'
import { useLever } from '../app/composables/useLever'
import { whenLeverRests } from '../app/directives/whileLeverMoves'
import { useDocumentStore } from '../app/stores/document'
import { useViewStore } from '../app/stores/view'

const press = (key: string) => {
  let prevented = false
  useLever().key({
    key,
    ctrlKey: false,
    metaKey: false,
    altKey: false,
    preventDefault: () => {
      prevented = true
    },
  } as KeyboardEvent)
  return prevented
}

describe('the speed lever', () => {
  vi.stubGlobal('document', { documentElement: { toggleAttribute: () => {} } })
  // its last move comes to rest while the page that it marks is still there
  afterAll(async () => {
    await new Promise<void>(rest => whenLeverRests({}, rest))
    vi.unstubAllGlobals()
  })
  beforeEach(() => {
    setActivePinia(createPinia())
    useViewStore().speed = 4.6 * KNOT
  })
  it('steps by whole tenths of the owner’s unit', () => {
    const view = useViewStore()
    view.speed = 4.63 * KNOT
    press('ArrowUp')
    expect(view.speed / KNOT).toBeCloseTo(4.7, 9)
    press('PageDown')
    expect(view.speed / KNOT).toBeCloseTo(3.7, 9)
  })
  it('steps by tenths of km/h for an owner who thinks in them', () => {
    const view = useViewStore()
    view.units = { profile: 'metric', overrides: { speed: 'kmh' } }
    press('ArrowUp')
    expect((view.speed * 3.6 * 10) % 1).toBeCloseTo(0, 6)
    expect(useLever().symbol.value).toBe('km/h')
  })
  it('knows cruise and top, and leaves other keys alone', () => {
    const view = useViewStore(),
      { use } = useDocumentStore().shown
    expect(press('End')).toBe(true)
    expect(view.speed).toBe(use.topSpeed)
    press('Home')
    expect(view.speed).toBe(use.cruiseSpeed)
    expect(press('x')).toBe(false)
  })
  it('never leaves its scale', () => {
    const lever = useLever(),
      view = useViewStore()
    lever.set(99)
    expect(view.speed).toBe(lever.most.value)
    for (let i = 0; i < 12; i++) press('PageDown')
    expect(view.speed).toBe(0)
  })
  it('sticks lightly at its marks while it is dragged', () => {
    const lever = useLever(),
      view = useViewStore(),
      { use } = useDocumentStore().shown
    lever.drag(use.cruiseSpeed + 0.02, 0.05)
    expect(view.speed).toBe(use.cruiseSpeed)
    lever.drag(use.cruiseSpeed + 0.2, 0.05)
    expect(view.speed).not.toBe(use.cruiseSpeed)
  })
  it('marks cruise, top and hull speed, and says itself in words', () => {
    const lever = useLever()
    expect(lever.marks.value.map(mark => mark.key)).toEqual(['cruise', 'top', 'hull'])
    expect(lever.valueText.value).toMatch(/4\.6\skn, 2\.2\d\skW from the pack/)
    expect(lever.ticks.value[0]).toEqual({ label: '0', speed: 0 })
  })
})
