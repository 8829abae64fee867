import { packLoad, restVoltage } from '../../battery'
import { continuousTorque, motorLoss, peakTorque, VOLTAGE_REACH, voltageNeeded } from '../../drive'
import { findRoot, interpolate } from '../../numeric'
import { engineCurves } from '../../oldEngine'
import { driveTrain } from '../driveTrain'
import { centreResistance } from '../curve/hullResistance'
import type { Model } from '../model'
import type { OperatingPoint } from '../operatingPoint'
import { HEAD_SEA, QUAY_SPEED } from '../propeller/thrustAvailable'

/** Torque (N·m) against speed (rpm), both at the propeller's shaft. */
export interface ShaftCurve {
  rpm: number[]
  torque: number[]
}

/** Where the propeller's demand meets what the motor gives. */
export interface Crossing {
  of: 'calm' | 'sea' | 'quay'
  rpm: number
  torque: number
}

/** The matching diagram: what the propeller asks and what motor, pack and controller give, at the propeller's shaft. */
export interface Matching {
  calm: ShaftCurve
  sea: ShaftCurve
  quay: ShaftCurve
  /** all day, on a pack full, half and nearly empty */
  allDay: Record<'full' | 'nominal' | 'low', ShaftCurve>
  minutes: ShaftCurve
  /** where the controller's all-day battery amps end it */
  controller: ShaftCurve
  engine: ShaftCurve | null
  crossings: Crossing[]
}

/** States of charge of the three envelopes. */
export const MATCHING_CHARGE = { full: 1, nominal: 0.5, low: 0.15 } as const

/**
 * The matching diagram of a boat.
 *
 * @param model the boat
 * @param curve her power curve
 * @param count of points on the motor's side
 * @returns curves at the propeller's shaft
 *
 * Source: T ≤ (r V − Kt ω) Kt / R on the loaded pack, r how far the field is weakened; nameplate; P = V I η of the
 * controller.
 */
export function matching(model: Model, curve: readonly OperatingPoint[], count = 61): Matching {
  const { motor, controller, pack } = model.project.design
  const { totalRatio, transmission } = model
  const losses = model.motor.outcome === 'fitted' ? model.motor.losses : null
  const speeds = Array.from({ length: count }, (_, i) => Math.max(1, (motor.greatestRpm * i) / (count - 1)))
  const rpm = speeds.map(n => n / totalRatio)
  const toShaft = totalRatio * transmission
  const atMotor = (limit: typeof continuousTorque | typeof peakTorque, charge: number): ShaftCurve => ({
    rpm,
    torque: speeds.map(n => {
      const omega = (n * Math.PI) / 30,
        rest = restVoltage(pack, charge),
        plate = limit(motor, omega, rest)
      if (!losses) return plate * toShaft
      const spare = (torque: number) =>
        VOLTAGE_REACH[motor.build] *
          packLoad(
            rest,
            model.pack.resistance,
            (model.drives * (torque * omega + motorLoss(losses, torque, omega))) / controller.efficiency,
          ).voltage -
        voltageNeeded(losses, torque, omega)
      if (spare(plate) >= 0) return plate * toShaft
      const root = findRoot(spare, 0, plate, 1e-9)
      return root.outcome === 'noBracket' ? 0 : root.x * toShaft
    }),
  })
  const controllerPower = controller.batteryCurrent * model.pack.nominalVoltage * controller.efficiency
  const demand = (points: { shaftSpeed: number; propellerTorque: number }[]): ShaftCurve => ({
    rpm: points.map(p => p.shaftSpeed * 60),
    torque: points.map(p => p.propellerTorque),
  })
  const calm = demand(curve.map(p => p.drive))
  const sea = demand(curve.map(p => driveTrain(model, p.speed, p.resistance.centre * (1 + HEAD_SEA))))
  // at the quay torque follows the square of the turns: one point is enough
  const still = driveTrain(model, QUAY_SPEED, Math.max(20, centreResistance(model, model.project.use.cruiseSpeed)))
  const perTurn = still.shaftSpeed > 0 ? still.propellerTorque / (still.shaftSpeed * 60) ** 2 : 0
  const quay = { rpm, torque: rpm.map(n => perTurn * n * n) }
  const minutes = atMotor(peakTorque, MATCHING_CHARGE.nominal)
  const allDay = {
    full: atMotor(continuousTorque, MATCHING_CHARGE.full),
    nominal: atMotor(continuousTorque, MATCHING_CHARGE.nominal),
    low: atMotor(continuousTorque, MATCHING_CHARGE.low),
  }
  const engine = model.project.boat.oldEngine
  const old = engine.ratedPower > 0 ? engineCurves(engine) : null
  // the old gearbox is not known: her engine is drawn through the reduction that puts its rated speed at the end of the
  // new drive's
  const oldRatio = old ? engine.ratedRpm / rpm.at(-1)! : 1
  return {
    calm,
    sea,
    quay,
    allDay,
    minutes,
    controller: {
      rpm,
      torque: speeds.map(n => ((controllerPower * motor.ratedEfficiency) / ((n * Math.PI) / 30)) * toShaft),
    },
    engine: old ? { rpm: old.rpm.map(n => n / oldRatio), torque: old.torque.map(t => t * oldRatio) } : null,
    crossings: (['calm', 'sea', 'quay'] as const).flatMap(of => {
      const at = crossing({ calm, sea, quay }[of], allDay.nominal)
      return at ? [{ of, ...at }] : []
    }),
  }
}

/** First crossing of a rising demand with a limit, by straight lines between the points. */
function crossing(demand: ShaftCurve, limit: ShaftCurve): { rpm: number; torque: number } | null {
  const limitAt = (n: number) => interpolate(limit.rpm, limit.torque, n)
  for (let i = 1; i < demand.rpm.length; i++) {
    const [a, b] = [demand.torque[i - 1]! - limitAt(demand.rpm[i - 1]!), demand.torque[i]! - limitAt(demand.rpm[i]!)]
    if (a <= 0 && b > 0) {
      const t = -a / (b - a)
      return {
        rpm: demand.rpm[i - 1]! + t * (demand.rpm[i]! - demand.rpm[i - 1]!),
        torque: demand.torque[i - 1]! + t * (demand.torque[i]! - demand.torque[i - 1]!),
      }
    }
  }
  return null
}
