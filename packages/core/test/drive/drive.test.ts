import { describe, expect, it } from 'vitest'
import fc from 'fast-check'
import {
  continuousTorque,
  fitMotorLosses,
  motorLoss,
  peakTorque,
  torqueConstant,
  torqueFromPower,
  voltageNeeded,
} from '../../src/drive'
import { HORSEPOWER } from '../../src/constants'
import { packLoad } from '../../src/battery'
import { motorNamed, SHIPPED_MOTORS } from '../../src/parts'

const RPM = (2 * Math.PI) / 60
const fitted = (motor: (typeof SHIPPED_MOTORS)[number]) => {
  const fit = fitMotorLosses(motor)
  if (fit.outcome !== 'fitted') throw new Error(fit.reason)
  return fit.losses
}

describe('arithmetic of the trade (handbook/05, exact)', () => {
  it('8 hp at 1,200 rpm is 47.5 N·m', () => expect(torqueFromPower(8 * HORSEPOWER, 1200)).toBeCloseTo(47.5, 1))
  it('20 rpm/V × 72 V is 1,440 rpm without load', () => expect(20 * 72).toBe(Math.round(72 / torqueConstant(20) / RPM)))
  it('50 kW at 180 V takes 278 A, at 90 V 556 A', () =>
    expect([180, 90].map(volts => Math.round(packLoad(volts, 0, 50_000).current))).toEqual([278, 556]))
})

describe('losses fitted to the nameplate', () => {
  it.each(SHIPPED_MOTORS.map(m => [m.name, m] as const))('%s comes back at its rated point and free', (_, motor) => {
    const losses = fitted(motor),
      omega = motor.ratedRpm * RPM,
      torque = motor.ratedPower / omega
    const efficiency = motor.ratedPower / (motor.ratedPower + motorLoss(losses, torque, omega))
    expect(efficiency).toBeCloseTo(motor.ratedEfficiency, 9)
    const free = motor.kvRpmPerVolt * motor.ratedVoltage * RPM
    expect(motorLoss(losses, 0, free)).toBeCloseTo(motor.ratedVoltage * motor.noLoadCurrent, 6)
    // a nameplate agrees with itself when its volts turn it at its rated point
    expect(voltageNeeded(losses, torque, omega)).toBeLessThanOrEqual(motor.ratedVoltage)
    expect(motor.peakPower).toBeGreaterThan(motor.ratedPower)
    expect(motor.greatestRpm).toBeGreaterThan(motor.ratedRpm)
  })
  it('says why a nameplate cannot be', () => {
    const fit = fitMotorLosses({ ...motorNamed('brindle-4.5-48-1500'), noLoadCurrent: 60 })
    expect(fit.outcome === 'impossible' && fit.reason).toMatch(/no-load current/)
  })
  it('loses nothing at rest and more with torque and with speed', () => {
    const losses = fitted(motorNamed('brindle-6-48-1500'))
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 250, noNaN: true }),
        (torque, omega) => {
          expect(motorLoss(losses, 0, 0)).toBe(0)
          expect(motorLoss(losses, torque + 1, omega)).toBeGreaterThan(motorLoss(losses, torque, omega))
          expect(motorLoss(losses, torque, omega + 1)).toBeGreaterThan(motorLoss(losses, torque, omega))
        },
      ),
    )
  })
})

it('holds rated torque to rated speed, rated power above, nothing past its greatest speed', () => {
  const motor = {
    ratedPower: 6000,
    peakPower: 9000,
    ratedRpm: 1500,
    greatestRpm: 3000,
    ratedVoltage: 48,
    greatestVoltage: 60,
  }
  expect(continuousTorque(motor, 1)).toBeCloseTo(continuousTorque(motor, 1500 * RPM), 9)
  expect(continuousTorque(motor, 3000 * RPM) * 3000 * RPM).toBeCloseTo(6000, 6)
  expect(peakTorque(motor, 3001 * RPM)).toBe(0)
  expect(() => torqueConstant(0)).toThrow(/kvRpmPerVolt/)
  expect(() => torqueFromPower(1, 0)).toThrow(/rpm/)
})
