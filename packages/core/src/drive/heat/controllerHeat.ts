import type { ControllerSpec } from '../controllerSpec'
import { PLATE_AIR } from './heatPath'

/** Heat of a controller with its plate, J/(kg K) (aluminium, common practice). */
const HEAT = 800

/** One node: K/W, J/K, K. */
export interface ControllerHeat {
  toAir: number
  heat: number
  ambient: number
  from: number
  to: number
}

/**
 * What a controller is at least warmer than the plate's air when it cuts back, K: a plate that says less contradicts
 * itself.
 */
export const LEAST_RISE = 5

/**
 * The way of a controller's heat: at its all-day battery amps and middle voltage, in 40 °C, it is just where it begins
 * to cut back.
 *
 * @param controller plate
 * @param ambient air beside it, K
 * @returns one node
 *
 * Source: one-node network through the plate's own rating (common practice).
 */
export function controllerHeat(controller: ControllerSpec, ambient: number): ControllerHeat {
  const volts = (controller.leastVoltage + controller.greatestVoltage) / 2
  const loss = controller.batteryCurrent * volts * (1 - controller.efficiency) + controller.idlePower
  return {
    toAir: Math.max(LEAST_RISE, controller.rollbackFrom - PLATE_AIR) / loss,
    heat: controller.mass * HEAT,
    ambient,
    from: controller.rollbackFrom,
    to: controller.rollbackTo,
  }
}

/**
 * Temperature of a controller after a time at steady loss.
 *
 * @param node its way of heat
 * @param loss W
 * @param start K
 * @param time s
 * @returns K
 *
 * Source: T = T∞ − (T∞ − T0) e^(−t/RC).
 */
export function controllerTemperature(node: ControllerHeat, loss: number, start: number, time: number): number {
  const end = node.ambient + node.toAir * loss
  return end - (end - start) * Math.exp(-time / (node.toAir * node.heat))
}

/**
 * Share of its power that a controller still gives at a temperature: all of it up to where it begins to cut back, then
 * in a straight line to nothing.
 *
 * @param node its limits
 * @param temperature K
 * @returns 0 … 1
 * @example rollback({ from: 353, to: 368 }, 360.5) // 0.5000
 */
export function rollback({ from, to }: { from: number; to: number }, temperature: number): number {
  return temperature <= from ? 1 : temperature >= to ? 0 : (to - temperature) / (to - from)
}
