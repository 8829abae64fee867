import { edit, type ProjectPath, type ValueAt, type Edit } from '../../src/project/definition/projectPath'
import { voltageChoices } from '../../src/sizing'
import { findingsOf } from '../../src/advice'
import { describe, expect, it } from 'vitest'
import { oneLine, placeOneLine } from '../../src/oneLine'
import { SYSTEM_VOLTAGES, DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import { partsList, partsListCsv } from '../../src/money'
import { evaluate, modelOf, wiringReport } from '../../src/system'
import { FITTINGS } from '../../src/wiring'
import { fillText, METRIC_UNITS } from '../../src/units'

const yacht = DEMO.tirrick
const tried = <P extends ProjectPath>(path: P, value: ValueAt<P>, boat = yacht) => withEdits(boat, [edit(path, value)])
const rulesOf = (boat: typeof yacht) => findingsOf(evaluate(boat, boat.use.cruiseSpeed)).findings.map(f => f.rule)

describe.each(DEMO_BOATS.map(b => [b.name, b] as const))('the diagram of %s', (_, boat) => {
  const { devices, wires } = oneLine(boat)
  it('joins every device, and the pack to the motor', () => {
    const ids = new Set(devices.map(d => d.id))
    for (const w of wires) {
      expect(ids.has(w.from), w.from).toBe(true)
      expect(ids.has(w.to), w.to).toBe(true)
    }
    const reached = new Set(['pack'])
    for (let n = 0; n < devices.length; n++)
      for (const w of wires) if (w.kind !== 'signal' && reached.has(w.from)) reached.add(w.to)
    expect(reached.has('motor')).toBe(true)
    expect(reached.has('loads')).toBe(boat.use.houseLoad > 0)
  })
  it('says everything in words without a gap', () => {
    for (const d of devices)
      expect(d.lines.map(l => fillText(l, METRIC_UNITS)).join(' ')).not.toMatch(/NaN|undefined|\{/)
  })
  it('has a parts list that names a device for each line, as CSV too', () => {
    const ids = new Set(devices.map(d => d.id))
    for (const l of partsList(boat)) {
      expect(ids.has(l.device), l.item).toBe(true)
      expect(l.quantity).toBeGreaterThan(0)
    }
    expect(partsListCsv(boat).trim().split('\n')).toHaveLength(partsList(boat).length + 1)
  })
})

describe('what is left out', () => {
  it('is not drawn, not bought, and told', () => {
    const RULE: Record<string, string> = {
      contactor: 'noContactor',
      precharge: 'noPrecharge',
      disconnect: 'noDisconnect',
      emergencyStop: 'noEmergencyStop',
      shunt: 'noShunt',
      separateHouse: 'houseTogether',
      chargeRelays: 'noChargeRelays',
    }
    for (const fitting of FITTINGS) {
      const without = tried(`design.wiring.fitted.${fitting}`, false)
      expect(() => placeOneLine(oneLine(without))).not.toThrow()
      if (RULE[fitting]) expect(rulesOf(without), fitting).toContain(RULE[fitting])
    }
    expect(rulesOf(yacht).filter(r => Object.values(RULE).includes(r))).toEqual([])
    const planing = DEMO.merrin
    expect(rulesOf(tried('design.wiring.fitted.insulationWatch', false, planing))).toContain('noInsulationWatch')
    expect(oneLine(planing).devices.some(d => d.id === 'watch')).toBe(true)
  })
})

describe('what does not fit', () => {
  const strip = {
    id: 'x',
    name: 'Strip',
    estimated: [],
    standIn: false,
    kind: 'bolt-on strip' as const,
    rating: 250,
    voltage: 32,
    interrupt: 6000,
    price: 14,
  }
  it.each<[string, Edit, string]>([
    ['a fuse for too few volts', edit('design.wiring.fuse', strip), 'fuseVoltage'],
    [
      'a fuse that cannot interrupt',
      edit('design.wiring.fuse', { ...strip, voltage: 80, rating: 125 }),
      'fuseInterrupt',
    ],
    [
      'a fuse that blows in use',
      edit('design.wiring.fuse', { ...strip, voltage: 125, interrupt: 20_000, rating: 100 }),
      'fuseSmall',
    ],
    ['a thin cable', edit('design.wiring.mainArea', 6), 'cableHeat'],
    ['insulation that has no place', edit('design.wiring.insulation', 60), 'cableHeat'],
    ['a contactor for few volts', edit('design.wiring.contactorVoltage', 32), 'contactorRating'],
    ['a small guard', edit('design.wiring.bmsCurrent', 60), 'bmsAmps'],
    ['a slow precharge', edit('design.wiring.prechargeResistance', 1000), 'prechargeRate'],
    ['a pack in the bilge', edit('design.wiring.place', 'bilge'), 'packPlace'],
    ['a closed box', edit('design.wiring.vented', false), 'boxUnvented'],
  ])('%s is told, and one touch mends it', (_, change, rule) => {
    const wrong = withEdits(yacht, [change])
    const finding = findingsOf(evaluate(wrong, wrong.use.cruiseSpeed)).findings.find(f => f.rule === rule)!
    expect(finding, rulesOf(wrong).join()).toBeDefined()
    expect(fillText(finding.sentence, METRIC_UNITS)).not.toMatch(/NaN|undefined|\{/)
    expect(rulesOf(withEdits(wrong, finding.fixes[0]!.edits))).not.toContain(rule)
  })
  it('a fuse above its cable stops', () => {
    const wrong = withEdits(yacht, [
      { path: 'design.wiring.fuse', value: { ...strip, voltage: 125, interrupt: 20_000, rating: 250 } },
      { path: 'design.wiring.mainArea', value: 25 },
    ])
    expect(findingsOf(evaluate(wrong, 2)).findings.find(f => f.rule === 'fuseAboveCable')?.severity).toBe('stop')
  })
  it('a long thin run loses its volts', () => {
    expect(
      rulesOf(
        withEdits(yacht, [
          { path: 'design.wiring.mainArea', value: 25 },
          { path: 'design.wiring.mainLength', value: 20 },
        ]),
      ),
    ).toContain('cableDrop')
  })
})

describe('system voltages', () => {
  const rows = voltageChoices(DEMO.osprel)
  it('are compared from 12 to 400 V: amps and copper fall, and the touch limit is told by the full pack', () => {
    expect(rows.map(r => r.voltage)).toEqual([...SYSTEM_VOLTAGES])
    rows.slice(1).forEach((r, i) => {
      expect(r.cruiseCurrent).toBeLessThan(rows[i]!.cruiseCurrent)
      expect(r.copper).toBeLessThanOrEqual(rows[i]!.copper)
    })
    expect(rows.filter(r => !r.aboveTouch).map(r => r.voltage)).toEqual([12, 24, 36, 48])
  })
  it('give the fitted voltage the same amps as the drive, about', () => {
    const fitted = rows.find(r => r.fitted)!
    expect(
      Math.abs(fitted.cruiseCurrent / evaluate(DEMO.osprel, DEMO.osprel.use.cruiseSpeed).cruise.drive.packCurrent - 1),
    ).toBeLessThan(0.15)
  })
})

it('the wiring is worked out once for a boat', () => {
  expect(wiringReport(modelOf(yacht))).toBe(wiringReport(modelOf(yacht)))
})
