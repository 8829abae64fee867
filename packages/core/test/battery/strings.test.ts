import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  CELLS_IN_A_ROW,
  CHEMISTRIES,
  groupFigures,
  ONE_NEW_BANK,
  ownStrings,
  packFigures,
  packFootprint,
  packLoad,
  restVoltage,
  runsTogether,
  workingGroups,
  type PackSpec,
  type StringGroup,
} from '../../src/battery'
import { DEMO, DEMO_BOATS } from '../../src/project'

const pack: PackSpec = DEMO.tirrick.design.pack
const group = (change: Partial<StringGroup> = {}): StringGroup => ({ ...ownStrings(pack, ONE_NEW_BANK), ...change })
const counts = fc.integer({ min: 1, max: 12 })

describe('strings', () => {
  it('in series add volts and ohms, in parallel amp-hours and amps', () => {
    fc.assert(
      fc.property(counts, counts, (series, parallel) => {
        const one = groupFigures(group({ series: 1, parallel: 1 })),
          all = groupFigures(group({ series, parallel }))
        expect(all.nominalVoltage).toBeCloseTo(series * one.nominalVoltage, 9)
        expect(all.resistance).toBeCloseTo((one.resistance * series) / parallel, 12)
        expect(all.capacityAh).toBeCloseTo(parallel * one.capacityAh, 9)
        expect([all.current, all.currentPeak]).toEqual([parallel * one.current, parallel * one.currentPeak])
        // what is stored does not care how the blocks are joined
        expect(all.capacityAh * all.nominalVoltage).toBeCloseTo(
          series * parallel * one.capacityAh * one.nominalVoltage,
          6,
        )
      }),
    )
  })
  it('worn ones hold less and resist more, by the same share', () => {
    const fresh = groupFigures(group()),
      worn = groupFigures(group({ health: 0.8 }))
    expect(worn.capacityAh / fresh.capacityAh).toBeCloseTo(0.8, 12)
    // about double at four fifths: common practice, from memory
    expect(worn.resistance / fresh.resistance).toBeCloseTo(2, 12)
  })
  it('their own management narrows the volts, and never widens them', () => {
    const free = groupFigures(group()),
      narrow = groupFigures(group({ lowCut: 3.0, highCut: 3.5 })),
      idle = groupFigures(group({ lowCut: 0.5, highCut: 9 }))
    expect(narrow.lowVoltage).toBeGreaterThan(free.lowVoltage)
    expect(narrow.highVoltage).toBeLessThan(free.highVoltage)
    expect([idle.lowVoltage, idle.highVoltage]).toEqual([free.lowVoltage, free.highVoltage])
  })
  it('stand in parallel only with the same chemistry and count of cells', () => {
    const other = Object.keys(CHEMISTRIES).find(id => id !== pack.cell.chemistry) as PackSpec['cell']['chemistry']
    expect(runsTogether(pack, group())).toBe(true)
    expect(runsTogether(pack, group({ series: pack.series + 1 }))).toBe(false)
    expect(runsTogether(pack, group({ cell: { ...pack.cell, chemistry: other } }))).toBe(false)
    // blocks of four cells, a quarter as many in series
    expect(
      runsTogether(
        pack,
        group({ series: pack.series / 4, cell: { ...pack.cell, cellsInSeries: 4 * pack.cell.cellsInSeries } }),
      ),
    ).toBe(true)
  })
  it('that do not run together carry nothing', () => {
    const odd = group({ series: pack.series - 1 }),
      even = group({ parallel: 2, health: 0.7 })
    expect(workingGroups(pack, { ...ONE_NEW_BANK, others: [odd, even] })).toEqual([
      ownStrings(pack, ONE_NEW_BANK),
      even,
    ])
    const alone = packFigures(pack),
      beside = packFigures(pack, { ...ONE_NEW_BANK, others: [odd] }),
      more = packFigures(pack, { ...ONE_NEW_BANK, others: [even] })
    expect(beside.capacityAh).toBe(alone.capacityAh)
    expect(more.capacityAh).toBeGreaterThan(alone.capacityAh)
    expect(more.resistance).toBeLessThan(alone.resistance)
  })
})

describe('a pack under load', () => {
  const loads = fc.record({
    rest: fc.double({ min: 20, max: 400, noNaN: true }),
    resistance: fc.double({ min: 0.001, max: 0.2, noNaN: true }),
    share: fc.double({ min: 0, max: 0.99, noNaN: true }),
  })
  it('obeys Kirchhoff up to the most that its resistance lets through, a quarter of U²/R', () => {
    fc.assert(
      fc.property(loads, ({ rest, resistance, share }) => {
        const power = (share * rest * rest) / (4 * resistance),
          load = packLoad(rest, resistance, power)
        expect(load.outcome).not.toBe('tooWeak')
        expect(load.voltage).toBeCloseTo(rest - load.current * resistance, 8)
        expect(load.voltage * load.current).toBeCloseTo(power, 4)
        // of the two points that give this power, the one with fewer amps
        expect(load.voltage).toBeGreaterThanOrEqual(rest / 2 - 1e-9)
      }),
    )
  })
  it('beyond that it is too weak, and says so', () => {
    expect(packLoad(50, 0.05, (1.01 * 50 * 50) / 0.2).outcome).toBe('tooWeak')
  })
  it('rests higher the fuller it is', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMO_BOATS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        ({ design }, a, b) => {
          expect(restVoltage(design.pack, Math.max(a, b))).toBeGreaterThanOrEqual(
            restVoltage(design.pack, Math.min(a, b)),
          )
        },
      ),
    )
  })
})

describe('the bare cells on the floor', () => {
  it('have room for all, in rows of sixteen at most', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), counts, (series, parallel) => {
        const cell = { depth: 0.072, width: 0.174, height: 0.207 }
        const f = packFootprint({ cell, series, parallel })
        expect(f.columns).toBeLessThanOrEqual(CELLS_IN_A_ROW)
        expect(f.columns * f.rows).toBeGreaterThanOrEqual(series)
        expect(f.columns * (f.rows - 1)).toBeLessThan(series)
        // no less floor than the cells themselves
        expect(f.length * f.width).toBeGreaterThanOrEqual(series * parallel * cell.depth * cell.width - 1e-9)
      }),
    )
  })
})
