import type { MotorLosses } from '../motorLosses'
import type { Cooling, InsulationClass, MotorSpec } from '../motorSpec'

/** Greatest temperature of the winding by insulation class, K (IEC 60085: B 130, F 155, H 180 °C). */
export const INSULATION_LIMIT: Record<InsulationClass, number> = { B: 403.15, F: 428.15, H: 453.15 }

/** Air that a nameplate means, and water of the sea, K (common practice: 40 °C, 25 °C). */
export const PLATE_AIR = 313.15,
  PLATE_WATER = 298.15
/** A closed loop stays this much warmer than the water outside, K (common practice). */
const LOOP_RISE = 10
/** Share of the whole rise that is between winding and case, at the rated point (common practice). */
const WINDING_SHARE = 0.35
/** From case to sink, against air on the same motor (common practice; a jacket takes two to three times the heat). */
const CASE_PATH: Record<Cooling, number> = { air: 1, 'closed loop': 0.5, 'raw water': 0.4 }
/** Copper and iron as shares of the mass, and their heat, J/(kg K). */
const COPPER = { share: 0.15, heat: 385 },
  IRON = { share: 0.85, heat: 470 }

/** Two nodes, winding and case, and the sink. K/W, J/K, K. */
export interface HeatPath {
  windingToCase: number
  caseToSink: number
  windingHeat: number
  caseHeat: number
  sink: number
  limit: number
}

/** What is around the motor, K. */
export interface Surroundings {
  ambient: number
  water: number
}

const sinkOf = (cooling: Cooling, { ambient, water }: Surroundings) =>
  cooling === 'air' ? ambient : cooling === 'raw water' ? water : water + LOOP_RISE

/**
 * The way of the heat through a motor, from its nameplate: at its rated point in the plate's own surroundings the
 * winding
 * is just at the limit of its class. Other cooling changes the way from case to sink and the sink.
 *
 * @param motor nameplate
 * @param losses fitted to it
 * @param cooling as fitted in the boat; the plate's own may be another
 * @param around air and water, K
 * @returns the two-node model
 *
 * Source: two-node network; shares and paths are common practice, so that times are known to about ± 40 %.
 */
export function heatPath(motor: MotorSpec, losses: MotorLosses, cooling: Cooling, around: Surroundings): HeatPath {
  const omega = (motor.ratedRpm * 2 * Math.PI) / 60
  const heat = motorHeat(losses, motor.ratedPower / omega, omega)
  const limit = INSULATION_LIMIT[motor.insulation]
  const rise = limit - sinkOf(motor.cooling, { ambient: PLATE_AIR, water: PLATE_WATER })
  return {
    windingToCase: (WINDING_SHARE * rise) / heat.winding,
    caseToSink:
      ((((1 - WINDING_SHARE) * rise) / (heat.winding + heat.case)) * CASE_PATH[cooling]) / CASE_PATH[motor.cooling],
    windingHeat: motor.mass * COPPER.share * COPPER.heat,
    caseHeat: motor.mass * IRON.share * IRON.heat,
    sink: sinkOf(cooling, around),
    limit,
  }
}

/** Where a motor's losses arise, W. */
export interface MotorHeat {
  winding: number
  case: number
}

/**
 * A motor's losses by where they arise: copper in the winding, iron and friction in the case.
 *
 * @param losses fitted constants
 * @param torque N·m
 * @param omega rad/s
 * @returns W
 * @example motorHeat({ c1: 0.5, c2: 0.001, copper: 0.4, torqueConstant: 0.2, resistance: 0.016 }, 20, 200).winding //
 *   160.0
 */
export function motorHeat(losses: MotorLosses, torque: number, omega: number): MotorHeat {
  return { winding: losses.copper * torque * torque, case: (losses.c1 + losses.c2 * omega) * omega }
}

/**
 * Torque that a motor holds all day at a speed with its cooling, N·m: the winding just at its limit, the nameplate's
 * own torque and power aside.
 *
 * @param path of the heat
 * @param losses fitted constants
 * @param omega rad/s
 * @returns N·m; 0 when idle losses alone are too much
 *
 * Source: limit = sink + Rcs (copper + iron) + Rwc copper.
 */
export function heatTorque(path: HeatPath, losses: MotorLosses, omega: number): number {
  const iron = motorHeat(losses, 0, omega).case
  const room = path.limit - path.sink - path.caseToSink * iron
  return room > 0 ? Math.sqrt(room / ((path.caseToSink + path.windingToCase) * losses.copper)) : 0
}
