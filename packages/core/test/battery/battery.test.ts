import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  CHEMISTRIES,
  packFigures,
  packLoad,
  peukertTime,
  restVoltage,
  type Chemistry,
  type PackSpec,
} from '../../src/battery'
import { readFigure } from '../../src/figures'
import { SHIPPED_CELLS, packNamed } from '../../src/parts'
import { DEMO, withEdits } from '../../src/project'
import { ageingReport, evaluate } from '../../src/system'

const lfp = SHIPPED_CELLS.find(c => c.id === 'ostra-lfp-280')!
const pack = (over: Partial<PackSpec> = {}): PackSpec => ({
  cell: lfp,
  series: 16,
  parallel: 1,
  chargeVoltage: 3.65,
  ...over,
})

describe('arithmetic of the trade (handbook/05, exact)', () => {
  it('2 parallel × 30 series × 272 Ah LFP is 96 V and 52.2 kWh', () => {
    const p = packFigures(pack({ cell: { ...lfp, capacityAh: 272 }, series: 30, parallel: 2 }))
    expect(p.nominalVoltage).toBeCloseTo(96, 9)
    expect(p.energy / 3.6e6).toBeCloseTo(52.2, 1)
  })
  it('16 LFP cells at 3.65 V hold 58.4 V, below 60 V', () =>
    expect(packFigures(pack()).fullVoltage).toBeCloseTo(58.4, 9))
  it('13 × 4.1 V − 0.5 V is 52.8 V', () =>
    expect(packFigures(pack({ series: 13, chargeVoltage: 4.1 })).fullVoltage - 0.5).toBeCloseTo(52.8, 9))
  it('230 Ah at a steady 130 A last 1 h 46 min', () => expect(peukertTime(230, 20, 130, 1) * 60).toBeCloseTo(106, 0))
  it('50 kWh at 180 kW last 16.7 min', () => expect((50 / 180) * 60).toBeCloseTo(16.7, 1))
  it('four batteries of 150 A leave a 550 A controller 9 % of headroom', () => {
    expect(packFigures(pack({ cell: { ...lfp, current: 150 }, parallel: 4 })).current / 550 - 1).toBeCloseTo(0.09, 2)
  })
})

describe('Peukert', () => {
  it('with exponent 1 is C/I exactly, and shorter at high current above it', () => {
    expect(peukertTime(100, 20, 7, 1)).toBe(100 / 7)
    expect(peukertTime(100, 20, 50, 1.25)).toBeLessThan(2)
    expect(peukertTime(100, 20, 5, 1.25)).toBeCloseTo(20, 9)
    expect(() => peukertTime(100, 20, 0, 1.2)).toThrow(/current/)
  })
})

describe('a pack under load', () => {
  it('balances: current times loaded volts is the power', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 400, noNaN: true }),
        fc.double({ min: 1e-6, max: 0.5, noNaN: true }),
        fc.double({ min: 1e-6, max: 0.99, noNaN: true }),
        (rest, r, share) => {
          const power = (share * rest * rest) / (4 * r),
            load = packLoad(rest, r, power)
          expect(load.outcome).toBe('carries')
          expect((load.current * load.voltage) / power).toBeCloseTo(1, 6)
          expect(load.voltage).toBeLessThanOrEqual(rest)
        },
      ),
    )
  })
  it('says what it could give when it is too weak, and is ideal without resistance', () => {
    expect(packLoad(50, 0.1, 7000)).toMatchObject({ outcome: 'tooWeak', greatestPower: 6250 })
    expect(packLoad(50, 0, 1000)).toEqual({ outcome: 'carries', current: 20, voltage: 50 })
    expect(() => packLoad(0, 0.1, 1)).toThrow(RangeError)
  })
})

it.each(Object.entries(CHEMISTRIES) as [string, Chemistry][])(
  '%s: rest voltage rises with charge inside the absolute window',
  (id, chemistry) => {
    const [least, most] = chemistry.absoluteVoltage
    chemistry.restVoltage.forEach((v, i) => {
      if (i) expect(v).toBeGreaterThan(chemistry.restVoltage[i - 1]!)
      expect(v).toBeGreaterThanOrEqual(least)
      expect(v).toBeLessThanOrEqual(most)
    })
    const cell = SHIPPED_CELLS.find(c => c.chemistry === id)!
    expect(restVoltage(pack({ cell, series: 2 }), 0.5)).toBeCloseTo(
      2 * cell.cellsInSeries * chemistry.restVoltage[5]!,
      9,
    )
  },
)

describe('what a pack costs', () => {
  const boat = DEMO.tirrick
  const figure = (id: 'packPricePerEnergy' | 'packUsePrice' | 'packMass', of = boat) =>
    readFigure(id, evaluate(of, 2)).value
  it('for each kWh bought, and over its life, is arithmetic', () => {
    // 16 × 96 € × 1.3 for 16 × 3.2 V × 280 Ah = 14.336 kWh; over its life, what its outings take until it is worn
    expect(figure('packPricePerEnergy') * 3.6e6).toBeCloseTo((16 * 96 * 1.3) / 14.336, 6)
    const { years, depth } = ageingReport(boat)
    expect(figure('packUsePrice') * 3.6e6).toBeCloseTo((16 * 96 * 1.3) / (boat.use.outings * years * depth * 14.336), 6)
  })
  it('of a ready pack has nothing added for box and management', () => {
    const ready = withEdits(boat, [
      {
        path: 'design.pack',
        value: { cell: packNamed('ostra-pack-48-280'), series: 1, parallel: 1, chargeVoltage: 3.45 },
      },
    ])
    expect(figure('packMass', ready)).toBe(packNamed('ostra-pack-48-280').mass)
    expect(figure('packPricePerEnergy', ready) * 3.6e6).toBeCloseTo(2490 / (16 * 3.2 * 0.28), 6)
  })
})
