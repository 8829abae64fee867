import type { MotorLosses } from './motorLosses'
import type { MotorSpec } from './motorSpec'

/** What of a plate limits torque by turns and volts. */
type LimitsOfMotor = Pick<MotorSpec, 'ratedPower' | 'ratedRpm' | 'greatestRpm' | 'ratedVoltage' | 'greatestVoltage'>

/**
 * Torque that the motor holds all day at a speed, N·m: its rated torque up to rated speed, its rated power above.
 * On more volts than the plate's it holds its torque to as many more turns: two plates of one motor, 54 kW at 108 V and
 * 60 kW at 120 V, have one torque.
 *
 * @param motor nameplate
 * @param omega rad/s, > 0
 * @param volts at the controller; those of the plate where left out
 * @returns N·m; 0 above its greatest speed
 * @example continuousTorque({ ratedPower: 6000, ratedRpm: 1500, greatestRpm: 3000, ratedVoltage: 48,
 *   greatestVoltage: 64 }, 78.54) // 38.20
 */
export function continuousTorque(motor: LimitsOfMotor, omega: number, volts = motor.ratedVoltage): number {
  return envelope(motor.ratedPower, motor, omega, volts)
}

/**
 * Torque that the motor holds for its peak time, N·m.
 *
 * @param motor nameplate
 * @param omega rad/s, > 0
 * @param volts at the controller; those of the plate where left out
 * @returns N·m; 0 above its greatest speed
 * @example peakTorque({ peakPower: 9000, ratedPower: 6000, ratedRpm: 1500, greatestRpm: 3000, ratedVoltage: 48,
 *   greatestVoltage: 64 }, 78.54) // 57.30
 */
export function peakTorque(
  motor: LimitsOfMotor & Pick<MotorSpec, 'peakPower'>,
  omega: number,
  volts = motor.ratedVoltage,
): number {
  return envelope(motor.peakPower, motor, omega, volts)
}

function envelope(power: number, motor: LimitsOfMotor, omega: number, volts: number): number {
  const base = (motor.ratedRpm * 2 * Math.PI) / 60
  if (omega > (motor.greatestRpm * 2 * Math.PI) / 60) return 0
  const more = Math.max(1, Math.min(volts, motor.greatestVoltage) / motor.ratedVoltage)
  return (power * more) / Math.max(base * more, omega)
}

/**
 * Volts that the controller must find at the motor: back-EMF plus the drop in the winding (DC-equivalent, no field
 * weakening).
 *
 * @param losses fitted constants
 * @param torque N·m
 * @param omega rad/s
 * @returns V
 * @example voltageNeeded({ c1: 0, c2: 0, copper: 0.4, torqueConstant: 0.2, resistance: 0.016 }, 20, 200) // 41.60
 */
export function voltageNeeded(losses: MotorLosses, torque: number, omega: number): number {
  return losses.torqueConstant * omega + (torque / losses.torqueConstant) * losses.resistance
}
