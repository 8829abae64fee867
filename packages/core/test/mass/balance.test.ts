import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  balanceOf,
  balanceWorked,
  bestPlace,
  plateCheck,
  typicalMass,
  TYPICAL_MASSES,
  weightRows,
  withPlace,
} from '../../src/mass'
import { DEMO, DEMO_BOATS, edit, weightAfloat, withEdits, type Project, type Weight } from '../../src/project'
import { modelOf, operatingPoint } from '../../src/system'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const weight = (of: Partial<Weight>): Weight => ({
  name: 'Thing',
  way: 'in',
  mass: 100,
  doubt: 5,
  along: 5,
  across: 0,
  above: 0,
  ...of,
})
const before = (boat: Project) => withEdits(boat, [edit('boat.massHolds', 'before')])
const all = [...DEMO_BOATS, ...SIZED_FLEET]

describe('sums of weights', () => {
  it('rows weigh what the boat is taken to weigh', () => {
    for (const boat of all.map(before)) {
      const { in: into } = weightAfloat(boat)
      const rows = weightRows(boat)
      expect(rows.filter(r => r.way === 'in').reduce((s, r) => s + r.mass, 0)).toBeCloseTo(into, 9)
    }
  })
  it('what is listed as going out stands in place of the one number, and what comes in is added', () => {
    const boat = withEdits(before(DEMO.tirrick), [edit('yard.weights', [])]),
      listed = withEdits(boat, [
        edit('yard.weights', [weight({ way: 'out', mass: 200 }), weight({ way: 'in', mass: 40 })]),
      ])
    expect(weightAfloat(listed).out).toBe(200)
    expect(weightAfloat(listed).in).toBeCloseTo(weightAfloat(boat).in + 40, 9)
    expect(weightRows(listed).some(r => r.part === 'oldEngine')).toBe(false)
  })
  it('100 kg moved 3 m aft with a moment to trim of 60 kg·m for each centimetre trim her 5 cm', () => {
    const boat = DEMO.tirrick
    const at = (along: number) =>
      balanceOf(withEdits(boat, [edit('yard.weights', [weight({ way: 'in', mass: 100, along })])]))
    const one = at(3),
      other = at(6),
      perCentimetre = (one.mass * one.hydro.bml) / one.hydro.length / 100
    expect(other.trim.value - one.trim.value).toBeCloseTo((100 * 3) / perCentimetre / 100, 9)
    // the arithmetic of the handbook, with its own moment
    expect((100 * 3) / 60).toBe(5)
  })
  it('50 kg sink a waterplane of 2.5 m² in salt water 2.0 cm', () => {
    expect(50 / (1025 * 2.5)).toBeCloseTo(0.0195, 4)
    for (const boat of DEMO_BOATS) {
      const b = balanceOf(boat)
      expect(b.sinkage.value).toBeCloseTo(b.change.mass / b.hydro.perMetre, 12)
    }
  })
  it('a thing out and the same thing in at its place changes nothing', () => {
    const boat = before(DEMO.osprel),
      plain = withEdits(boat, [edit('yard.weights', [weight({ way: 'out', mass: 1 })])]),
      swapped = withEdits(boat, [
        edit('yard.weights', [
          weight({ way: 'out', mass: 1 }),
          weight({ way: 'out', mass: 80, along: 2, across: 0.5 }),
          weight({ way: 'in', mass: 80, along: 2, across: 0.5 }),
        ]),
      ])
    expect(balanceOf(swapped).trim.value).toBeCloseTo(balanceOf(plain).trim.value, 9)
    expect(balanceOf(swapped).list.value).toBeCloseTo(balanceOf(plain).list.value, 9)
  })
  it('to starboard lists to starboard, aft trims by the stern, doubts widen', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.double({ min: 1, max: 40, noNaN: true }),
        (y, doubt) => {
          const of = (more: Partial<Weight>) =>
            balanceOf(withEdits(DEMO.tirrick, [edit('yard.weights', [weight({ across: y, along: 9, ...more })])]))
          expect(of({}).list.value).toBeGreaterThan(0)
          expect(of({ across: -y }).list.value).toBeCloseTo(-of({}).list.value, 9)
          expect(of({ along: 9 }).trim.value).toBeGreaterThan(of({ along: 8 }).trim.value)
          const wide = of({ doubt: doubt + 5 }).trim,
            slim = of({ doubt }).trim
          expect(wide.high - wide.low).toBeGreaterThanOrEqual(slim.high - slim.low)
          for (const r of [wide, of({}).list, of({}).sinkage, of({}).gm]) {
            expect(r.low).toBeLessThanOrEqual(r.value)
            expect(r.high).toBeGreaterThanOrEqual(r.value)
          }
        },
      ),
      { numRuns: 30 },
    )
  })
})

describe('the best place', () => {
  it('leaves no trim where nothing holds the pack, and never more than there was', () => {
    for (const boat of all.map(b => withEdits(b, [edit('boat.compartments', [])]))) {
      const better = bestPlace(boat)
      if (!better) continue
      expect(Math.abs(better.trim)).toBeLessThan(Math.abs(balanceOf(boat).trim.value))
      expect(balanceOf(withPlace(boat, better.place)).trim.value).toBeCloseTo(better.trim, 12)
    }
  })
  it('is a space that was measured, where one was', () => {
    const boat = withEdits(DEMO.tirrick, [
      edit('boat.compartments', [{ ...DEMO.tirrick.boat.compartments[0]!, name: 'Lazarette', along: 7 }]),
      edit('yard.places', [{ part: 'pack', along: 3, across: 0, above: 0 }]),
    ])
    expect(bestPlace(boat)).toMatchObject({ space: 'Lazarette', place: { along: 7 } })
  })
})

describe('weights go back into the curve', () => {
  it('a pack moved aft changes the power of a planing boat, and by little for a little', () => {
    const boat = before(DEMO_BOATS.find(b => b.boat.hullType === 'planing')!)
    const power = (along: number) =>
      operatingPoint(modelOf(withPlace(boat, { part: 'pack', along, across: 0, above: 0 })), boat.use.cruiseSpeed).drive
        .packPower
    expect(Math.abs(power(4) / power(2) - 1)).toBeGreaterThan(0.002)
    expect(Math.abs(power(3.01) / power(3) - 1)).toBeLessThan(0.01)
  })
  it('nothing is moved until something has a place, nor where the weight was typed afterwards', () => {
    const boat = before(DEMO.osprel),
      placed = withPlace(DEMO.osprel, { part: 'pack', along: 2, across: 0, above: 0 })
    expect(modelOf(boat).form.lcb).toBe(modelOf(withEdits(boat, [edit('yard.crew', 4)])).form.lcb)
    expect(DEMO.osprel.boat.massHolds).toBe('after')
    expect(modelOf(placed).form.lcb).toBe(modelOf(DEMO.osprel).form.lcb)
    expect(modelOf(before(placed)).form.lcb).not.toBe(modelOf(boat).form.lcb)
  })
})

describe('plates and typical weights', () => {
  it('counts people, gear and power against the plate, and is silent where it says nothing', () => {
    expect(plateCheck(DEMO.tirrick)).toEqual({ people: null, load: null, power: null })
    const plated = withEdits(DEMO.merrin, [
      edit('yard.crew', 3),
      edit('yard.platePeople', 4),
      edit('yard.plateLoad', 500),
      edit('yard.platePower', 30_000),
    ])
    const check = plateCheck(plated)
    expect(check.people).toEqual({ most: 4, aboard: 3 })
    expect(check.load!.aboard).toBeCloseTo(240 + balanceOf(plated).in.mass, 9)
  })
  it('weights are those of common practice, and grow with size', () => {
    expect(typicalMass('starter', 0)).toEqual({ mass: 24, doubt: 6 })
    const diesel = typicalMass('diesel', 20_000)
    expect(diesel.mass - diesel.doubt).toBeGreaterThanOrEqual(120)
    expect(diesel.mass + diesel.doubt).toBeLessThanOrEqual(280)
    for (const t of TYPICAL_MASSES.filter(t => t.by))
      expect(typicalMass(t.id, t.by === 'power' ? 20_000 : 0.2).mass).toBeGreaterThan(
        typicalMass(t.id, t.by === 'power' ? 10_000 : 0.1).mass,
      )
    expect(() => typicalMass('anvil', 1)).toThrow('anvil')
  })
})

it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
  '%s: the formulas that are shown give how she floats',
  (_, boat) => {
    const b = balanceOf(boat),
      { trim, sinkage, list, gm } = balanceWorked(b)
    for (const [shown, own] of [
      [trim, b.trim],
      [sinkage, b.sinkage],
      [list, b.list],
    ] as const) {
      expect(shown.value).toBeCloseTo(Math.abs(own.value), 9)
      expect(shown.low!).toBeLessThanOrEqual(shown.value + 1e-12)
      expect(shown.high!).toBeGreaterThanOrEqual(shown.value - 1e-12)
      expect(shown.high! - shown.low!).toBeCloseTo(own.high - own.low, 9)
    }
    expect(gm.value).toBeCloseTo(b.gm.value, 9)
  },
)
