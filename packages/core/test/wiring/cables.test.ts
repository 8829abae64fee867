import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import table from '../../data/electrical.json'
import { SHIPPED_FUSES } from '../../src/parts'
import {
  ampacity,
  awgFor,
  cableRun,
  conductorResistance,
  DROP_LIMIT,
  fuseFaults,
  fuseFor,
  INSULATIONS,
  LEAST_AREA,
  precharge,
  shortCircuitCurrent,
  sizeConductor,
  PARALLEL_FROM,
  STOCK_AREAS,
} from '../../src/wiring'

const OPEN = { insulation: 105, engineSpace: false, bundled: 2 } as const

describe('ampacity', () => {
  it.each(STOCK_AREAS.map((a, i) => [a, table.iso_ampacity.C105[i]!]))(
    'of %f mm² at 105 °C is %i A as in the table',
    (area, amps) => {
      expect(ampacity(area, OPEN)).toBe(amps)
    },
  )
  it('falls in an engine space and in a bundle, and 60 °C has no place there', () => {
    expect(ampacity(35, { ...OPEN, engineSpace: true })).toBeCloseTo(0.86 * 210, 9)
    expect(ampacity(35, { ...OPEN, bundled: 6 })).toBeCloseTo(0.7 * 210, 9)
    expect(ampacity(35, { ...OPEN, bundled: 24 })).toBeCloseTo(0.6 * 210, 9)
    expect(ampacity(35, { ...OPEN, bundled: 25 })).toBeCloseTo(0.5 * 210, 9)
    expect(ampacity(35, { ...OPEN, insulation: 60, engineSpace: true })).toBe(0)
  })
  it('in AWG agrees with the other table within a sixth from 8 AWG up', () => {
    for (const [name, outside] of table.dc_ampacity_under_50V.C105.rows as [string, number, number][]) {
      const row = table.awg.rows.find(r => r[0] === name) as [string, number, number]
      if (row[1] < 8) continue
      expect(Math.abs(ampacity(row[1], OPEN) / outside - 1), name).toBeLessThan(0.17)
    }
  })
})

describe('a run', () => {
  it('loses what the circular-mil formula says within 1 %', () => {
    // E = K I L / CM with K = 10.75 (tables/electrical.json), which is copper at 29 °C; L there and back in feet
    const amps = 120,
      feet = 20,
      volts = (10.75 * amps * feet) / 83_690
    expect(Math.abs((conductorResistance(feet * 0.3048, 42.406, 29) * amps) / volts - 1)).toBeLessThan(0.01)
  })
  it('0.0164 I L/S is a little less than cold copper: within 6 % at 20 °C', () => {
    expect(Math.abs(0.0164 / conductorResistance(1, 1, 20) - 1)).toBeLessThan(0.06)
  })
  it('doubles its drop with its length, and heats three conductors as one half more', () => {
    const run = (length: number, conductors: number) =>
      cableRun({ current: 100, guard: 100, length, voltage: 48, place: OPEN, conductors }, 35, 1)
    expect(run(4, 2).drop / run(2, 2).drop).toBeCloseTo(2, 9)
    expect(run(2, 3).loss / run(2, 2).loss).toBeCloseTo(1.5, 9)
    expect(run(2, 2).loss).toBeCloseTo(run(2, 2).drop * 100, 9)
  })
  it('sized, carries its fuse and keeps its volts, and nothing thinner does', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 900, noNaN: true }),
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        fc.double({ min: 10, max: 400, noNaN: true }),
        fc.constantFrom(...INSULATIONS),
        fc.boolean(),
        fc.integer({ min: 1, max: 30 }),
        (current, length, voltage, insulation, engineSpace, bundled) => {
          const demand = {
            current,
            guard: 1.25 * current,
            length,
            voltage,
            conductors: 2,
            place: { insulation, engineSpace, bundled },
          }
          const run = sizeConductor(demand)
          if (!run) return
          expect(run.ampacity).toBeGreaterThanOrEqual(demand.guard)
          expect(run.dropShare).toBeLessThanOrEqual(DROP_LIMIT)
          // one conductor where one of any size will do; side by side only thick ones, which share their amps evenly
          if (run.parallel > 1) {
            expect(run.area).toBeGreaterThanOrEqual(PARALLEL_FROM)
            for (const area of STOCK_AREAS) {
              const single = cableRun(demand, area, 1)
              expect(single.ampacity < demand.guard || single.dropShare > DROP_LIMIT).toBe(true)
            }
          }
          const thinner = STOCK_AREAS[STOCK_AREAS.indexOf(run.area) - 1]
          if (thinner === undefined || (run.parallel > 1 && thinner < 50)) return
          expect(run.area).toBeGreaterThanOrEqual(LEAST_AREA)
          if (run.decidedBy === 'strength') return
          const less = cableRun(demand, thinner, run.parallel)
          expect(less.ampacity < demand.guard || less.dropShare > DROP_LIMIT).toBe(true)
        },
      ),
      { seed: 3 },
    )
  })
  it('that carries next to nothing is as thick as a lug asks for, and says why', () => {
    const run = sizeConductor({
      current: 0.5,
      guard: 2,
      length: 1,
      voltage: 51.2,
      conductors: 2,
      place: { insulation: 105, engineSpace: false, bundled: 2 },
    })!
    expect([run.area, run.decidedBy]).toEqual([1.5, 'strength'])
  })
  it('AWGs are never thinner by more than a hair', () => {
    expect(awgFor(35)).toBe('1')
    expect(awgFor(16)).toBe('4')
    expect(awgFor(50)).toBe('1/0')
    expect(awgFor(107)).toBe('4/0')
    expect(awgFor(150)).toBeNull()
  })
})

describe('fuse, short circuit, precharge', () => {
  it('the fuse that suits has no fault, and one is found or every one has', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 400, noNaN: true }),
        fc.double({ min: 12, max: 480, noNaN: true }),
        fc.double({ min: 500, max: 40_000, noNaN: true }),
        (current, voltage, shortCircuit) => {
          const demand = { current, ampacity: 2 * current, voltage, shortCircuit }
          const fuse = fuseFor(SHIPPED_FUSES, demand)
          if (fuse) expect(fuseFaults(fuse, demand)).toEqual([])
          else for (const f of SHIPPED_FUSES) expect(fuseFaults(f, demand).length).toBeGreaterThan(0)
        },
      ),
      { seed: 5 },
    )
  })
  it('names each fault', () => {
    const strip = SHIPPED_FUSES.find(f => f.kind === 'bolt-on strip' && f.rating === 200)!
    expect(fuseFaults(strip, { current: 180, ampacity: 150, voltage: 58, shortCircuit: 12_000 })).toEqual([
      'tooSmall',
      'aboveCable',
      'voltage',
      'interrupt',
    ])
  })
  it('V/R, 5 RC and ½ C V² (arithmetic)', () => {
    expect(shortCircuitCurrent(58.4, 0.004)).toBeCloseTo(14_600, 6)
    expect(precharge(58.4, 0.005, 60)).toMatchObject({
      time: 1.5,
      peak: expect.closeTo(0.9733, 4),
      energy: expect.closeTo(8.5264, 4),
    })
  })
})
