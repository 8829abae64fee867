import {
  boxRise,
  CONTROLLER_PATH,
  COOLINGS,
  controllerHeat,
  controllerTemperature,
  heatPath,
  heatTorque,
  motorHeat,
  rollback,
  steadyTemperatures,
  temperaturesAfter,
  timeToLimit,
  type ControllerHeat,
  type Cooling,
  type HeatPath,
  type HeatTime,
  type MotorHeat,
  type MotorTemperatures,
} from '../../drive'
import type { Project } from '../../project/definition/projectFields'
import type { DriveTrain } from '../driveTrain'
import type { Model } from '../model'

/** The ways of the heat of a boat's motor and controller; null when the nameplate cannot be. */
export interface DriveHeat {
  path: HeatPath
  controller: ControllerHeat
}

/** The motor's cooling as fitted. */
export const fittedCooling = ({ cooling, motor }: Project['design']): Cooling => cooling ?? motor.cooling

/** Air and water around the drive, K. */
const around = ({ project }: Model) => ({ ambient: project.use.ambient, water: project.boat.waterTemperature })

/**
 * The ways of the heat of a boat's motor and controller.
 *
 * @param model the boat
 * @param cooling another than the one fitted, to compare
 * @returns both ways, or null when the nameplate cannot be
 */
export function driveHeat(model: Model, cooling: Cooling = fittedCooling(model.project.design)): DriveHeat | null {
  const { motor, controller } = model.project.design
  if (model.motor.outcome !== 'fitted') return null
  return {
    path: heatPath(motor, model.motor.losses, cooling, around(model)),
    controller: controllerAsBuilt(model, controllerHeat(controller, model.project.use.ambient)),
  }
}

/** Coolant is so much warmer than the water outside, K (common practice). */
const LOOP_RISE = 10

/** A heat sink or a water block lets the controller's heat out more easily; a closed box keeps it in. */
function controllerAsBuilt({ project: { design, boat } }: Model, node: ControllerHeat): ControllerHeat {
  const { controller, boxArea } = design.cooler
  return {
    ...node,
    ambient: controller === 'water block' ? boat.waterTemperature + LOOP_RISE : node.ambient,
    toAir: node.toAir * CONTROLLER_PATH[controller] + (controller === 'box' ? boxRise(1, boxArea) : 0),
  }
}

/** What the drive's losses at a point do. */
export function motorHeatAt(model: Model, train: DriveTrain): MotorHeat {
  if (model.motor.outcome !== 'fitted') return { winding: 0, case: 0 }
  const heat = motorHeat(model.motor.losses, train.motorTorque, (train.motorRpm * Math.PI) / 30)
  return { ...heat, winding: heat.winding + train.weakeningLoss / model.drives }
}

/** Everything cold: at the temperature of what cools it. */
export const coldDrive = (path: HeatPath): MotorTemperatures => ({ winding: path.sink, case: path.sink })

/** How warm the drive becomes at a point, and when it must drop. K, s. */
export interface DriveWarming {
  /** the winding's greatest, K */
  limit: number
  motor: MotorTemperatures
  controller: number
  /** from cold, and from the steady state of cruise */
  fromCold: HeatTime
  fromCruise: HeatTime
  /** share of its power that the controller still gives in the end */
  rollback: number
  /** s until the controller begins to cut back; Infinity when never */
  rollbackAfter: number
}

/**
 * How warm motor and controller become at a point.
 *
 * @param model the boat
 * @param train the drive at that point
 * @param cruise the drive at cruise
 * @returns steady temperatures and times; null when the nameplate cannot be
 */
export function driveWarming(model: Model, train: DriveTrain, cruise: DriveTrain): DriveWarming | null {
  const ways = driveHeat(model)
  if (!ways) return null
  const { path, controller } = ways
  const heat = motorHeatAt(model, train)
  const end = controller.ambient + (controller.toAir * train.controllerLoss) / model.drives
  // in air that is warmer than that it cuts back at once
  const beginsAt =
    end <= controller.from
      ? Infinity
      : controller.ambient >= controller.from
        ? 0
        : -controller.toAir * controller.heat * Math.log((end - controller.from) / (end - controller.ambient))
  const warm = steadyTemperatures(path, motorHeatAt(model, cruise))
  return {
    limit: path.limit,
    motor: steadyTemperatures(path, heat),
    controller: end,
    fromCold: timeToLimit(path, heat, coldDrive(path)),
    fromCruise: timeToLimit(
      path,
      heat,
      warm.winding < path.limit ? warm : { winding: path.limit - 1, case: warm.case },
    ),
    rollback: rollback(controller, end),
    rollbackAfter: beginsAt,
  }
}

/** Temperatures over time at a steady point. s, K. */
export interface WarmingCurve {
  time: number[]
  winding: number[]
  case: number[]
  controller: number[]
}

/**
 * Temperatures from cold over a time at a steady point.
 *
 * @param model the boat
 * @param train the drive there
 * @param duration s
 * @param count of times
 * @returns curves; null when the nameplate cannot be
 */
export function warmingCurve(model: Model, train: DriveTrain, duration: number, count = 61): WarmingCurve | null {
  const ways = driveHeat(model)
  if (!ways) return null
  const heat = motorHeatAt(model, train),
    start = coldDrive(ways.path)
  const time = Array.from({ length: count }, (_, i) => (duration * i) / (count - 1))
  const motor = time.map(t => temperaturesAfter(ways.path, heat, start, t))
  return {
    time,
    winding: motor.map(t => t.winding),
    case: motor.map(t => t.case),
    controller: time.map(t =>
      controllerTemperature(ways.controller, train.controllerLoss / model.drives, ways.controller.ambient, t),
    ),
  }
}

/** What a kind of cooling lets the motor give all day at its rated speed. */
export interface CoolingChoice {
  cooling: Cooling
  power: number
  fitted: boolean
}

/**
 * All-day power by kind of cooling, at rated speed, on this hot day and in this water.
 *
 * @param model the boat
 * @returns W by cooling; empty when the nameplate cannot be
 */
export function coolingChoices(model: Model): CoolingChoice[] {
  const { motor } = model.project.design
  if (model.motor.outcome !== 'fitted') return []
  const { losses } = model.motor
  const omega = (motor.ratedRpm * Math.PI) / 30
  const fitted = fittedCooling(model.project.design)
  return COOLINGS.map(cooling => ({
    cooling,
    fitted: cooling === fitted,
    power: heatTorque(heatPath(motor, losses, cooling, around(model)), losses, omega) * omega,
  }))
}
