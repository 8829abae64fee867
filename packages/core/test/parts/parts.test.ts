import { expect, it } from 'vitest'
import {
  cellSchema,
  controllerSchema,
  SHIPPED_CELLS,
  SHIPPED_CONTROLLERS,
  SHIPPED_MOTORS,
  motorSchema,
} from '../../src/parts'

it('every part of the library is whole and has a name of its own', () => {
  for (const motor of SHIPPED_MOTORS) expect(motorSchema.safeParse(motor).success, motor.name).toBe(true)
  for (const controller of SHIPPED_CONTROLLERS)
    expect(controllerSchema.safeParse(controller).success, controller.name).toBe(true)
  for (const cell of SHIPPED_CELLS) expect(cellSchema.safeParse(cell).success, cell.name).toBe(true)
  const ids = [...SHIPPED_MOTORS, ...SHIPPED_CONTROLLERS, ...SHIPPED_CELLS].map(p => p.id)
  expect(new Set(ids).size).toBe(ids.length)
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
