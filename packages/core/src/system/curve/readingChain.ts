import { findRoot } from '../../numeric'
import { ENGINES } from '../../oldEngine'
import { LEG_EFFICIENCY, REDUCTION_EFFICIENCY, SHAFT_EFFICIENCY } from '../../drive'
import { hasLeg } from '../../hull'
import type { MadeWith } from '../../project/told/madeWith'
import { idealEfficiency } from '../../propulsor'
import type { Reading } from '../../trial'
import { driveTrain } from '../driveTrain'
import { reachesWater, type DriveOfReading } from './driveThen'
import type { Model } from '../model'

/** A propeller on a combustion engine gives so much of what its disc could at best (0.7 to 0.8, common practice). */
const USUAL_OF_IDEAL = 0.75

/**
 * What power at the old engine's shaft leaves open of the hull, σ of ln, since its propeller is not known, and what its
 * fuel leaves open besides for ln of its load: an engine at a tenth of its power burns up to twice what is usual for
 * each kWh (judgement; handbook, edges and readings).
 */
const SHAFT_OPEN = 0.16,
  THROTTLED = 0.15
/** W that stand still at the fitted drive beyond what is reckoned, and the share of the house that may be wrong. */
const IDLE_OPEN = 5,
  HOUSE_OPEN = 0.3

/**
 * What a reading of its kind would show at a resistance, through the drive of then.
 *
 * @param model the boat as she was
 * @param reading its kind and speed
 * @param resistance N
 * @param made with which drive
 * @returns in the reading's own SI unit
 */
function shownAt(
  model: Model,
  { kind, speed }: Pick<Reading, 'kind' | 'speed'>,
  resistance: number,
  made: MadeWith,
): number {
  switch (kind) {
    case 'battery':
      return driveTrain(model, speed, resistance).packPower
    case 'shaft':
      return made === 'asFitted'
        ? driveTrain(model, speed, resistance).shaftPower
        : enginePower(model, speed, resistance)
    case 'rpm':
      return driveTrain(model, speed, resistance).motorRpm / 60
    case 'pull':
      return resistance
    case 'engine':
      return enginePower(model, speed, resistance)
    case 'fuel': {
      const [least, most] = ENGINES[model.project.boat.oldEngine.kind].fuelPerJoule
      return (enginePower(model, speed, resistance) * (least + most)) / 2
    }
  }
}

/**
 * Power that the old engine gave, W: its propeller filled the room that there is and was as good as usual; a jet is the
 * one on board.
 */
function enginePower(model: Model, speed: number, resistance: number): number {
  const { interaction, water, project } = model
  const { kind, greatestDiameter } = project.boat.drive
  const { wakeFraction, thrustDeduction, relativeRotative } = interaction
  const gears = hasLeg(kind) ? LEG_EFFICIENCY : SHAFT_EFFICIENCY * REDUCTION_EFFICIENCY.gear
  if (kind === 'jet') return driveTrain(model, speed, resistance).deliveredPower / SHAFT_EFFICIENCY
  const thrust = resistance / (1 - thrustDeduction),
    advance = speed * (1 - wakeFraction)
  const efficiency = USUAL_OF_IDEAL * idealEfficiency(thrust / model.drives, advance, greatestDiameter, water.density)
  return (thrust * advance) / (efficiency * relativeRotative * gears)
}

/** How far a value is moved to see what its doubt means for the resistance. */
const STEP = 0.02

/** A reading as resistance. */
export interface ReadResistance {
  /** N */
  resistance: number
  /** how much ln R moves for ln of what was read */
  slope: number
  /**
   * σ of ln R that the drive of then leaves open, shared by all that was read through it: what it makes of its watts
   * flat out, how that fades at part load, what goes on with no thrust
   */
  shared: readonly [full: number, fade: number, idle: number]
  /** the same of each reading by itself */
  open: number
}

/** The drive that a reading was made with. */
export interface MadeBy extends DriveOfReading {
  made: MadeWith
}

/**
 * Resistance that a reading means, through the drive that it was made with.
 *
 * @param model the boat as she was
 * @param reading what was read
 * @param by the drive; left out for the one that is fitted. Watts at the battery of another tell through what is usual
 * @returns N and its slope; null when house and idle alone take more than was read
 */
export function resistanceOfReading(
  model: Model,
  reading: Pick<Reading, 'kind' | 'speed' | 'value'>,
  by?: MadeBy,
): ReadResistance | null {
  const { kind, speed, value: read } = reading
  const fitted = !by || by.made === 'asFitted'
  const at = (value: number): number | null => {
    if (kind === 'battery' && !fitted) return reachesWater(by, value).power / speed
    let most = Math.max(10, (2 * value) / speed)
    const beyond = (r: number) => shownAt(model, reading, r, by?.made ?? 'asFitted') - value
    // rpm and fuel say nothing of newtons at first sight
    for (let i = 0; i < 40 && beyond(most) < 0; i++) most *= 2
    const found = findRoot(beyond, 0, most, 1e-3)
    return found.outcome === 'noBracket' ? null : found.x
  }
  const resistance = at(read),
    more = at(read * (1 + STEP))
  if (!resistance || !more) return null
  const slope = Math.log(more / resistance) / Math.log(1 + STEP)
  const of = (shared: ReadResistance['shared'], open = 0): ReadResistance => ({ resistance, slope, shared, open })
  if (kind === 'battery') {
    if (fitted) {
      const { houseLoad } = model.project.use
      return of([0, 0, Math.min(1, (slope * Math.hypot(IDLE_OPEN, HOUSE_OPEN * houseLoad)) / read)])
    }
    const { shared, each } = reachesWater(by, read)
    return of(shared, each)
  }
  const old = kind === 'engine' || kind === 'fuel' || (kind === 'shaft' && !fitted)
  const { ratedPower } = model.project.boat.oldEngine,
    load = kind === 'fuel' && ratedPower > 0 ? enginePower(model, speed, resistance) / ratedPower : 1
  return of([old ? SHAFT_OPEN : 0, THROTTLED * Math.max(0, Math.log(1 / load)), 0])
}
