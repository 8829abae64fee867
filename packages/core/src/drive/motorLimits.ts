import type { MotorLosses } from './motorLosses'
import type { MotorSpec } from './motorSpec'

/**
 * Torque that the motor holds all day at a speed, N·m: its rated torque up to rated speed, its rated power above.
 *
 * @param motor nameplate
 * @param omega rad/s, > 0
 * @returns N·m; 0 above its greatest speed
 * @example continuousTorque({ ratedPower: 6000, ratedRpm: 1500, greatestRpm: 3000 }, 78.54) // 38.20
 */
export function continuousTorque(
  motor: Pick<MotorSpec, 'ratedPower' | 'ratedRpm' | 'greatestRpm'>,
  omega: number,
): number {
  return envelope(motor.ratedPower, motor, omega)
}

/**
 * Torque that the motor holds for its peak time, N·m.
 *
 * @param motor nameplate
 * @param omega rad/s, > 0
 * @returns N·m; 0 above its greatest speed
 * @example peakTorque({ peakPower: 9000, ratedPower: 6000, ratedRpm: 1500, greatestRpm: 3000 }, 78.54) // 57.30
 */
export function peakTorque(
  motor: Pick<MotorSpec, 'peakPower' | 'ratedPower' | 'ratedRpm' | 'greatestRpm'>,
  omega: number,
): number {
  return envelope(motor.peakPower, motor, omega)
}

function envelope(power: number, motor: Pick<MotorSpec, 'ratedRpm' | 'greatestRpm'>, omega: number): number {
  const base = (motor.ratedRpm * 2 * Math.PI) / 60
  if (omega > (motor.greatestRpm * 2 * Math.PI) / 60) return 0
  return power / Math.max(base, omega)
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
