import { findRoot } from '../../numeric'
import { ENGINES } from '../../oldEngine'
import { LEG_EFFICIENCY, REDUCTION_EFFICIENCY, SHAFT_EFFICIENCY } from '../../drive'
import { hasLeg } from '../../hull'
import type { MadeWith } from '../../project/told/madeWith'
import { idealEfficiency } from '../../propulsor'
import type { Reading } from '../../trial'
import { driveTrain } from '../driveTrain'
import type { Model } from '../model'

/** A propeller on a combustion engine gives so much of what its disc could at best (0.7 to 0.8, common practice). */
const USUAL_OF_IDEAL = 0.75

/**
 * What of the watts at a battery reaches the water through a drive of which nothing is known: 40 % with kilowatts, a
 * quarter with a few watts, where controller, idle and the resistors of a slow notch take most (common practice: 30 to
 * 50 % for conversions, 15 to 35 % for small motors; from memory).
 */
const USUAL_EFFICIENCY = 0.4,
  LESS_OF_LITTLE = 0.4,
  LITTLE = 150
/** What that leaves open, σ of ln: of kilowatts, and more of a few watts (judgement, as above). */
const DRIVE_OPEN = 0.25,
  OPEN_OF_LITTLE = 0.35
const ofLittle = (watts: number) => Math.exp(-watts / LITTLE)

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
  const power = resistance * speed
  switch (kind) {
    case 'battery':
      return made === 'asFitted'
        ? driveTrain(model, speed, resistance).packPower
        : power / (USUAL_EFFICIENCY * (1 - LESS_OF_LITTLE * ofLittle(power)))
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
  /** σ of ln R that the drive of then leaves open, where it is not the one that is fitted */
  open: number
}

/**
 * Resistance that a reading means, through the drive that it was made with.
 *
 * @param model the boat as she was
 * @param reading what was read
 * @param made with which drive: watts at the battery of one that is not known tell through what is usual
 * @returns N and its slope; null when house and idle alone take more than was read
 */
export function resistanceOfReading(
  model: Model,
  reading: Pick<Reading, 'kind' | 'speed' | 'value'>,
  made: MadeWith = 'asFitted',
): ReadResistance | null {
  const at = (value: number): number | null => {
    let most = Math.max(10, (2 * value) / reading.speed)
    const beyond = (r: number) => shownAt(model, reading, r, made) - value
    // rpm and fuel say nothing of newtons at first sight
    for (let i = 0; i < 40 && beyond(most) < 0; i++) most *= 2
    const found = findRoot(beyond, 0, most, 1e-3)
    return found.outcome === 'noBracket' ? null : found.x
  }
  const resistance = at(reading.value),
    more = at(reading.value * (1 + STEP))
  if (!resistance || !more) return null
  const { kind, speed } = reading
  const open =
    made === 'asFitted' || (kind !== 'battery' && kind !== 'shaft')
      ? 0
      : kind === 'shaft'
        ? DRIVE_OPEN
        : DRIVE_OPEN + OPEN_OF_LITTLE * ofLittle(resistance * speed)
  return { resistance, slope: Math.log(more / resistance) / Math.log(1 + STEP), open }
}
