import { edit, type ProjectPath, type ValueAt } from '../../src/project/definition/projectPath'
import { findingsOf } from '../../src/advice'
import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import { CHARGE_HABITS, chargeCurve, chargePoint, packFigures, type ChargeSetup } from '../../src/battery'
import { SHIPPED_CELLS, cellNamed, SHIPPED_CHARGERS, chargerNamed } from '../../src/parts'
import { DEMO, DEMO_BOATS, usualCharging, withEdits } from '../../src/project'
import { chargerSettings } from '../../src/report'
import { chargeReport, chargerCounts, chargeSetup, evaluate } from '../../src/system'
import { fillText, METRIC_UNITS } from '../../src/units'

const yacht = DEMO.tirrick
const setup = chargeSetup(yacht)
const tried = <P extends ProjectPath>(path: P, value: ValueAt<P>) => withEdits(yacht, [edit(path, value)])
const ruleOf = (boat: typeof yacht, rule: string) =>
  findingsOf(evaluate(boat, boat.use.cruiseSpeed)).findings.find(f => f.rule === rule)

/** Steps of time instead of steps of charge: an independent way to the same hours. */
function byTime(s: ChargeSetup, from: number, step = 5) {
  const { capacityAh } = packFigures(s.pack)
  let charge = from,
    time = 0,
    bought = 0
  for (;;) {
    const p = chargePoint(s, charge)
    if (charge >= 0.9999 || p.current < 0.02 * capacityAh) return { time, bought }
    charge += (p.current * CHARGE_HABITS[s.pack.cell.chemistry].kept * step) / (3600 * capacityAh)
    bought += p.shorePower * step
    time += step
  }
}

describe('a charge', () => {
  it.each([
    ['LFP', 'ostra-lfp-280', 16],
    ['NMC', 'ostra-nmc-22-62', 2],
    ['AGM', 'ostra-agm-12-100', 4],
  ] as const)('of %s takes as long by steps of time within 0.5 %', (_, id, series) => {
    const cell = SHIPPED_CELLS.find(c => c.id === id)!
    const chargeVoltage = { LFP: 3.45, NMC: 4.1, AGM: 2.4, FLOODED: 2.45, LTO: 2.65 }[cell.chemistry]
    const s = { ...setup, pack: { cell, series, parallel: 1, chargeVoltage } }
    const ours = chargeCurve(s, 0.2, 800),
      other = byTime(s, 0.2)
    expect(Math.abs(ours.toEnd! / other.time - 1)).toBeLessThan(0.005)
    expect(Math.abs(ours.bought / other.bought - 1)).toBeLessThan(0.005)
  })
  it('7.5 kWh from 400 W takes 18.75 h, arithmetic of the handbook', () => {
    // no losses, no taper: 400 W into a pack of 7.5 kWh
    const cell = { ...cellNamed('ostra-lfp-280'), resistance: 1e-9, capacityAh: 7500 / (16 * 3.2), chargeCurrent: 5000 }
    const s = {
      ...setup,
      pack: { cell, series: 16, parallel: 1, chargeVoltage: 3.65 },
      charger: { ...chargerNamed('pallan-48-25'), power: 400, current: 500, efficiency: 1 },
      supply: { kind: 'shore' as const, voltage: 230, current: 16, continuous: 1 },
      house: 0,
    }
    expect(chargePoint(s, 0.5)).toMatchObject({ limit: 'charger watts', shorePower: expect.closeTo(400, 0) })
    const energy = 0.9 * 7500
    expect(energy / 400).toBeCloseTo(0.9 * 18.75, 6)
  })
  it('never passes shore, charger or cells, and never goes on above full', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMO_BOATS),
        fc.constantFrom(...SHIPPED_CHARGERS),
        fc.integer({ min: 1, max: 4 }),
        fc.double({ min: 1, max: 64, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 240, max: 310, noNaN: true }),
        (boat, charger, count, current, charge, temperature) => {
          const s = {
            ...chargeSetup(boat),
            charger,
            count,
            supply: { kind: 'shore' as const, voltage: 230, current, continuous: 0.8 },
            temperature,
          }
          const p = chargePoint(s, charge),
            figures = packFigures(s.pack)
          expect(p.current).toBeGreaterThanOrEqual(0)
          expect(p.current).toBeLessThanOrEqual(count * charger.current + 1e-9)
          expect(p.current).toBeLessThanOrEqual(s.pack.parallel * s.pack.cell.chargeCurrent + 1e-9)
          expect(p.voltage).toBeLessThanOrEqual(
            Math.max(figures.fullVoltage, p.voltage - p.current * figures.resistance) + 1e-6,
          )
          expect(p.shorePower).toBeLessThanOrEqual(230 * current * 0.8 * 1.001)
        },
      ),
      { seed: 11 },
    )
  })
  it('several sources add up, the house takes its share, and what the cells cannot take is not drawn', () => {
    const s = { ...setup, house: 0 },
      alone = chargePoint(s, 0.4)
    const helped = chargePoint({ ...s, helpers: 300 }, 0.4),
      housed = chargePoint({ ...s, house: 300 }, 0.4)
    expect((helped.current - alone.current) * helped.voltage).toBeCloseTo(300, -1)
    expect((alone.current - housed.current) * alone.voltage).toBeCloseTo(300, -1)
    expect(chargePoint({ ...s, supply: null, helpers: 0, house: 50 }, 0.4)).toMatchObject({ current: 0, shorePower: 0 })
    expect(chargePoint({ ...s, supply: null, helpers: 400 }, 0.4)).toMatchObject({
      shorePower: 0,
      limit: 'other sources',
    })
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20_000, noNaN: true }),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (helpers, house, charge) => {
          const p = chargePoint({ ...s, helpers, house }, charge)
          return p.current >= 0 && p.shorePower >= 0 && p.current <= s.pack.parallel * s.pack.cell.chargeCurrent + 1e-9
        },
      ),
    )
  })
  it('a generator gives its share for hours and burns by the energy', () => {
    const boat = withEdits(yacht, [
      { path: 'design.charging.supply', value: 'generator' },
      { path: 'design.charging.generatorPower', value: 1000 },
    ])
    expect(chargeReport(boat).limit).toBe('generator')
    expect(chargeReport(boat).fuel).toBeCloseTo(chargeReport(boat).bought * boat.design.charging.generatorFuel, 12)
    expect(chargePoint(chargeSetup(boat), 0.3).shorePower).toBeCloseTo(750, -1)
  })
  it('does not begin below freezing, and creeps near it', () => {
    expect(chargeCurve({ ...setup, temperature: 272 }, 0.3)).toMatchObject({ toEnd: null, limit: 'cold' })
    expect(chargePoint({ ...setup, temperature: 275.15 }, 0.3).current).toBeCloseTo(28, 6)
  })
  it('is shorter with a second charger where the charger decides, and no shorter where the shore does', () => {
    const [one, two] = chargerCounts(tried('design.charging.shoreCurrent', 63))
    expect(two!.curve.toEnd!).toBeLessThan(0.7 * one!.curve.toEnd!)
    const [weak, same] = chargerCounts(tried('design.charging.shoreCurrent', 6))
    expect(same!.curve.toEnd! / weak!.curve.toEnd!).toBeCloseTo(1, 1)
  })
  it('of a boat is worked out once', () => {
    expect(chargeReport(yacht)).toBe(chargeReport(yacht))
  })
})

describe('charging that does not fit', () => {
  it.each([
    ['a charger for other volts', 'design.charging.charger', chargerNamed('pallan-12-25'), 'chargerWindow', 'stop'],
    ['too many chargers', 'design.charging.count', 8, 'chargerAboveCells', 'caution'],
    ['frost', 'design.charging.coldest', 268, 'coldCharge', 'stop'],
    ['two degrees', 'design.charging.coldest', 275.15, 'coldCharge', 'caution'],
    ['a weak breaker', 'design.charging.shoreCurrent', 6, 'shoreWeak', 'note'],
    ['other mains', 'design.charging.shoreVoltage', 400, 'shoreVolts', 'stop'],
  ] as const)('%s is told, and one touch mends it', (_, path, value, rule, severity) => {
    const wrong = tried(path, value),
      finding = ruleOf(wrong, rule)
    expect(finding?.severity).toBe(severity)
    expect(fillText(finding!.sentence, METRIC_UNITS)).not.toMatch(/NaN|undefined|\{/)
    expect(ruleOf(withEdits(wrong, finding!.fixes[0]!.edits), rule)).toBeUndefined()
  })
  it('a car-type post wants a charger that speaks', () => {
    const wrong = withEdits(yacht, [
      { path: 'design.charging.charger', value: chargerNamed('pallan-48-25') },
      { path: 'design.charging.inlet', value: 'carType' },
    ])
    const finding = ruleOf(wrong, 'chargerInlet')!
    expect(finding.severity).toBe('stop')
    expect(ruleOf(withEdits(wrong, finding.fixes[0]!.edits), 'chargerInlet')).toBeUndefined()
  })
})

describe('the charger’s settings', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('of %s are whole', (_, boat) => {
    for (const { settings } of chargerSettings(boat))
      for (const s of settings) expect(`${fillText(s.value, METRIC_UNITS)} ${s.why}`).not.toMatch(/NaN|undefined|\{/)
  })
  it('13 cells at 4.1 V less half a volt are 52.8 V (handbook)', () => {
    const cell = { ...SHIPPED_CELLS.find(c => c.chemistry === 'NMC')!, cellsInSeries: 1 }
    const boat = tried('design.pack', { cell, series: 13, parallel: 2, chargeVoltage: 4.1 })
    expect(fillText(chargerSettings(boat)[0]!.settings[0]!.value, METRIC_UNITS)).toBe('52.8\u00A0V')
  })
  it('every demo boat has a charger of its volts', () => {
    for (const boat of DEMO_BOATS) expect(ruleOf(boat, 'chargerWindow'), boat.name).toBeUndefined()
    expect(usualCharging(400).charger.greatestVoltage).toBeGreaterThanOrEqual(400)
  })
})
