import { COPPER } from '../wiring/conductor'
import { fitMotorLosses, ironConstants, torqueConstant, type MotorFit } from './motorLosses'
import type { MotorSpec } from './motorSpec'

/** A nameplate changed by another way to say it, or why that cannot be. */
export type NameplateForm = { outcome: 'said'; change: Partial<MotorSpec> } | { outcome: 'impossible'; reason: string }

const EFFICIENCY = { least: 0.4, most: 0.985 }
const asEfficiency = (efficiency: number, what: string): NameplateForm =>
  efficiency >= EFFICIENCY.least && efficiency <= EFFICIENCY.most
    ? { outcome: 'said', change: { ratedEfficiency: efficiency } }
    : {
        outcome: 'impossible',
        reason:
          `${what} means an efficiency of ${(100 * efficiency).toFixed(0)} % at the rated point; motors have ` +
          `${100 * EFFICIENCY.least} to ${100 * EFFICIENCY.most} %. Check rated power and volts too.`,
      }

/**
 * DC amps at the rated point, which many plates print instead of the efficiency.
 *
 * @param motor nameplate
 * @returns A
 * @example ratedAmps({ ratedPower: 6000, ratedEfficiency: 0.9, ratedVoltage: 48 }) // 138.9
 *
 * Source: I = P / (η V).
 */
export function ratedAmps({
  ratedPower,
  ratedEfficiency,
  ratedVoltage,
}: Pick<MotorSpec, 'ratedPower' | 'ratedEfficiency' | 'ratedVoltage'>): number {
  return ratedPower / (ratedEfficiency * ratedVoltage)
}

/**
 * The nameplate with these DC amps at its rated point.
 *
 * @param motor nameplate
 * @param amps A DC, > 0
 * @returns the efficiency that they mean, or why it cannot be
 */
export function withRatedAmps(motor: MotorSpec, amps: number): NameplateForm {
  return asEfficiency(motor.ratedPower / (amps * motor.ratedVoltage), 'That')
}

/**
 * The nameplate with this torque constant: Kv = 60 / (2π Kt).
 *
 * @param kt N·m for each DC amp, > 0
 * @returns the speed per volt
 * @example withTorqueConstant(0.2776).outcome // 'said'
 */
export function withTorqueConstant(kt: number): NameplateForm {
  return { outcome: 'said', change: { kvRpmPerVolt: torqueConstant(kt) } }
}

/** Copper when hot against cold on the bench: 20 to 100 °C (IEC 60028: 0.393 % a kelvin). */
export const HOT_COPPER = 1 + 80 * COPPER.perKelvin

/**
 * Resistance between two of the motor's leads as a meter shows it, cold; null when the nameplate cannot be.
 *
 * @param fit of the nameplate
 * @returns Ω at about 20 °C; the loss model's own is hot
 */
export function leadResistance(fit: MotorFit): number | null {
  return fit.outcome === 'fitted' ? fit.losses.resistance / HOT_COPPER : null
}

/**
 * The nameplate with a resistance measured between two leads, cold: what copper and iron lose at the rated point gives
 * its efficiency.
 *
 * @param motor nameplate
 * @param cold Ω between two leads at about 20 °C, > 0; the current flows through two phases in series
 * @returns the efficiency that it means, or why it cannot be
 *
 * Source: P_copper = (T/Kt)² R, R taken hot; iron from the no-load current as in the loss model.
 */
export function withLeadResistance(motor: MotorSpec, cold: number): NameplateForm {
  const omega = (motor.ratedRpm * Math.PI) / 30,
    { c1, c2 } = ironConstants(motor),
    iron = (c1 + c2 * omega) * omega
  const amps = motor.ratedPower / omega / torqueConstant(motor.kvRpmPerVolt)
  const change = asEfficiency(
    motor.ratedPower / (motor.ratedPower + iron + amps * amps * cold * HOT_COPPER),
    'That resistance',
  )
  if (change.outcome === 'impossible') return change
  const fit = fitMotorLosses({ ...motor, ...change.change })
  return fit.outcome === 'fitted' ? change : fit
}

/** Two plates of one motor agree to so much in torque. */
const SAME_TORQUE = 0.06

/**
 * The nameplate with a second rating at other volts: 54 kW at 108 V and 60 kW at 120 V are both plates of one motor,
 * since its torque is the same and its turns follow the volts.
 *
 * @param motor nameplate
 * @param power W of the second rating, > 0
 * @param volts V of it, > 0
 * @returns volts up to which it works, or why these are two motors
 * @example withSecondRating({ ratedPower: 54e3, ratedVoltage: 108, greatestVoltage: 116 }, 60e3, 120).outcome
 *   // 'said'
 */
export function withSecondRating(
  { ratedPower, ratedVoltage, leastVoltage, greatestVoltage }: MotorSpec,
  power: number,
  volts: number,
): NameplateForm {
  const torques = power / volts / (ratedPower / ratedVoltage)
  if (Math.abs(torques - 1) > SAME_TORQUE)
    return {
      outcome: 'impossible',
      reason:
        `At ${volts.toFixed(0)} V a motor of ${(ratedPower / 1000).toPrecision(3)} kW at ` +
        `${ratedVoltage.toFixed(0)} V ` +
        `gives about ${((ratedPower * volts) / ratedVoltage / 1000).toPrecision(3)} kW. Check power and volts of both.`,
    }
  return {
    outcome: 'said',
    change:
      volts > ratedVoltage
        ? { greatestVoltage: Math.max(greatestVoltage, volts) }
        : { leastVoltage: Math.min(leastVoltage, volts) },
  }
}
