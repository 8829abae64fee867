import { expect, it } from 'vitest'
import { checkPart, PART_KINDS, SHIPPED_CONTROLLERS, SHIPPED_MOTORS, type PartKindId } from '../../src/parts'

it('every part of the library is whole and has a name of its own', () => {
  for (const kind of Object.keys(PART_KINDS) as PartKindId[]) {
    const { shipped } = PART_KINDS[kind]
    for (const part of shipped) expect(checkPart(kind, part), part.name).toEqual([])
    expect(new Set(shipped.map(p => p.id)).size).toBe(shipped.length)
  }
})

it('spans 0.5 to 120 kW with twelve motors or more, and a controller for each', () => {
  expect(SHIPPED_MOTORS.length).toBeGreaterThanOrEqual(12)
  expect(Math.min(...SHIPPED_MOTORS.map(m => m.ratedPower))).toBe(500)
  expect(Math.max(...SHIPPED_MOTORS.map(m => m.ratedPower))).toBe(120_000)
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
