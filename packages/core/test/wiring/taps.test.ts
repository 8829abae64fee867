import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMO_BOATS, withEdits } from '../../src/project'
import { tapRuns } from '../../src/system'
import { chargeFuse, converterPower, houseFuse, panelSourceCurrent } from '../../src/wiring'

const amps = fc.double({ min: 0.5, max: 320, noNaN: true })

describe('fuses of what taps the pack', () => {
  // common practice: a fuse carries 80 % of its rating all day
  it('of a charger stands a quarter above its amps, and is the smallest that does', () => {
    expect([10, 12, 60, 80, 200].map(chargeFuse)).toEqual([15, 15, 75, 100, 250])
    fc.assert(
      fc.property(amps, current => {
        const fuse = chargeFuse(current)
        expect(fuse).toBeGreaterThanOrEqual(1.25 * current)
        if (fuse > 15) expect(chargeFuse(0.99 * current)).toBeLessThanOrEqual(fuse)
      }),
    )
  })
  it('never shrinks as the amps grow', () => {
    fc.assert(
      fc.property(amps, amps, (a, b) => {
        expect(chargeFuse(Math.max(a, b))).toBeGreaterThanOrEqual(chargeFuse(Math.min(a, b)))
      }),
    )
  })
  it('of the house converter carries its greatest amps on a low pack', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 300, noNaN: true }),
        fc.constantFrom(24, 25.6, 36, 48, 51.2, 96),
        (load, volts) => {
          const fuse = houseFuse(load, volts)
          expect(fuse === 100 || fuse * 0.85 * volts * 0.9 >= converterPower(load)).toBe(true)
          expect(houseFuse(load, 2 * volts)).toBeLessThanOrEqual(fuse)
        },
      ),
    )
  })
  it('a converter is three times the average load, in steps of 60 W, and never less than 120', () => {
    expect([0, 30, 41, 60, 61, 100].map(converterPower)).toEqual([120, 120, 180, 180, 240, 300])
  })
  it('panels push what their controller passes, and without one what they give shorted', () => {
    const solar = DEMO_BOATS.find(b => b.design.solar.fitted)!.design.solar
    expect(panelSourceCurrent({ ...solar, parallel: 3, controller: null })).toBeCloseTo(
      3 * solar.panel.shortCurrent,
      12,
    )
    if (solar.controller) expect(panelSourceCurrent({ ...solar, parallel: 3 })).toBe(solar.controller.current)
  })
})

describe.each(DEMO_BOATS.map(b => [b.name, b] as const))('cables of the taps of %s', (_, boat) => {
  const runs = tapRuns(boat)
  it('carry their amps where they lie, and their own fuse', () => {
    for (const [name, run] of Object.entries(runs)) {
      expect(run.ampacity, name).toBeGreaterThanOrEqual(run.current)
      expect(run.ampacity, name).toBeGreaterThanOrEqual(run.guard)
    }
  })
  it('lose no more than three per cent, as Ohm says', () => {
    for (const [name, run] of Object.entries(runs)) {
      expect(run.dropShare, name).toBeLessThanOrEqual(0.03)
      expect(run.drop / run.voltage, name).toBeCloseTo(run.dropShare, 9)
      expect((run.drop * run.current) / run.loss, name).toBeCloseTo(1, 9)
    }
  })
  it('the charger’s carries what the cells may take, if that is less than the chargers give', () => {
    const { pack, charging } = boat.design
    expect(runs.charge!.current).toBeCloseTo(
      Math.min(charging.count * charging.charger.current, pack.parallel * pack.cell.chargeCurrent),
      9,
    )
  })
  it('panels have cables only where there are panels', () => {
    const without = tapRuns(withEdits(boat, [{ path: 'design.solar.fitted', value: false }]))
    expect([without.panels, without.sun]).toEqual([undefined, undefined])
    expect(Boolean(runs.panels)).toBe(boat.design.solar.fitted)
  })
  it('a longer cable is never thinner', () => {
    const longer = tapRuns(
      withEdits(boat, [{ path: 'design.wiring.chargeLength', value: boat.design.wiring.chargeLength * 4 }]),
    )
    expect(longer.charge!.area * longer.charge!.parallel).toBeGreaterThanOrEqual(
      runs.charge!.area * runs.charge!.parallel,
    )
  })
})
