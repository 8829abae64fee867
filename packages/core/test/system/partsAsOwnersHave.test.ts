import { describe, expect, it } from 'vitest'
import { chargePoint, packFigures } from '../../src/battery'
import { boxRise, coolingAnswer, hullCoolerArea, COOLER_DIFFERENCE, WARMEST_COOLANT } from '../../src/drive'
import { chargerNamed } from '../../src/parts/shipped/partNamed'
import {
  chargersOf,
  DEMO,
  DEMO_BOATS,
  edit,
  projectSchema,
  toldFigures,
  withEdits,
  type Project,
} from '../../src/project'
import { decided } from '../../src/report'
import { partsList } from '../../src/money'
import { fillText } from '../../src/units'
import {
  ageingReport,
  boatSolarYear,
  chargeReport,
  chargeSetup,
  coolingReport,
  driveWarming,
  evaluate,
  houseBattery,
  houseSun,
  modelOf,
  operatingPoint,
  smallMotorNeeds,
  solarReport,
} from '../../src/system'
import { completePart, type Part } from '../../src/parts'

const yacht = DEMO.tirrick
const sunny = withEdits(DEMO.osprel, [edit('design.solar.fitted', true)])
const elsewhere = (boat: Project, feeds: 'drive' | 'house') => {
  const { panel, series, parallel, tilt, heading, swings, shading, spars, controller } = boat.design.solar
  const other = { name: 'Roof', feeds, panel, series, parallel, tilt, heading, swings, shading, spars, controller }
  return withEdits(boat, [edit('design.solar.others', [other])])
}

describe('panels in several places', () => {
  it('a second array like the first gives twice', () => {
    const one = boatSolarYear(sunny),
      two = boatSolarYear(elsewhere(sunny, 'drive'))
    two.forEach((month, i) => expect(month.perDay).toBeCloseTo(2 * one[i]!.perDay, 3))
    expect(solarReport(elsewhere(sunny, 'drive')).power).toBe(2 * solarReport(sunny).power)
  })
  it('one that feeds the house spares the pack what the house takes, and no more', () => {
    const small = elsewhere(sunny, 'house')
    boatSolarYear(small).forEach((m, i) => expect(m.perDay).toBeCloseTo(boatSolarYear(sunny)[i]!.perDay, 6))
    const plain = solarReport(sunny).months[6]!,
      spared = solarReport(small).months[6]!
    if (houseSun(small)[6]! > 0) expect(spared.dayPace).toBeGreaterThanOrEqual(plain.dayPace)
  })
  it('stands on the parts list, and the document holds it', () => {
    const boat = elsewhere(sunny, 'drive')
    expect(projectSchema.safeParse(boat).success).toBe(true)
    expect(partsList(boat).some(l => l.use.includes('sun, Roof') && l.item === boat.design.solar.panel.name)).toBe(true)
  })
})

describe('chargers', () => {
  const blocks = withEdits(yacht, [
    edit('design.pack', {
      ...yacht.design.pack,
      series: 4,
      parallel: 2,
      cell: { ...yacht.design.pack.cell, cellsInSeries: 4 },
    }),
    edit('design.charging.charger', chargerNamed('pallan-12-25')),
    edit('design.charging.each', 'block'),
  ])
  it('one at each block: volts add along the string, amps beside it, and each is bought', () => {
    const { charger, count, pieces } = chargersOf(blocks.design)
    expect([count, pieces]).toEqual([1, 8])
    expect(charger.greatestVoltage).toBe(4 * 16)
    expect(charger.current).toBe(50)
    expect(chargePoint(chargeSetup(blocks), 0.3).current).toBeGreaterThan(0)
    expect(chargeReport(blocks).toEnd).not.toBeNull()
    expect(partsList(blocks).find(l => l.device === 'charger' && l.use.includes('each block'))!.quantity).toBe(8)
  })
  it('of two mains take the amps of the one they are plugged into', () => {
    const at = (shoreVoltage: number) =>
      chargePoint(
        chargeSetup(
          withEdits(yacht, [
            edit('design.charging.charger', { ...yacht.design.charging.charger, otherVoltage: 120, otherCurrent: 4 }),
            edit('design.charging.shoreVoltage', shoreVoltage),
            edit('design.charging.shoreCurrent', 30),
          ]),
        ),
        0.5,
      ).shorePower
    expect(at(120)).toBeLessThanOrEqual(4 * 120 * 1.001)
    expect(at(230)).toBeGreaterThan(at(120))
  })
})

it('banks switched one at a time give the amps of one and the energy of all', () => {
  const { pack, banks } = DEMO.osprel.design
  const together = packFigures(pack, { ...banks, count: 2, together: 'common' }),
    single = packFigures(pack, { ...banks, count: 2, together: 'one at a time' })
  expect(single.energy).toBe(together.energy)
  expect(single.current).toBeCloseTo(together.current / 2, 9)
  expect(single.resistance).toBeCloseTo(2 * together.resistance, 12)
})

it('used cells have the years left that their measured capacity, or else their age, leaves them', () => {
  const of = (health: number, age: number | null) =>
    ageingReport(withEdits(yacht, [edit('design.banks.health', health), edit('design.banks.age', age)]))
  const fresh = of(1, null)
  expect(fresh.yearsLeft).toBe(fresh.years)
  expect(of(0.9, null).yearsLeft / of(0.9, null).years).toBeCloseTo(0.5, 9)
  expect(of(0.8, null).yearsLeft).toBe(0)
  expect(of(1, 5).yearsLeft).toBeLessThan(of(1, 2).yearsLeft)
})

describe('cooling as built', () => {
  const cooler = { ...yacht.design.cooler, kind: 'hull tube' as const, tubeLength: 3, tubeDiameter: 0.03 }
  it('carries what area and difference pass; the size needed carries the heat exactly', () => {
    const answer = coolingAnswer(cooler, 500, 308)!
    const exact = coolingAnswer({ ...cooler, tubeLength: answer.needed }, 500, 308)!
    expect(exact.carries).toBeCloseTo(500, 6)
    expect(exact.coolant).toBeCloseTo(WARMEST_COOLANT, 6)
    // against the area of a hull cooler by its usual difference
    const ten = coolingAnswer({ ...cooler, warmWater: WARMEST_COOLANT - COOLER_DIFFERENCE }, 500, 308)!
    expect(ten.needed * Math.PI * 0.03).toBeCloseTo(hullCoolerArea(500), 9)
  })
  it('raw water warms by what it carries', () => {
    const answer = coolingAnswer({ ...cooler, kind: 'raw water', flow: 1e-4 }, 2000, 308)!
    expect(answer.coolant - cooler.warmWater).toBeCloseTo(5, 6)
  })
  it('a box keeps the controller warmer, a heat sink and water cooler', () => {
    const warm = (controller: Project['design']['cooler']['controller']) => {
      const boat = withEdits(yacht, [edit('design.cooler', { ...cooler, controller, boxArea: 0.3 })])
      const { drive } = operatingPoint(modelOf(boat), 2.5)
      return driveWarming(modelOf(boat), drive, drive)!.controller
    }
    expect(warm('box')).toBeGreaterThan(warm('as sold'))
    expect(warm('heat sink')).toBeLessThan(warm('as sold'))
    expect(warm('water block')).toBeLessThan(warm('heat sink'))
    expect(boxRise(60, 0.5)).toBeCloseTo(20, 9)
  })
  it('asks for the motor’s heat, and the controller’s where it is in the loop', () => {
    const { drive } = evaluate(yacht, 2.5).point
    const plain = coolingReport(modelOf(withEdits(yacht, [edit('design.cooler', cooler)])), drive),
      both = coolingReport(
        modelOf(withEdits(yacht, [edit('design.cooler', { ...cooler, controller: 'water block' })])),
        drive,
      )
    expect(plain.heat).toBeCloseTo(drive.motorLoss, 9)
    expect(both.heat - plain.heat).toBeCloseTo(drive.controllerLoss, 9)
  })
})

describe('the house and a small motor', () => {
  it('a day of 50 W takes 1.2 kWh: 110 Ah of lithium, 187 Ah of lead', () => {
    const boat = withEdits(yacht, [edit('use.houseLoad', 50), edit('use.houseHours', 86_400)])
    const { energy, lithiumAh, leadAh } = houseBattery(boat)
    expect(energy / 3.6e6).toBeCloseTo(1.2, 9)
    expect(lithiumAh).toBeCloseTo(110.3, 1)
    expect(leadAh).toBeCloseTo(187.5, 1)
  })
  it('a bow motor’s battery gives its amps and its minutes; it stands on the parts list', () => {
    const boat = withEdits(yacht, [edit('design.smallMotor.fitted', true)])
    const needs = smallMotorNeeds(boat)!
    expect(needs.amps).toBeCloseTo(2000 / 24, 6)
    expect(needs.rate).toBeLessThanOrEqual(3 + 1e-9)
    expect(partsList(boat).some(l => l.item.startsWith('Bow motor'))).toBe(true)
    expect(smallMotorNeeds(yacht)).toBeNull()
  })
})

it('a figure typed on a bench is no estimate any more', () => {
  const motor = completePart('motor', { id: 'own/m', name: 'M', ratedPower: 6000, ratedVoltage: 48 } as Part).part
  const boat = withEdits(yacht, [edit('design.motor', motor as unknown as Project['design']['motor'])])
  const [told] = toldFigures(boat, [edit('design.motor.ratedRpm', 1400)])
  const after = withEdits(boat, [told!]).design.motor
  expect(after.ratedRpm).toBe(1400)
  expect(after.estimated).not.toContain('ratedRpm')
  expect(after.kvRpmPerVolt).toBeCloseTo(1400 / 0.92 / 48, 0)
  // what is not known widens the band
  const e = operatingPoint(modelOf(after === motor ? boat : withEdits(boat, [told!])), 2.5)
  expect(e.resistance.doubts.drive).toBeGreaterThan(operatingPoint(modelOf(yacht), 2.5).resistance.doubts.drive)
})

it('the sheet tells everything that is decided, in sentences without gaps', () => {
  for (const boat of [...DEMO_BOATS, elsewhere(sunny, 'house')]) {
    const lines = decided(boat)
    expect(lines.map(l => l.what)).toEqual(expect.arrayContaining(['Banks', 'Charging', 'Main cable', 'Lever']))
    for (const { text } of lines) expect(fillText(text)).not.toMatch(/NaN|undefined|\{/)
  }
})
