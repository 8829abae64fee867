import type { MotorSpec } from './motorSpec'

/** A motor's losses: P = c1 ω + c2 ω² + r T², ω in rad/s, T in N·m. */
export interface MotorLosses {
  /** friction and hysteresis, N·m */
  c1: number
  /** eddy currents and windage, N·m·s */
  c2: number
  /** copper, W per (N·m)² */
  copper: number
  /** torque per amp, N·m/A (DC-equivalent) */
  torqueConstant: number
  /** winding resistance as seen at the DC side, Ω */
  resistance: number
}

/** Fitted losses, or the reason why the nameplate cannot be. */
export type MotorFit = { outcome: 'fitted'; losses: MotorLosses } | { outcome: 'impossible'; reason: string }

const RPM = (2 * Math.PI) / 60

/**
 * Torque per amp from speed per volt: Kt = 60 / (2π Kv).
 *
 * @param kvRpmPerVolt rpm/V, > 0
 * @returns N·m per DC-equivalent amp
 * @throws RangeError when not above 0
 * @example torqueConstant(20) // 0.47746
 */
export function torqueConstant(kvRpmPerVolt: number): number {
  if (!(kvRpmPerVolt > 0)) throw new RangeError(`kvRpmPerVolt must be above 0; got ${kvRpmPerVolt}`)
  return 60 / (2 * Math.PI * kvRpmPerVolt)
}

/**
 * Friction, hysteresis, eddy currents and windage from the no-load loss V·I0 at the no-load speed, half and half
 * (common practice).
 *
 * @param motor nameplate
 * @returns c1 in N·m, c2 in N·m·s
 */
export function ironConstants(motor: Pick<MotorSpec, 'kvRpmPerVolt' | 'ratedVoltage' | 'noLoadCurrent'>): {
  c1: number
  c2: number
} {
  const omegaFree = motor.kvRpmPerVolt * motor.ratedVoltage * RPM
  const freeLoss = motor.ratedVoltage * motor.noLoadCurrent
  return { c1: (0.5 * freeLoss) / omegaFree, c2: (0.5 * freeLoss) / omegaFree ** 2 }
}

/**
 * Fits the loss constants to the nameplate: the no-load loss V·I0 at the no-load speed, shared half and half between
 * the ω and ω² terms (common practice), and copper for what is left at the rated point.
 *
 * @param motor nameplate
 * @returns the constants, or why these figures cannot belong to one motor
 *
 * Source: handbook loss model P = c1 ω + c2 ω² + R I². The rated point comes back exactly.
 */
export function fitMotorLosses(motor: MotorSpec): MotorFit {
  const omegaRated = motor.ratedRpm * RPM
  const { c1, c2 } = ironConstants(motor)
  const ratedLoss = motor.ratedPower * (1 / motor.ratedEfficiency - 1)
  const ironAtRated = c1 * omegaRated + c2 * omegaRated ** 2
  const torque = motor.ratedPower / omegaRated
  const copperLoss = ratedLoss - ironAtRated
  if (!(copperLoss > 0)) {
    return {
      outcome: 'impossible',
      reason:
        `Turning free it loses ${ironAtRated.toFixed(0)} W, more than the ${ratedLoss.toFixed(0)} W that its ` +
        'rated efficiency allows. Check the no-load current and the rated efficiency.',
    }
  }
  const kt = torqueConstant(motor.kvRpmPerVolt)
  const copper = copperLoss / (torque * torque)
  return { outcome: 'fitted', losses: { c1, c2, copper, torqueConstant: kt, resistance: copper * kt * kt } }
}

/**
 * Losses of the motor at a torque and speed, W.
 *
 * @param losses fitted constants
 * @param torque N·m
 * @param omega rad/s
 * @returns c1 ω + c2 ω² + r T²
 * @example motorLoss({ c1: 0.5, c2: 0.001, copper: 0.4, torqueConstant: 0.2, resistance: 0.016 }, 20, 200) // 300.0
 */
export function motorLoss(losses: MotorLosses, torque: number, omega: number): number {
  return (losses.c1 + losses.c2 * omega) * omega + losses.copper * torque * torque
}
