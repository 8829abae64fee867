import { describe, expect, it } from 'vitest'
import { HORSEPOWER, POUND, GRAVITY } from '../../src/constants'
import type { WholeDriveSpec, MotorSpec } from '../../src/drive'
import { fitMotorLosses } from '../../src/drive'
import { waterProperties } from '../../src/hull'
import {
  checkPart,
  completePart,
  estimatesOf,
  PART_KINDS,
  readParts,
  withFigures,
  wholeDriveParts,
  writeParts,
  type Part,
  type PartKindId,
} from '../../src/parts'
import { diameterForThrust, idealQuayThrust, quayThrust } from '../../src/propulsor'

const KINDS = Object.keys(PART_KINDS) as PartKindId[]
const bare = (figures: Record<string, unknown>): Part => ({ id: 'own/p', name: 'P', estimated: [], ...figures })
const read = (kind: PartKindId, text: string) => {
  const run = readParts(kind, text)
  for (;;) {
    const step = run.next()
    if (step.done) return step.value
  }
}

describe.each(KINDS)('%s', kind => {
  const { columns, shipped } = PART_KINDS[kind]
  it.each(columns.map(c => c.key))('a shipped one of which only %s is known becomes a part that can be', key => {
    for (const part of shipped) {
      const done = completePart(kind, bare({ [key]: part[key] }))
      expect(checkPart(kind, done.part)).toEqual([])
      expect(done.part[key]).toBe(part[key])
      for (const { value, low, high } of done.estimates) {
        if (low === null || high === null) continue
        expect(low).toBeLessThanOrEqual(Number(value))
        expect(high).toBeGreaterThanOrEqual(Number(value))
      }
    }
  })
  it('one of which all is known is left as it is, and one figure unknown comes back near', () => {
    for (const part of shipped) {
      const whole = completePart(kind, part)
      expect(whole.estimates.filter(e => part[e.key] !== null)).toEqual([])
      expect(checkPart(kind, part)).toEqual([])
    }
  })
  it('a file with blank cells is read, and written with the same cells blank', () => {
    const first = shipped[0]!
    const key = columns.find(c => c.kind === 'number' && typeof first[c.key] === 'number')!.key
    const half = completePart(kind, bare({ name: 'Half told', [key]: first[key] })).part
    const text = writeParts(kind, [half])
    const table = read(kind, text)
    if (table.outcome !== 'read') throw new Error(JSON.stringify(table.errors))
    expect(table.parts[0]!.estimated).toEqual(half.estimated)
    expect(writeParts(kind, table.parts)).toBe(text)
  })
})

it('half of the ranges that rules give hold the shipped motor’s own figure, and most do', () => {
  // the rules are common practice, the shipped motors invented: they should agree four times in five or so
  let inside = 0,
    all = 0
  for (const motor of PART_KINDS.motor.shipped)
    for (const key of ['ratedEfficiency', 'peakPower', 'greatestRpm', 'greatestVoltage', 'mass', 'price']) {
      const found = completePart('motor', { ...motor, [key]: null }).estimates.find(e => e.key === key)!
      all++
      if (Number(motor[key]) >= found.low! && Number(motor[key]) <= found.high!) inside++
    }
  expect(inside / all).toBeGreaterThan(0.7)
})

it('plates as they are printed: volts and horsepower; a pull in pounds', () => {
  const tenHorse = completePart('motor', bare({ ratedPower: 10 * HORSEPOWER, ratedVoltage: 48 })).part
  expect(fitMotorLosses(tenHorse as unknown as MotorSpec).outcome).toBe('fitted')
  expect(tenHorse.estimated).toContain('ratedRpm')
  const trolling = completePart('wholeDrive', bare({ thrust: 55 * POUND * GRAVITY, ratedVoltage: 12 }))
  // 55 lb at 12 V take about 50 A (common practice)
  expect(Number(trolling.part.inputPower) / 12).toBeGreaterThan(40)
  expect(Number(trolling.part.inputPower) / 12).toBeLessThan(62)
})

it('a pull beyond momentum theory is told with the most that can be', () => {
  const part = completePart('wholeDrive', bare({ inputPower: 600, ratedPower: 400, diameter: 0.25, thrust: 500 })).part
  expect(checkPart('wholeDrive', part)).toEqual([
    { key: 'thrust', message: expect.stringMatching(/No propeller 250 mm across pulls more than 253 N \(57 lb\)/) },
  ])
})

it('a figure told later moves those that hang on it, and is no estimate any more', () => {
  const motor = completePart('motor', bare({ ratedPower: 5000, ratedVoltage: 48 })).part
  const told = withFigures('motor', motor, { kvRpmPerVolt: 40 })
  expect(told.estimated).not.toContain('kvRpmPerVolt')
  expect(told.ratedRpm).toBeCloseTo(0.92 * 40 * 48, -1)
  expect(estimatesOf('motor', told).find(e => e.key === 'ratedRpm')!.words).toMatch(/turns per volt/)
})

describe('a propeller at the quay', () => {
  const proportions = { pitchRatio: 0.7, areaRatio: 0.5, blades: 3 },
    { density } = waterProperties('sea')
  it('never beats momentum theory, and its diameter comes back from its pull', () => {
    for (const power of [200, 2000, 50_000])
      for (const pitchRatio of [0.5, 0.8, 1.2])
        for (const diameter of [0.2, 0.4]) {
          const shape = { ...proportions, pitchRatio }
          const pull = quayThrust(power, diameter, shape, 1, density)
          expect(pull).toBeLessThan(idealQuayThrust(power, diameter, density))
          expect(diameterForThrust(pull, power, shape, 1, density)).toBeCloseTo(diameter, 9)
        }
  })
})

it.each(PART_KINDS.wholeDrive.shipped as unknown as WholeDriveSpec[])('$name: its motor inside is a motor', whole => {
  const { motor, controller, propeller, legRatio } = wholeDriveParts(whole)
  expect(checkPart('motor', motor as unknown as Part)).toEqual([])
  expect(checkPart('controller', controller as unknown as Part)).toEqual([])
  expect(motor.price + controller.price).toBe(whole.price)
  expect(motor.ratedRpm / legRatio).toBeCloseTo(whole.propellerRpm, 6)
  // what it takes from the battery is what its plate says
  expect(motor.ratedPower / motor.ratedEfficiency / controller.efficiency / whole.inputPower).toBeCloseTo(1, 1)
  expect(propeller.diameter).toBe(whole.diameter)
})
