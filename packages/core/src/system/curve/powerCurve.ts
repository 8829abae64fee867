import { hullSpeed } from '../../hull'
import type { Project } from '../../project/definition/projectFields'
import { driveTrain } from '../driveTrain'
import { modelOf } from '../model'
import { operatingPoint, type OperatingPoint } from '../operatingPoint'
import { limitingSpeed } from '../../resistance'
import { waterwayOf } from './theoryResistance'
import { KNOT } from '../../constants'

/**
 * Speeds of the power curve: from half a knot to a fifth beyond hull speed (in shallow water or a canal to the speed
 * that no boat passes), or a tenth beyond the wished top if that is more.
 *
 * @param project the boat
 * @param count how many, 2 or more
 * @returns m/s, rising
 */
export function curveSpeeds(project: Project, count = 60): number[] {
  const first = 0.5 * KNOT
  const model = modelOf(project),
    waterway = waterwayOf(model),
    natural = 1.2 * hullSpeed(model.form.lengthWaterline)
  // no displacement hull passes the wave of her canal
  const most = waterway && !model.form.bottom ? Math.min(natural, limitingSpeed(waterway)) : natural
  const last = Math.max(most, 1.1 * project.use.topSpeed)
  return Array.from({ length: count }, (_, i) => first + ((last - first) * i) / (count - 1))
}

/**
 * The whole power curve, every method at every speed.
 *
 * @param project the boat
 * @param count of speeds
 * @returns operating points, slow to fast
 */
export function powerCurve(project: Project, count = 60): OperatingPoint[] {
  const model = modelOf(project)
  return curveSpeeds(project, count).map(speed => operatingPoint(model, speed))
}

/** One method's shaft power along the curve, W, and whether it holds at each speed. */
export interface MethodCurve {
  id: string
  shaftPower: number[]
  holds: boolean[]
}

/**
 * Shaft power that each method by itself would ask for, through this boat's propeller and transmission.
 *
 * @param project the boat
 * @param points the power curve
 * @returns a curve for each method
 */
export function methodCurves(project: Project, points: readonly OperatingPoint[]): MethodCurve[] {
  const model = modelOf(project)
  return model.methods.map(({ method }, i) => ({
    id: method.id,
    shaftPower: points.map(p => driveTrain(model, p.speed, p.resistance.methods[i]!.value).shaftPower),
    holds: points.map(p => p.resistance.methods[i]!.holds),
  }))
}
