import type { MotorLosses } from './motorLosses'
import type { MotorBuild, MotorSpec } from './motorSpec'

/**
 * How far a controller weakens the field: volts that the motor would need, over those that there are. Magnets on the
 * surface allow a tenth at most and are not counted on; magnets inside allow twice, induction two and a half times the
 * base speed (common practice).
 */
export const VOLTAGE_REACH: Readonly<Record<MotorBuild, number>> = {
  brushed: 1,
  'surface magnets': 1,
  'inner magnets': 2,
  induction: 2.5,
}

/**
 * Amps that would undo the whole field of inner magnets, over the amps at rated torque: about one in motors made for a
 * wide range of turns (common practice).
 */
const CHARACTERISTIC_AMPS = 1

/** What weakening the field takes. */
export interface Weakening {
  /** field that is left, 1 … 0 */
  field: number
  /** motor-side amps, all of them, and those of them that weaken the field */
  phaseCurrent: number
  fieldCurrent: number
  /** share of the field by which torque is made: 1 with magnets, what is left with induction */
  torqueField: number
  /** W more in the copper than torque alone would take */
  loss: number
}

/**
 * Amps and losses of a motor that turns faster than its volts allow with its whole field.
 *
 * @param motor its plate
 * @param losses fitted to it
 * @param torque N·m
 * @param omega rad/s
 * @param volts at the controller, V
 * @returns amps and extra loss; the plain torque amps while the volts are enough
 * @example weakening({ build: 'induction', ratedPower: 20000, ratedRpm: 3000 }, { c1: 0, c2: 0, copper: 0.1,
 *   torqueConstant: 0.2, resistance: 0.004 }, 0, 400, 40).field // 0.500
 *
 * Source: with inner magnets the current along the field, Id = Ich (1 − k), leaves k of the field so that
 * k Kt ω + R I = V; the torque amps stay. With induction the torque amps grow as 1/k.
 */
export function weakening(
  motor: Pick<MotorSpec, 'build' | 'ratedPower' | 'ratedRpm'>,
  losses: MotorLosses,
  torque: number,
  omega: number,
  volts: number,
): Weakening {
  const { torqueConstant, resistance } = losses
  const amps = torque / torqueConstant,
    whole = { field: 1, phaseCurrent: amps, fieldCurrent: 0, torqueField: 1, loss: 0 }
  const reach = VOLTAGE_REACH[motor.build]
  if (reach === 1 || torqueConstant * omega + amps * resistance <= volts) return whole
  const field = Math.min(1, Math.max(1 / (2 * reach), (volts - amps * resistance) / (torqueConstant * omega)))
  if (motor.build === 'induction')
    return {
      ...whole,
      field,
      torqueField: field,
      phaseCurrent: amps / field,
      loss: resistance * amps * amps * (1 / (field * field) - 1),
    }
  const rated = motor.ratedPower / ((motor.ratedRpm * Math.PI) / 30) / torqueConstant
  const along = CHARACTERISTIC_AMPS * rated * (1 - field)
  return {
    ...whole,
    field,
    fieldCurrent: along,
    phaseCurrent: Math.hypot(amps, along),
    loss: resistance * along * along,
  }
}
