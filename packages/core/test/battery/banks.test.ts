import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  ageing,
  arrangements,
  CHEMISTRIES,
  coldFactors,
  groupFigures,
  mixReport,
  ONE_NEW_BANK,
  packFigures,
  packIntoCompartments,
  packLoad,
  packPower,
  peukertShare,
  peukertTime,
  restVoltage,
  type Banks,
  type ChemistryId,
  type PackSpec,
  type StringGroup,
} from '../../src/battery'
import { DEMO, withEdits } from '../../src/project'
import { SHIPPED_CELLS } from '../../src/parts'
import { ageingReport, bankGone, evaluate, ownedUses } from '../../src/system'

const cell = SHIPPED_CELLS.find(c => c.chemistry === 'LFP')!
const pack: PackSpec = { cell, series: 16, parallel: 2, chargeVoltage: 3.45 }
const group = (of: Partial<StringGroup> = {}): StringGroup => ({
  cell,
  series: 16,
  parallel: 2,
  health: 1,
  lowCut: null,
  highCut: null,
  ...of,
})
const beside = (...others: StringGroup[]): Banks => ({ ...ONE_NEW_BANK, others })

describe('strings side by side', () => {
  it('the same strings twice are twice the pack', () => {
    const double = packFigures(pack, beside(group())),
      plain = packFigures({ ...pack, parallel: 4 })
    for (const key of ['energy', 'resistance', 'current', 'currentPeak', 'mass', 'price', 'capacityAh'] as const)
      expect(double[key] / plain[key]).toBeCloseTo(1, 9)
  })
  it('worn strings give less than adding up says: the amps divide by resistance', () => {
    const mix = mixReport(pack, beside(group({ health: 0.8 })))
    expect(mix.groups.reduce((sum, g) => sum + g.share, 0)).toBeCloseTo(1, 9)
    expect(mix.groups[0]!.share).toBeCloseTo(2 / 3, 6)
    expect(mix.current).toBeLessThan(mix.added)
    expect(mix.current).toBeCloseTo(1.5 * packFigures(pack).current, 6)
    expect(mix.groups[1]!.reasons).toContain('worn')
  })
  it('other chemistry or count of cells is left out of the sums and told why', () => {
    const nmc = SHIPPED_CELLS.find(c => c.chemistry === 'NMC')!
    for (const [other, reason] of [
      [group({ cell: nmc, series: 1 }), 'other chemistry'],
      [group({ series: 15 }), 'other count of cells'],
    ] as const) {
      const mix = mixReport(pack, beside(other))
      expect(mix.groups[1]!.counted).toBe(false)
      expect(mix.groups[1]!.reasons).toContain(reason)
      expect(packFigures(pack, beside(other)).capacityAh).toBe(packFigures(pack).capacityAh)
    }
  })
  it('the window in common is inside every one; cut-offs of second-hand blocks narrow it', () => {
    const own = groupFigures(group({ lowCut: 3, highCut: 3.5 }))
    expect([own.lowVoltage, own.highVoltage]).toEqual([48, 56])
    const mix = mixReport(pack, beside(group({ lowCut: 3, highCut: 3.5 })))
    expect(mix.window).toEqual({ low: 48, high: 56 })
  })
  it('a bank that is worn holds less, a joined full string pushes amps', () => {
    expect(packFigures(pack, { ...ONE_NEW_BANK, health: 0.7 }).energy / packFigures(pack).energy).toBeCloseTo(0.7, 9)
    expect(mixReport(pack, beside(group())).groups[1]!.joining!.current).toBeGreaterThan(50)
  })
})

describe('power of a pack', () => {
  const demand = { power: 3000, leastVoltage: 40, which: 'minutes' as const }
  it('more charge and warmth give no less power; it never passes its limits', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<ChemistryId>('LFP', 'NMC', 'LTO', 'AGM'),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        fc.double({ min: 255, max: 310, noNaN: true }),
        (chemistry, charge, temperature) => {
          const p: PackSpec = { ...pack, cell: { ...cell, chemistry, resistance: 0.002 } }
          const low = packPower(p, demand, charge, temperature),
            more = packPower(p, demand, charge + 0.05, temperature),
            warm = packPower(p, demand, charge, temperature + 5)
          return (
            low.power >= 0 &&
            more.power >= low.power - 1e-6 &&
            warm.power >= low.power - 1e-6 &&
            (low.loaded === null || low.loaded >= 40 - 1e-9)
          )
        },
      ),
    )
  })
  it('at 20 °C it is the load of packLoad; where resistance ends it, it is V²/4R', () => {
    const load = packLoad(restVoltage(pack, 0.5), packFigures(pack).resistance, 3000)
    expect(packPower(pack, demand, 0.5, 293.15).loaded).toBeCloseTo(load.voltage, 9)
    const weak: PackSpec = { ...pack, cell: { ...cell, resistance: 0.5, currentPeak: 1e6 } }
    const rest = restVoltage(weak, 0.5),
      cutless = { power: 1, leastVoltage: 0, which: 'minutes' as const }
    // the cells' own lowest volts come before half of the rest volts
    expect(packPower(weak, cutless, 0.5, 293.15).limit).toBe('volts')
    expect(packPower(weak, cutless, 0.5, 293.15).power).toBeLessThan((rest * rest) / 4 / packFigures(weak).resistance)
  })
  it('cold raises resistance and takes capacity, and 20 °C is the measure', () => {
    for (const chemistry of Object.keys(CHEMISTRIES) as ChemistryId[]) {
      expect(coldFactors(chemistry, 293.15)).toEqual({ resistance: 1, capacity: 1 })
      expect(coldFactors(chemistry, 263.15).resistance).toBeGreaterThan(1.4)
      expect(coldFactors(chemistry, 263.15).capacity).toBeLessThan(0.9)
    }
    expect(coldFactors('LFP', 273.15).capacity).toBe(0.9) // handbook
  })
})

describe('lead drawn fast', () => {
  it('Peukert: the share is the hours of the law times the amps over the printed capacity', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.06, max: 2, noNaN: true }),
        fc.constantFrom(1.1, 1.15, 1.25),
        (rate, k) => Math.abs(peukertShare(k, rate) / (peukertTime(100, 20, 100 * rate, k) * rate) - 1) < 1e-9,
      ),
    )
    expect(peukertShare(1.15, 0.05)).toBe(1)
    expect(peukertShare(1, 3)).toBe(1)
  })
  it('a lead pack goes less far for its printed energy than lithium does', () => {
    const lead = withEdits(DEMO.tirrick, [
      { path: 'design.pack.cell.chemistry', value: 'AGM' },
      { path: 'design.pack.series', value: 24 },
      { path: 'design.pack.chargeVoltage', value: 2.4 },
    ])
    const { energy, model } = evaluate(lead, lead.use.cruiseSpeed)
    expect(energy.available).toBeLessThan(model.pack.usableEnergy * (1 - lead.use.reserve))
  })
})

describe('wear', () => {
  it('the usable share gives the cycles of the chemistry; shallower more, warmer fewer years', () => {
    expect(ageing('LFP', { outings: 60, depth: CHEMISTRIES.LFP.usableShare, temperature: 293.15 }).cycles).toBeCloseTo(
      CHEMISTRIES.LFP.cycles,
      6,
    )
    expect(ageing('LFP', { outings: 60, depth: 0.3, temperature: 293.15 }).cycles).toBeGreaterThan(
      2 * CHEMISTRIES.LFP.cycles,
    )
    expect(ageing('LFP', { outings: 0, depth: 0.3, temperature: 303.15 }).years).toBeCloseTo(
      CHEMISTRIES.LFP.calendarYears / 2,
      6,
    )
    expect(() => ageing('LFP', { outings: -1, depth: 0.5, temperature: 293 })).toThrow(/outings/)
  })
  it('both causes together are quicker than either, and end at four fifths', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 366, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.double({ min: 273, max: 310, noNaN: true }),
        (outings, depth, temperature) => {
          const a = ageing('NMC', { outings, depth, temperature })
          return (
            a.years <= Math.min(a.byCycles, a.byCalendar) &&
            Math.abs(1 / a.years - 1 / a.byCycles - 1 / a.byCalendar) < 1e-9
          )
        },
      ),
    )
  })
  it('a boat: what it delivers over life is outings × energy, and a tight pack is outgrown', () => {
    const boat = DEMO.osprel,
      wear = ageingReport(boat)
    expect(wear.delivered).toBeCloseTo(
      wear.years * boat.use.outings * wear.depth * evaluate(boat, 2).model.pack.energy,
      3,
    )
    const fits = evaluate(boat, boat.use.cruiseSpeed).energy
    const tight = withEdits(boat, [
      { path: 'use.stretchKind', value: 'hours' },
      { path: 'use.duration', value: ((0.95 * fits.available) / fits.needed) * fits.duration },
    ])
    expect(ageingReport(tight).outgrown).toBeGreaterThan(0)
    expect(
      ageingReport(
        withEdits(boat, [
          { path: 'use.duration', value: 360_000 },
          { path: 'use.stretchKind', value: 'hours' },
        ]),
      ).outgrown,
    ).toBe(0)
  })
})

describe('blocks in the spaces of the boat', () => {
  const space = (length: number, width: number, height: number, clearance = 0.02) => ({
    name: 'bunk',
    length,
    width,
    height,
    clearance,
    along: null,
  })
  it('none overlap, none leave the space, and what finds no place is counted', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.1, max: 1.2, noNaN: true }),
            fc.double({ min: 0.1, max: 1.2, noNaN: true }),
            fc.double({ min: 0.05, max: 0.8, noNaN: true }),
          ),
          { minLength: 1, maxLength: 3 },
        ),
        fc.integer({ min: 1, max: 64 }),
        (sizes, count) => {
          const fit = packIntoCompartments(
            cell,
            16,
            count,
            sizes.map(([l, w, h]) => space(l, w, h)),
          )
          if (fit.placed + fit.left !== count) return false
          return fit.compartments.every(({ compartment: c, blocks, blockLength, blockWidth }) =>
            blocks.every(
              (b, i) =>
                b.x >= c.clearance - 1e-9 &&
                b.x + blockLength <= c.length - c.clearance + 1e-6 &&
                b.y + blockWidth <= c.width - c.clearance + 1e-6 &&
                blocks
                  .slice(i + 1)
                  .every(
                    o =>
                      o.layer !== b.layer ||
                      Math.abs(o.x - b.x) >= blockLength - 1e-9 ||
                      Math.abs(o.y - b.y) >= blockWidth - 1e-9,
                  ),
            ),
          )
        },
      ),
    )
  })
  it('turns them round when that takes more, and stacks them when the height allows', () => {
    const wide = { width: 0.3, depth: 0.1, height: 0.2 }
    expect(packIntoCompartments(wide, 4, 4, [space(0.64, 0.24, 0.3)]).placed).toBe(4)
    expect(packIntoCompartments(wide, 4, 8, [space(0.64, 0.24, 0.52)]).compartments[0]!.layers).toBe(2)
    expect(packIntoCompartments(wide, 4, 4, [space(0.64, 0.24, 0.2)]).placed).toBe(0)
  })
})

describe('blocks that are there already', () => {
  it('every way stays inside the window and uses no more than there are; best uses most', () => {
    const ways = arrangements(cell, 40, { leastVoltage: 36, greatestVoltage: 62, ratedVoltage: 48 }, 3.45)
    expect(ways.length).toBeGreaterThan(0)
    for (const w of ways) {
      expect(w.figures.fullVoltage).toBeLessThanOrEqual(62)
      expect(w.used + w.spare).toBe(40)
    }
    expect(ways[0]!.used).toBe(Math.max(...ways.map(w => w.used)))
  })
  it('on a boat they are ranked by what she then does', () => {
    const uses = ownedUses(withEdits(DEMO.osprel, [{ path: 'design.banks.owned', value: 40 }]))
    expect(uses.length).toBeGreaterThan(0)
    expect(uses[0]!.range).toBeGreaterThan(0)
    expect(ownedUses(DEMO.osprel)).toEqual([])
  })
})

describe('one bank gone', () => {
  it('two equal banks leave half the strings, and she still gets home', () => {
    const two = withEdits(DEMO.osprel, [
      { path: 'design.pack.parallel', value: 4 },
      { path: 'design.banks.count', value: 2 },
    ])
    const gone = bankGone(two)!
    expect([gone.left, gone.of]).toEqual([2, 4])
    expect(gone.home!.distanceLeft).toBeGreaterThan(0)
    const whole = evaluate(two, gone.home!.speed)
    expect(gone.home!.distanceLeft / whole.point.distanceLeft).toBeCloseTo(0.5, 1)
    expect(bankGone(DEMO.tirrick)).toBeNull()
  })
})
