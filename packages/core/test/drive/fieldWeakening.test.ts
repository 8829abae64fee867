import { describe, expect, it } from 'vitest'
import { DEMO, edit, withEdits } from '../../src/project'
import {
  continuousTorque,
  fitMotorLosses,
  weakening,
  withSecondRating,
  type MotorLosses,
  type MotorSpec,
} from '../../src/drive'
import { motorNamed } from '../../src/parts/shipped/partNamed'
import { driveTrain, centreResistance, modelOf } from '../../src/system'

const lossesOf = (motor: MotorSpec): MotorLosses => {
  const fit = fitMotorLosses(motor)
  if (fit.outcome !== 'fitted') throw new Error(fit.reason)
  return fit.losses
}
const base = motorNamed('brindle-35-144-2800')

describe.each(['inner magnets', 'induction'] as const)('with %s', build => {
  const motor = { ...base, build },
    losses = lossesOf(motor)
  const omegaBase = 144 / losses.torqueConstant
  it('nothing is weakened while the volts are enough, and it begins without a step', () => {
    expect(weakening(motor, losses, 20, 0.9 * omegaBase, 144).loss).toBe(0)
    const bit = weakening(motor, losses, 20, omegaBase * 1.001, 144)
    expect(bit.field).toBeGreaterThan(0.98)
    expect(bit.loss).toBeLessThan(5)
  })
  it('what is left of the field with the drop in the copper is the volts that there are', () => {
    for (const times of [1.2, 1.5, 1.8]) {
      const omega = times * omegaBase,
        torque = 15,
        { field } = weakening(motor, losses, torque, omega, 144)
      const amps = torque / losses.torqueConstant
      expect(field * losses.torqueConstant * omega + amps * losses.resistance).toBeCloseTo(144, 6)
    }
  })
  it('amps and loss grow with the turns at the same torque', () => {
    const at = (times: number) => weakening(motor, losses, 15, times * omegaBase, 144)
    expect(at(1.6).phaseCurrent).toBeGreaterThan(at(1.2).phaseCurrent)
    expect(at(1.6).loss).toBeGreaterThan(at(1.2).loss)
  })
})

it('magnets on the surface and brushes are not weakened', () => {
  for (const build of ['surface magnets', 'brushed'] as const)
    expect(weakening({ ...base, build }, lossesOf(base), 15, 2000, 144)).toMatchObject({ field: 1, loss: 0 })
})

it('two plates of one motor have one torque: 54 kW at 108 V, 60 kW at 120 V', () => {
  const motor = { ratedPower: 54_000, ratedRpm: 4000, ratedVoltage: 108, greatestVoltage: 124, greatestRpm: 8000 }
  const omega = (4000 * (120 / 108) * Math.PI) / 30
  expect((continuousTorque(motor, omega, 120) * omega) / 1000).toBeCloseTo(60, 1)
  expect(withSecondRating({ ...base, ...motor }, 60_000, 120).outcome).toBe('said')
  expect(withSecondRating({ ...base, ...motor }, 90_000, 120).outcome).toBe('impossible')
})

it('on the board a weakened point obeys volts: the chain closes within a thousandth', () => {
  const boat = withEdits(DEMO.tirrick, [
    edit('design.motor', { ...DEMO.tirrick.design.motor, build: 'inner magnets', kvRpmPerVolt: 20, greatestRpm: 4000 }),
  ])
  const model = modelOf(boat),
    losses = lossesOf(boat.design.motor)
  let weakened = 0
  for (let v = 0.5; v < 4; v += 0.05) {
    const train = driveTrain(model, v, centreResistance(model, v))
    const omega = (train.motorRpm * Math.PI) / 30
    if (train.weakeningLoss === 0) continue
    weakened++
    const amps = train.motorTorque / losses.torqueConstant
    const field = (train.packVoltage - amps * losses.resistance) / (losses.torqueConstant * omega)
    const along = Math.sqrt(train.phaseCurrent ** 2 - amps ** 2)
    const rated = boat.design.motor.ratedPower / ((boat.design.motor.ratedRpm * Math.PI) / 30) / losses.torqueConstant
    if (field > 0.25) expect(along).toBeCloseTo(rated * (1 - field), 1)
  }
  expect(weakened).toBeGreaterThan(3)
})
