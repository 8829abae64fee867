import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chargerFits } from '../../src/battery'
import { DEMO_BOATS, withEdits, type Project } from '../../src/project'
import {
  chargeHelpers,
  chargeReport,
  chargerCounts,
  chargeSetup,
  chargeStart,
  coldSteps,
  modelOf,
  panelFor,
  regenerationAt,
  regenerationStart,
} from '../../src/system'

const named = new Map(DEMO_BOATS.map(boat => [boat.name, boat]))
const names = [...named.keys()]
const until = (curve: { toEnd: number | null }) => curve.toEnd ?? Infinity
const atBerth = (boat: Project, edits: { path: string; value: unknown }[] = []) =>
  withEdits(boat, [
    { path: 'design.charging.supply', value: 'shore' },
    { path: 'design.charging.coldest', value: 288.15 },
    ...edits,
  ] as Parameters<typeof withEdits>[1])

describe.each(names)('charging %s at the berth', name => {
  const boat = atBerth(named.get(name)!)
  it('takes no more than the cells, the chargers and the plug allow', () => {
    const {
        design: { charging, pack },
      } = boat,
      start = chargeStart(boat)
    expect(start.current).toBeLessThanOrEqual(pack.parallel * pack.cell.chargeCurrent + 1e-9)
    expect(start.current).toBeLessThanOrEqual(charging.count * charging.charger.current + 1e-9)
    expect(start.shorePower).toBeLessThanOrEqual(
      charging.shoreVoltage * charging.shoreCurrent * charging.continuous + 1e-6,
    )
  })
  it('puts into the pack just what a weak plug gives, with what helps and without what the house takes', () => {
    const weak = withEdits(boat, [
      { path: 'design.charging.shoreCurrent', value: 3 },
      { path: 'use.houseLoad', value: 20 },
    ])
    const {
        design: { charging },
      } = weak,
      setup = chargeSetup(weak),
      start = chargeStart(weak)
    expect(start.limit).toBe('shore')
    expect(
      (start.current * start.voltage) /
        (charging.shoreVoltage * 3 * charging.continuous * charging.charger.efficiency + setup.helpers - setup.house),
    ).toBeCloseTo(1, 9)
  })
  it('takes longer from a weaker plug, and never longer with another charger', () => {
    const weak = chargeReport(
      withEdits(boat, [{ path: 'design.charging.shoreCurrent', value: boat.design.charging.shoreCurrent / 4 }]),
    )
    const usual = chargeReport(boat)
    expect(until(weak)).toBeGreaterThanOrEqual(until(usual) - 1e-6)
    const counts = chargerCounts(boat)
    for (let i = 1; i < counts.length; i++) {
      expect(until(counts[i]!.curve)).toBeLessThanOrEqual(until(counts[i - 1]!.curve) + 1e-6)
      expect(counts[i]!.price).toBeCloseTo((i + 1) * counts[0]!.price, 9)
    }
    expect(counts.filter(c => c.fitted).map(c => c.count)).toEqual(
      [1, 2, 3].filter(n => n === boat.design.charging.count),
    )
  })
  it('buys more than it stores', () => {
    const { bought, stored } = chargeReport(boat)
    expect(stored).toBeGreaterThan(0)
    expect(bought).toBeGreaterThan(stored)
  })
  it('is allowed more amps the warmer the cells, up to their rating', () => {
    const steps = coldSteps(boat)
    for (let i = 1; i < steps.length; i++) {
      expect(steps[i]!.temperature).toBeGreaterThan(steps[i - 1]!.temperature)
      expect(steps[i]!.current).toBeGreaterThanOrEqual(steps[i - 1]!.current - 1e-9)
    }
    // lithium is not charged below freezing (common practice)
    if (boat.design.pack.cell.chemistry === 'LFP') expect(steps[0]!.current).toBe(0)
  })
  it('nothing helps unless it is asked to', () => {
    expect(
      chargeHelpers(
        withEdits(boat, [
          { path: 'design.charging.sun', value: false },
          { path: 'design.charging.sailing', value: false },
        ]),
      ),
    ).toEqual({ sun: 0, sailing: 0 })
    expect(chargeSetup(boat, 3).count).toBe(3)
  })
})

describe('a charger', () => {
  it('fits a pack whose volts lie in its window, full and empty (0.85 of full: common practice)', () => {
    const window = { leastVoltage: 40, greatestVoltage: 60 }
    expect([46.9, 47.1, 58.4, 60, 60.1].map(full => chargerFits(window, full))).toEqual([
      false,
      true,
      true,
      true,
      false,
    ])
  })
})

describe('regeneration', () => {
  const sailing = names.filter(name => ['keelYacht', 'catamaran'].includes(named.get(name)!.boat.hullType))
  it('grows with the speed under sail, and lies within its range', () => {
    fc.assert(
      fc.property(fc.constantFrom(...sailing), fc.double({ min: 1, max: 4, noNaN: true }), (name, speed) => {
        const model = modelOf(named.get(name)!),
          slow = regenerationAt(model, speed),
          fast = regenerationAt(model, 1.15 * speed)
        expect(fast.packPower).toBeGreaterThanOrEqual(slow.packPower)
        expect(slow.low).toBeLessThanOrEqual(slow.packPower)
        expect(slow.high).toBeGreaterThanOrEqual(slow.packPower)
      }),
      { numRuns: 40 },
    )
  })
  it('takes more from the boat’s way than reaches the pack: no perpetual motion', () => {
    fc.assert(
      fc.property(fc.constantFrom(...sailing), fc.double({ min: 1, max: 5, noNaN: true }), (name, speed) => {
        const r = regenerationAt(modelOf(named.get(name)!), speed)
        expect(r.packPower).toBeLessThanOrEqual(r.shaftPower)
        expect(r.shaftPower).toBeLessThan(r.drag * speed)
        expect(r.speedLost).toBeLessThanOrEqual(speed)
      }),
      { numRuns: 40 },
    )
  })
  it('begins where it is told to begin', () => {
    const starts = sailing.map(name => ({
      model: modelOf(named.get(name)!),
      start: regenerationStart(modelOf(named.get(name)!)),
    }))
    expect(starts.some(s => s.start !== null)).toBe(true)
    for (const { model, start } of starts) {
      if (start === null) continue
      expect(regenerationAt(model, start * 0.9).packPower).toBeLessThan(2)
      expect(regenerationAt(model, start * 1.1).packPower).toBeGreaterThan(0)
    }
  })
  it('a panel of 100 W gives in a summer day what 100 W give in four hours', () => {
    expect(panelFor(100 * 4 * 3600)).toBeCloseTo(100, 12)
  })
})
