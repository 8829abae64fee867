import { continuousTorque, peakTorque, VOLTAGE_REACH } from '../../drive'
import type { Project } from '../../project/definition/projectFields'
import { modelOf } from '../model'
import type { OperatingPoint } from '../operatingPoint'

/** Torque against motor speed: what the motor holds, and what the propeller asks along the power curve. */
export interface MotorEnvelope {
  rpm: number[]
  allDay: number[]
  peak: number[]
  demandRpm: number[]
  demand: number[]
}

/**
 * The motor's all-day and peak torque, cut by what the pack's nominal voltage allows, and the propeller's demand at the
 * motor shaft.
 *
 * @param project the boat
 * @param curve its power curve
 * @param count of points
 * @returns N·m against rpm
 *
 * Source: T ≤ (r V − Kt ω) Kt / R, r how far the field is weakened; nameplate for the rest.
 */
export function motorEnvelope(project: Project, curve: readonly OperatingPoint[], count = 61): MotorEnvelope {
  const { motor } = project.design
  const model = modelOf(project)
  const losses = model.motor.outcome === 'fitted' ? model.motor.losses : null
  const rpm = Array.from({ length: count }, (_, i) => (motor.greatestRpm * i) / (count - 1))
  const cut = (torque: number, omega: number) => {
    if (!losses) return torque
    const byVolts =
      ((VOLTAGE_REACH[motor.build] * model.pack.nominalVoltage - losses.torqueConstant * omega) *
        losses.torqueConstant) /
      losses.resistance
    return Math.max(0, Math.min(torque, byVolts))
  }
  const at = (limit: typeof continuousTorque | typeof peakTorque) =>
    rpm.map(n => {
      const omega = Math.max(1, (n * 2 * Math.PI) / 60)
      return cut(limit(motor, omega, model.pack.nominalVoltage), omega)
    })
  return {
    rpm,
    allDay: at(continuousTorque),
    peak: at(peakTorque),
    demandRpm: curve.map(p => p.drive.motorRpm),
    demand: curve.map(p => p.drive.motorTorque),
  }
}
