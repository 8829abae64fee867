import { describe, expect, it } from 'vitest'
import { findingsOf } from '../../src/advice'
import { DEMO, edit, readProject, withEdits, writeProject } from '../../src/project'
import { partsList } from '../../src/money'
import { propellerChoices, putOnBoat } from '../../src/sizing'
import { evaluate } from '../../src/system'
import {
  checkPart,
  libraryWith,
  PART_KINDS,
  SHIPPED_CONTROLLERS,
  SHIPPED_MOTORS,
  type PartKindId,
} from '../../src/parts'

it('every part of the library is whole and has a name of its own', () => {
  for (const kind of Object.keys(PART_KINDS) as PartKindId[]) {
    const { shipped } = PART_KINDS[kind]
    for (const part of shipped) expect(checkPart(kind, part), part.name).toEqual([])
    expect(new Set(shipped.map(p => p.id)).size).toBe(shipped.length)
  }
})

it('spans 0.3 to 220 kW with twelve motors or more, and a controller for each', () => {
  expect(SHIPPED_MOTORS.length).toBeGreaterThanOrEqual(12)
  expect(Math.min(...SHIPPED_MOTORS.map(m => m.ratedPower))).toBe(300)
  expect(Math.max(...SHIPPED_MOTORS.map(m => m.ratedPower))).toBe(220_000)
  for (const motor of SHIPPED_MOTORS) {
    const amps = motor.ratedPower / motor.ratedEfficiency / motor.ratedVoltage
    expect(
      SHIPPED_CONTROLLERS.some(
        c =>
          c.batteryCurrent >= amps &&
          c.greatestVoltage >= 1.15 * motor.ratedVoltage &&
          c.leastVoltage <= 0.9 * motor.ratedVoltage,
      ),
      motor.name,
    ).toBe(true)
  }
})

describe('own parts of every kind', () => {
  const own = (kind: PartKindId) => ({ ...PART_KINDS[kind].shipped[0]!, id: `own/${kind}`, name: `My ${kind}` })
  const kinds = Object.keys(PART_KINDS) as PartKindId[]
  it.each(kinds)('a %s stands in the library and goes on a boat where one has a place', kind => {
    expect(libraryWith({ [kind]: [own(kind)] })[`${kind}s`].at(-1)!.id).toBe(`own/${kind}`)
    const boat = kind === 'jet' ? DEMO.rillet : DEMO.tirrick
    const edits = putOnBoat(kind, own(kind), boat)!
    expect(edits.length).toBeGreaterThan(0)
    expect(readProject(writeProject(withEdits(boat, edits))).ok).toBe(true)
  })
  it('a cable of a size that nobody else sells mends one that is too thin', () => {
    const cable = { ...own('cable'), area: 56, pricePerMetre: 1, voltage: 600 }
    const thin = withEdits(DEMO.tirrick, [edit('design.wiring.mainArea', 6)])
    const found = findingsOf(evaluate(thin, 2), libraryWith({ cable: [cable] })).findings.find(
      f => f.rule === 'cableHeat',
    )!
    const fix = found.fixes.find(f => f.label.text === 'My cable')!
    expect(withEdits(thin, fix.edits).design.wiring.mainArea).toBe(56)
    const fitted = partsList(withEdits(thin, fix.edits), libraryWith({ cable: [cable] }))
    expect(fitted.some(l => l.item === 'My cable' && l.price === l.quantity)).toBe(true)
  })
  it('a propeller that goes in the place is among the choices, one that does not is not', () => {
    const room = DEMO.tirrick.boat.drive.greatestDiameter
    const mine = { ...own('propeller'), ...DEMO.tirrick.design.propeller }
    const names = (diameter: number) =>
      propellerChoices(DEMO.tirrick, libraryWith({ propeller: [{ ...mine, diameter }] })).map(c => c.name)
    expect(names(room)).toContain('My propeller')
    expect(names(1.02 * room)).not.toContain('My propeller')
  })
})
