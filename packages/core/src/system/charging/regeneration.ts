import { motorLoss } from '../../drive'
import { findRoot } from '../../numeric'
import { windmill, WINDMILL_SHARE } from '../../propulsor'
import { centreResistance } from '../curve/hullResistance'
import type { Model } from '../model'

/** What the propeller gives back under sail at a speed. W, N, m/s. */
export interface Regeneration {
  /** at the propeller's shaft */
  shaftPower: number
  /** into the pack, after gear, motor at its small load, and controller */
  packPower: number
  low: number
  high: number
  drag: number
  speedLost: number
}

/**
 * What a towed propeller gives to the pack, with the motor's real losses at that small load, and what it costs.
 *
 * @param model a boat with a propeller
 * @param speed under sail, m/s
 * @returns power with its range, drag, and the speed lost at the same pull of the sails
 *
 * Source: windmill(); loss model of the motor; speed lost = drag ÷ slope of resistance.
 */
export function regenerationAt(model: Model, speed: number): Regeneration {
  const { design } = model.project
  const waterSpeed = speed * (1 - model.interaction.wakeFraction)
  const into = (share: number) => {
    const w = windmill(design.propeller, waterSpeed, model.water.density, share)
    const omega = 2 * Math.PI * w.shaftSpeed * model.totalRatio
    const atMotor = w.shaftPower * model.transmission
    const losses = model.motor.outcome === 'fitted' ? model.motor.losses : null
    const lost = losses && omega > 0 ? motorLoss(losses, atMotor / omega, omega) : 0
    const each = Math.max(0, (atMotor - lost) * design.controller.efficiency - design.controller.idlePower)
    return { shaftPower: model.drives * w.shaftPower, drag: model.drives * w.drag, packPower: model.drives * each }
  }
  const usual = into(WINDMILL_SHARE.usual)
  const given = [usual, into(WINDMILL_SHARE.low), into(WINDMILL_SHARE.high)].map(w => w.packPower)
  const step = 0.05
  const slope =
    speed > step
      ? (centreResistance(model, speed + step) - centreResistance(model, speed - step)) / (2 * step)
      : Infinity
  return {
    shaftPower: usual.shaftPower,
    packPower: usual.packPower,
    // a share of more is not always more into the pack: the motor's loss at its turns comes off
    low: Math.min(...given),
    high: Math.max(...given),
    drag: usual.drag,
    speedLost: usual.packPower > 0 && slope > 0 ? Math.min(speed, usual.drag / slope) : 0,
  }
}

/** Hours of full sun on a flat panel in a summer day of middle latitudes (common practice: about four). */
const SUN_HOURS = 4

/**
 * Panel that gives as much on a summer day.
 *
 * @param energy J a day
 * @returns W of flat panel
 * @example panelFor(1_440_000) // 100.0
 */
export function panelFor(energy: number): number {
  return energy / 3600 / SUN_HOURS
}

/**
 * Speed under sail below which nothing reaches the pack.
 *
 * @param model a boat with a propeller
 * @returns m/s, or null when nothing does even at 15 m/s
 */
export function regenerationStart(model: Model): number | null {
  const gives = (speed: number) => regenerationAt(model, speed).packPower - 1
  const found = findRoot(gives, 0.3, 15, 0.01)
  return found.outcome === 'noBracket' ? (found.fLow > 0 ? 0.3 : null) : found.x
}
