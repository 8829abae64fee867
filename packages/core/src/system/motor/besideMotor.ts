import { findRoot } from '../../numeric'
import type { Project } from '../../project/definition/projectFields'
import { driveTrain } from '../driveTrain'
import { centreResistance } from '../curve/hullResistance'
import { modelOf, type Model } from '../model'

/** Who pushes at one speed. m/s, N, W. */
export interface SharedPush {
  speed: number
  resistance: number
  /** of the helper; never more than the boat asks */
  helper: number
  /** what the motor must add, and what that takes from the pack without the house */
  motor: number
  packPower: number
}

/** A boat driven by its motor and something else. */
export interface BesideMotor {
  /** by the helper alone, and with the motor's watts added */
  alone: number
  together: number
  /** by the motor's watts alone */
  motorAlone: number
  /** at the speed of both */
  share: SharedPush
  rows: SharedPush[]
}

/**
 * Share of a person's or an engine's power that becomes thrust power: oars 0.6 to 0.7, pedals on a small propeller
 * about 0.6, an engine with its old propeller 0.45 to 0.55 (common practice).
 */
export const HELPER_EFFICIENCY: Readonly<Record<'pedals' | 'oars' | 'engine', number>> = {
  pedals: 0.6,
  oars: 0.65,
  engine: 0.5,
}
/** Below this speed, m/s, a push does not grow any more: no propeller and no arm turns power into pull without end. */
const PUSH_FROM = 0.8
/** Slowest and fastest that are looked for, over the speed wished at top. */
const CRAWL = 0.1,
  FAR = 1.6

/**
 * Push of a helper at a speed. Sails push as hard as the speed under sail alone implies: their wind changes little by a
 * knot more.
 *
 * @param project the boat, with what helps her
 * @param speed m/s
 * @returns N
 */
export function helperPush(project: Project, speed: number): number {
  const { kind, sailSpeed, power } = project.use.beside
  if (kind === 'none') return 0
  if (kind === 'sails') return centreResistance(modelOf(project), sailSpeed)
  return (HELPER_EFFICIENCY[kind] * power) / Math.max(PUSH_FROM, speed)
}

/**
 * Speed with and without the motor beside sails, pedals, oars or the old engine, and who pushes how hard.
 *
 * @param project the boat; what helps her and the motor's watts stand in `use.beside`
 * @param count of speeds in the rows
 * @returns speeds and shares; null without a helper
 *
 * Source: the helper's push and the motor's thrust add to the boat's resistance at the speed that they reach.
 */
export function besideMotor(project: Project, count = 9): BesideMotor | null {
  const { kind, motorPower } = project.use.beside
  if (kind === 'none') return null
  const model = modelOf(project)
  const most = FAR * Math.max(project.use.topSpeed, project.use.cruiseSpeed)
  const left = (speed: number) => centreResistance(model, speed) - helperPush(project, speed)
  const alone = reached(left, most)
  // watts that the motor lacks at a speed: it pushes what is left of the resistance
  const together = reached(speed => driveWatts(model, speed, Math.max(0, left(speed))) - motorPower, most)
  const motorAlone = reached(speed => driveWatts(model, speed, centreResistance(model, speed)) - motorPower, most)
  const at = (speed: number): SharedPush => {
    const resistance = centreResistance(model, speed),
      helper = Math.min(resistance, helperPush(project, speed))
    return {
      speed,
      resistance,
      helper,
      motor: resistance - helper,
      packPower: driveWatts(model, speed, resistance - helper),
    }
  }
  const end = Math.max(together, project.use.cruiseSpeed)
  const rows = Array.from({ length: count }, (_, i) => at((end * (i + 1)) / count))
  return { alone, together, motorAlone, share: at(together), rows }
}

/** Watts into the controller, its idle ones only while it pushes. */
function driveWatts(model: Model, speed: number, pull: number): number {
  return pull > 0 && speed > 0 ? driveTrain(model, speed, pull).controllerInput : 0
}

/** Speed at which a lack of push becomes none. */
function reached(lack: (speed: number) => number, most: number): number {
  if (lack(CRAWL) >= 0) return 0
  const root = findRoot(lack, CRAWL, most, 1e-4)
  return root.outcome === 'noBracket' ? most : root.x
}
