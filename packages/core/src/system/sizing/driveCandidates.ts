import { continuousTorque, fitMotorLosses, heatPath, heatTorque, LEG_EFFICIENCY, motorLoss, REDUCTION_CHOICES, REDUCTION_EFFICIENCY, SHAFT_EFFICIENCY, type MotorSpec, type ReductionSpec } from '../../drive'
import { B_SERIES_RANGE, kellerAreaRatio, propellerOptimum, seriesPropeller, STOCK_STEP, stockSize, waterjet, type JetSpec, type Propulsor } from '../../propulsor'
import type { Library } from '../../parts'
import { hasLeg } from '../../resistance'
import { hullResistance } from '../hullResistance'
import type { Model } from '../model'
import type { DriveCandidate } from './candidate'

/** What the propeller must do at a speed. */
interface Load { speed: number, thrust: number, advanceSpeed: number }

/** Volts of the loaded, half empty pack as a share of the motor's rated volts; the pack is chosen about 6 % above those. */
const LOADED_SHARE = 1
const CONTROLLER_EFFICIENCY = 0.965

/**
 * Every motor, reduction and propeller that could drive the boat, with how far each stays inside its ratings.
 *
 * @param model the boat; what is held in it is kept
 * @param library parts to choose from
 * @returns candidates, in no order
 */
export function driveCandidates(model: Model, library: Library): DriveCandidate[] {
  const { project } = model
  const { use, held, boat } = project
  const cruise = loadAt(model, use.cruiseSpeed), top = loadAt(model, Math.max(use.topSpeed, use.cruiseSpeed))
  const leg = hasLeg(boat.drive.kind)
  const reductions = leg ? REDUCTION_CHOICES.filter(r => r.kind === 'direct') : REDUCTION_CHOICES
  const motors = held.motor ? [project.design.motor] : library.motors
  const found: DriveCandidate[] = []
  for (const motor of motors) {
    const fit = fitMotorLosses(motor)
    if (fit.outcome !== 'fitted') continue
    const path = heatPath(motor, fit.losses, project.design.cooling ?? motor.cooling, { ambient: use.ambient, water: boat.waterTemperature })
    for (const reduction of reductions) {
      const ratio = reduction.ratio * (leg ? boat.drive.legRatio : 1)
      const transmission = REDUCTION_EFFICIENCY[reduction.kind] * (leg ? LEG_EFFICIENCY : SHAFT_EFFICIENCY)
      const greatest = freeSpeed(motor, fit.losses.resistance, fit.losses.torqueConstant) / ratio
      for (const { propulsor, propeller, jet } of pushers(model, library, top, greatest)) {
        const at = (load: Load) => {
          const { omega, torque } = motorAt(model, load, propulsor, ratio, transmission)
          return { omega, torque, phase: torque / fit.losses.torqueConstant, power: (torque * omega + motorLoss(fit.losses, torque, omega)) / CONTROLLER_EFFICIENCY }
        }
        const c = at(cruise), t = at(top)
        const excess = Math.max(
          c.torque / (heatTorque(path, fit.losses, c.omega) || 1e-6),
          c.torque / (continuousTorque(motor, c.omega) || 1e-6) / (1 - use.headroom),
          t.torque / (continuousTorque(motor, t.omega) || 1e-6),
          t.omega / (2 * Math.PI) / (greatest * ratio) - 0.002,
        )
        found.push({ motor, reduction, propeller, jet, excess, cruisePower: c.power, topPower: t.power, cruisePhase: c.phase, topPhase: t.phase })
      }
    }
  }
  return found
}

interface Pusher { propulsor: Propulsor, propeller: DriveCandidate['propeller'], jet: JetSpec }

/** What could push the boat: the held propeller or jet, else the best propeller for these turns, or every jet that takes the power. */
function pushers(model: Model, library: Library, top: Load, greatestShaftSpeed: number): Pusher[] {
  const { design, held, boat } = model.project
  if (boat.drive.kind === 'jet') {
    const jets = held.propeller ? [design.jet] : library.jets.filter(jet => jet.impellerDiameter <= boat.drive.greatestDiameter + 1e-6)
    return jets.map(jet => ({ propulsor: waterjet(jet), propeller: design.propeller, jet }))
  }
  const propeller = held.propeller ? design.propeller : bestPropeller(model, top, greatestShaftSpeed)
  return propeller ? [{ propulsor: seriesPropeller(propeller), propeller, jet: design.jet }] : []
}

function loadAt(model: Model, speed: number): Load {
  return {
    speed, thrust: Math.max(1, hullResistance(model, speed).centre / (1 - model.interaction.thrustDeduction)),
    advanceSpeed: speed * (1 - model.interaction.wakeFraction),
  }
}

/** rev/s that the motor reaches at its rated torque on a loaded pack of its rated voltage. */
function freeSpeed(motor: MotorSpec, resistance: number, kt: number): number {
  const torque = motor.ratedPower / (motor.ratedRpm * 2 * Math.PI / 60)
  const omega = (LOADED_SHARE * motor.ratedVoltage - torque / kt * resistance) / kt
  return Math.min(motor.greatestRpm / 60, omega / (2 * Math.PI))
}

function bestPropeller(model: Model, top: Load, greatestShaftSpeed: number): DriveCandidate['propeller'] | null {
  const { drive } = model.project.boat
  const diameter = stockSize(drive.greatestDiameter, 'down')
  let blades = 3
  let areaRatio = Math.max(0.45, Math.ceil(20 * kellerAreaRatio(top.thrust, diameter, blades, drive.shaftDepth, model.water.density)) / 20)
  if (areaRatio > 0.8) {
    blades = 4
    areaRatio = Math.min(1, Math.ceil(20 * kellerAreaRatio(top.thrust, diameter, blades, drive.shaftDepth, model.water.density)) / 20)
  }
  const load = { thrust: top.thrust, advanceSpeed: top.advanceSpeed, density: model.water.density }
  const best = propellerOptimum(load, diameter, areaRatio, blades, greatestShaftSpeed)
  if (best.shaftSpeed > 1.01 * greatestShaftSpeed) return null
  const [least, most] = B_SERIES_RANGE.pitchRatio
  const pitch = stockSize(Math.min(most * diameter - STOCK_STEP / 2, Math.max(least * diameter + STOCK_STEP / 2, best.pitchRatio * diameter)))
  return { ...model.project.design.propeller, diameter, pitch, areaRatio, blades }
}

function motorAt(model: Model, load: Load, propulsor: Propulsor, ratio: number, transmission: number): { omega: number, torque: number } {
  const { shaftSpeed, torque } = propulsor.at(load.thrust, load.advanceSpeed, model.water.density)
  return { omega: 2 * Math.PI * shaftSpeed * ratio, torque: torque / model.interaction.relativeRotative / (ratio * transmission) }
}

/** The kinds of reduction in words, for reasons. */
export const reductionText = (reduction: ReductionSpec): string =>
  reduction.kind === 'direct' ? 'Direct drive' : `${reduction.kind === 'belt' ? 'Belt' : 'Gear'} ${reduction.ratio} : 1`
