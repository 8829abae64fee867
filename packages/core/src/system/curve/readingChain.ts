import { findRoot } from '../../numeric'
import { ENGINES } from '../../oldEngine'
import { LEG_EFFICIENCY, REDUCTION_EFFICIENCY, SHAFT_EFFICIENCY } from '../../drive'
import { hasLeg } from '../../hull'
import { idealEfficiency } from '../../propulsor'
import type { Reading } from '../../trial'
import { driveTrain } from '../driveTrain'
import type { Model } from '../model'

/** A propeller on a combustion engine gives so much of what its disc could at best (0.7 to 0.8, common practice). */
const USUAL_OF_IDEAL = 0.75

/**
 * What a reading of its kind would show at a resistance, through the drive of then.
 *
 * @param model the boat as she was
 * @param reading its kind and speed
 * @param resistance N
 * @returns in the reading's own SI unit
 */
function shownAt(model: Model, { kind, speed }: Pick<Reading, 'kind' | 'speed'>, resistance: number): number {
  switch (kind) {
    case 'battery':
      return driveTrain(model, speed, resistance).packPower
    case 'shaft':
      return driveTrain(model, speed, resistance).shaftPower
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
}

/**
 * Resistance that a reading means, through the drive that it was made with.
 *
 * @param model the boat as she was
 * @param reading what was read
 * @returns N and its slope; null when house and idle alone take more than was read
 */
export function resistanceOfReading(
  model: Model,
  reading: Pick<Reading, 'kind' | 'speed' | 'value'>,
): ReadResistance | null {
  const at = (value: number): number | null => {
    let most = Math.max(10, (2 * value) / reading.speed)
    const beyond = (r: number) => shownAt(model, reading, r) - value
    // rpm and fuel say nothing of newtons at first sight
    for (let i = 0; i < 40 && beyond(most) < 0; i++) most *= 2
    const found = findRoot(beyond, 0, most, 1e-3)
    return found.outcome === 'noBracket' ? null : found.x
  }
  const resistance = at(reading.value),
    more = at(reading.value * (1 + STEP))
  if (!resistance || !more) return null
  return { resistance, slope: Math.log(more / resistance) / Math.log(1 + STEP) }
}
