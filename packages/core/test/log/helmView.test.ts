import { describe, expect, it } from 'vitest'
import type { InstrumentId, Sample } from '../../src/instruments'
import { helmView } from '../../src/log'
import { chargeLevels, DEMO, edit, withEdits } from '../../src/project'
import { usableAt, modelOf } from '../../src/system'
import { CHEMISTRIES } from '../../src/battery'

const boat = DEMO.tirrick
type Read = Partial<Record<InstrumentId, number>>
const well: Read = { ground: 2, power: 1500, amps: 28, charge: 0.8, winding: 320, controller: 310, cells: 295 }
/** Two minutes of the same readings, the last of them otherwise. */
const samples = (last: Read = {}, marks: Sample['marks'] = {}): Sample[] =>
  Array.from({ length: 121 }, (_, i) => ({
    time: 1000 + i,
    values: (i === 120 ? { ...well, ...last } : well) as Sample['values'],
    marks: i === 120 ? marks : {},
  }))
const without = (id: InstrumentId): Sample[] =>
  samples().map((s, i) => (i < 60 ? s : { ...s, values: { ...s.values, [id]: undefined } as Sample['values'] }))

describe('“Nothing needs you now”', () => {
  it('is said when charge, heat, cells, the way home and the instruments’ age are known and well', () => {
    const view = helmView(boat, samples(), 3000)
    expect(view.says).toEqual([])
    expect(view.fine).toBe(true)
  })
  it.each<[string, Sample[], number | null]>([
    ['no instrument', [], 3000],
    ['no charge read', without('charge'), 3000],
    [
      'no heat read',
      samples().map(s => ({
        ...s,
        values: { ...s.values, winding: undefined, controller: undefined } as Sample['values'],
      })),
      3000,
    ],
    ['no warmth of the cells', without('cells'), 3000],
    ['no speed', without('ground'), 3000],
    ['no way home planned', samples(), null],
    ['a silent instrument', samples({}, { controller: 'stale' }), 3000],
    ['an instrument that is stuck', samples({}, { ground: 'stuck' }), 3000],
    ['the reserve in use', samples({ charge: 0.2 }), 3000],
    ['hot cells', samples({ cells: 330 }), 3000],
    ['home out of reach', samples(), 1e6],
  ])('not with %s', (_, read, toGo) => {
    const view = helmView(boat, read, toGo)
    expect(view.fine).toBe(false)
    expect(view.says.length).toBeGreaterThan(0)
  })
  it.each([
    [318.15, undefined],
    [318.16, 'caution'],
    [328.14, 'caution'],
    [328.15, 'stop'],
  ] as const)('cells at %f K: %s', (cells, state) => {
    expect(helmView(boat, samples({ cells }), 3000).says.find(s => s.id === 'cells')?.state).toBe(state)
  })
  it('at the reserve it is not in use yet, just below it is', () => {
    const { reserve } = chargeLevels(boat),
      at = (charge: number) => helmView(boat, samples({ charge }), 10).says.some(s => s.id === 'reserve')
    expect([reserve + 1e-6, reserve, reserve - 1e-6].map(at)).toEqual([false, false, true])
  })
})

describe('what is read', () => {
  it('keeps the last value of what has become silent, with its age', () => {
    const view = helmView(boat, without('ground'), 3000)
    expect(view.ground).toBeNull()
    expect(view.aged.ground).toEqual({ value: 2, age: 61 })
  })
  it('miles to the reserve and to empty are energy above each ÷ power × speed, for lead by Peukert', () => {
    for (const her of [boat, withEdits(boat, [edit('design.pack.cell.chemistry', 'FLOODED')])]) {
      const { reserve, spared } = chargeLevels(her),
        { usableShare } = CHEMISTRIES[her.design.pack.cell.chemistry],
        view = helmView(her, samples(), 3000),
        to = (level: number) => (((0.8 - level) * usableAt(modelOf(her), 28)) / usableShare / 1500) * 2
      expect(view.left!).toBeCloseTo(to(reserve), 6)
      expect(view.empty!).toBeCloseTo(to(spared), 6)
    }
  })
})
