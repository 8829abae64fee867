import { controllerTemperature, temperaturesAfter, type MotorTemperatures } from '../../drive'
import { findRoot } from '../../numeric'
import { coldDrive, driveHeat, driveWarming, motorHeatAt } from './driveHeat'
import { driveTrain, type DriveTrain } from '../driveTrain'
import { stretchOf } from '../energy'
import { centreResistance } from '../curve/hullResistance'
import type { Model } from '../model'

/** The speed that the drive's heat allows all day, and the drive there. */
export interface HeatLimited {
  speed: number
  train: DriveTrain
}

const trainAt = (model: Model, speed: number) => driveTrain(model, speed, centreResistance(model, speed))

/**
 * What the power drops to when the drive has become too hot at a speed: the greatest speed below it at which the
 * winding stays at
 * its limit and the controller does not cut back, held for ever.
 *
 * @param model the boat
 * @param speed m/s, at which she would like to go
 * @returns speed and drive; null when that speed holds, or the nameplate cannot be
 *
 * Source: steady state of the two-node network and the controller's node.
 */
export function heatLimited(model: Model, speed: number): HeatLimited | null {
  // above 0 too hot: the worse of winding and controller, K
  const excess = (v: number) => {
    const train = trainAt(model, v),
      w = driveWarming(model, train, train)
    return w ? Math.max(w.motor.winding - w.limit, w.controller - model.project.design.controller.rollbackFrom) : -1
  }
  const slow = 0.05
  if (excess(speed) <= 0) return null
  const root = findRoot(excess, slow, speed, 1e-3)
  const found = root.outcome === 'noBracket' ? slow : root.x
  return { speed: found, train: trainAt(model, found) }
}

/**
 * Longest push at top at the end of the day, s, and as a share of the day (common practice: the last mile against wind
 * and tide).
 */
const PUSH = { longest: 1800, share: 0.2 }

/** Temperatures over a whole day out. s, K, m/s. */
export interface DayWarming {
  time: number[]
  winding: number[]
  case: number[]
  controller: number[]
  /** begins at this time at top, warm from cruise */
  pushFrom: number
  /** when the power had to drop, and to what; null when all of it holds */
  drop: (HeatLimited & { time: number }) | null
}

/**
 * Temperatures over the whole use: cold start, cruise for its time, then a push at top, dropped to what heat allows
 * when the winding
 * is at its limit or the controller cuts back.
 *
 * @param model the boat
 * @param count of times
 * @returns curves; null when the nameplate cannot be
 */
export function dayWarming(model: Model, count = 121): DayWarming | null {
  const ways = driveHeat(model)
  if (!ways) return null
  const { use, design } = model.project
  const { duration } = stretchOf(use)
  const push = Math.min(PUSH.longest, PUSH.share * duration),
    pushFrom = duration
  const cruise = trainAt(model, use.cruiseSpeed),
    top = trainAt(model, Math.max(use.topSpeed, use.cruiseSpeed))
  const day: DayWarming = { time: [], winding: [], case: [], controller: [], pushFrom, drop: null }
  let motor: MotorTemperatures = coldDrive(ways.path),
    controller = ways.controller.ambient,
    before = 0
  // half of the points for the push: it is short, and where it matters
  const half = Math.floor(count / 2)
  const times = Array.from({ length: count }, (_, i) =>
    i <= half ? (pushFrom * i) / half : pushFrom + (push * (i - half)) / (count - 1 - half),
  )
  for (const time of times) {
    const train = day.drop ? day.drop.train : time > pushFrom ? top : cruise
    motor = temperaturesAfter(ways.path, motorHeatAt(model, train), motor, time - before)
    controller = controllerTemperature(ways.controller, train.controllerLoss / model.drives, controller, time - before)
    before = time
    day.time.push(time)
    day.winding.push(motor.winding)
    day.case.push(motor.case)
    day.controller.push(controller)
    if (!day.drop && (motor.winding > ways.path.limit || controller > design.controller.rollbackFrom)) {
      const limited = heatLimited(model, time > pushFrom ? Math.max(use.topSpeed, use.cruiseSpeed) : use.cruiseSpeed)
      if (limited) day.drop = { ...limited, time }
    }
  }
  return day
}
