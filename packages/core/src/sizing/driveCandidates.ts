import {
  continuousTorque,
  fitMotorLosses,
  heatPath,
  heatTorque,
  LEG_EFFICIENCY,
  motorLoss,
  motorTimeFactor,
  REDUCTION_CHOICES,
  REDUCTION_EFFICIENCY,
  REDUCTION_PRICE,
  SHAFT_EFFICIENCY,
  VOLTAGE_REACH,
  type HeatPath,
  type MotorLosses,
  type MotorSpec,
  type ReductionSpec,
  type WholeDriveSpec,
} from '../drive'
import {
  B_SERIES_RANGE,
  kellerAddition,
  kellerAreaRatio,
  propellerOptimum,
  seriesPropeller,
  STOCK_STEP,
  stockSize,
  waterjet,
  type JetSpec,
  type Propulsor,
} from '../propulsor'
import { DRIVE_OF_MOUNT, wholeDriveParts, type Library, type WholeDriveParts } from '../parts'
import type { Project } from '../project/definition/projectFields'
import { hasLeg } from '../hull'
import { centreResistance } from '../system/curve/hullResistance'
import type { Model } from '../system/model'
import type { DriveCandidate } from './candidate'

/**
 * Gears of legs that can be had, from none (a motor in the leg's foot) to those of large outboards (common practice).
 */
const LEG_RATIOS = [1, 1.5, 1.85, 2, 2.2, 2.5] as const
/** A slow motor that the owner has may turn a quicker shaft (common practice: belts and chains to 1 : 2). */
const STEP_UPS: readonly ReductionSpec[] = [0.5, 0.67, 0.8].map(ratio => ({ kind: 'belt', ratio })),
  SLOW_TURNS = 1200
const DIRECT = REDUCTION_CHOICES.find(r => r.kind === 'direct')!

/** What each propeller must do at a speed. */
interface Load {
  speed: number
  thrust: number
  advanceSpeed: number
}

/**
 * Volts of the loaded, half empty pack as a share of the motor's rated volts; the pack is chosen about 6 % above those.
 */
const LOADED_SHARE = 1
const CONTROLLER_EFFICIENCY = 0.965

/**
 * Every motor, reduction and propeller that could drive the boat, with how far each stays inside its ratings.
 *
 * @param model the boat; what is held in it is kept
 * @param library parts to choose from
 * @param weak whether drives that do not turn their propeller fast enough are candidates too
 * @returns candidates, in no order
 */
export function driveCandidates(model: Model, library: Library, weak = false): DriveCandidate[] {
  const run = driveSearch(model, library, weak)
  for (;;) {
    const step = run.next()
    if (step.done) return step.value
  }
}

/**
 * The same as a run that tells its progress: own libraries may hold thousands of motors.
 *
 * @param model the boat
 * @param library parts to choose from
 * @param weak as in driveCandidates
 * @returns yields the share done; returns the candidates
 */
export function* driveSearch(model: Model, library: Library, weak = false): Generator<number, DriveCandidate[]> {
  const { project } = model
  const { use, held, boat } = project
  const cruise = loadAt(model, use.cruiseSpeed),
    top = loadAt(model, Math.max(use.topSpeed, use.cruiseSpeed))
  const leg = hasLeg(boat.drive.kind)
  const transmissionOf = (reduction: ReductionSpec) =>
    REDUCTION_EFFICIENCY[reduction.kind] * (leg ? LEG_EFFICIENCY : SHAFT_EFFICIENCY)
  /** a motor with a reduction and what it could turn */
  const judged = (fitted: FittedMotor, whole: WholeDrive | null, of: Gearing, pusher: Pusher): DriveCandidate => {
    const { motor, losses, path, forTop } = fitted,
      { reduction, legRatio } = of,
      { propulsor, propeller, jet } = pusher
    const ratio = reduction.ratio * legRatio,
      transmission = transmissionOf(reduction)
    const greatest = freeSpeed(motor, losses.resistance, losses.torqueConstant)
    const at = (load: Load) => {
      const { omega, torque } = motorAt(model, load, propulsor, ratio, transmission)
      return {
        omega,
        torque,
        phase: torque / losses.torqueConstant,
        power: (model.drives * (torque * omega + motorLoss(losses, torque, omega))) / CONTROLLER_EFFICIENCY,
      }
    }
    const c = at(cruise),
      t = at(top)
    const excess = Math.max(
      c.torque / (heatTorque(path, losses, c.omega) || 1e-6),
      c.torque / (continuousTorque(motor, c.omega) || 1e-6) / (1 - use.headroom),
      t.torque / (continuousTorque(motor, t.omega) || 1e-6) / forTop,
      t.omega / (2 * Math.PI) / greatest - 0.002,
      // a jet's pump stands what its plate says; what it takes is the motor's power less the shaft's losses
      propulsor.kind === 'jet' ? (t.torque * t.omega * transmission) / jet.ratedPower : 0,
      whole ? 0 : ofOldGears(boat.drive, of, t),
    )
    return {
      motor,
      whole: whole?.spec ?? null,
      builtIn: whole?.controller ?? null,
      reduction,
      legRatio,
      propeller,
      jet,
      excess,
      cruisePower: c.power,
      topPower: t.power,
      cruisePhase: c.phase,
      topPhase: t.phase,
    }
  }
  const fittedMotor = (motor: MotorSpec): FittedMotor | null => {
    const fit = fitMotorLosses(motor)
    if (fit.outcome !== 'fitted') return null
    const path = heatPath(motor, fit.losses, project.design.cooling ?? motor.cooling, {
      ambient: use.ambient,
      water: boat.waterTemperature,
    })
    return { motor, losses: fit.losses, path, forTop: motorTimeFactor(motor, use.topTime) }
  }
  const found = wholeDrivesFor(project, library).flatMap(whole => {
    const fitted = fittedMotor(whole.motor)
    const propeller = held.propeller
      ? project.design.propeller
      : { ...project.design.propeller, ...whole.propeller, efficiencyFactor: null }
    const pusher = { propulsor: seriesPropeller(propeller), propeller, jet: project.design.jet }
    return fitted ? [judged(fitted, whole, { reduction: DIRECT, legRatio: whole.legRatio }, pusher)] : []
  })
  // without an engine there is no leg to set a motor on: what is sold whole comes first
  if (found.some(d => d.excess <= 1) && boat.drive.kind === 'outboard' && boat.oldEngine.ratedPower === 0) return found

  const gearings = gearingsFor(project)
  const motors = held.motor ? [project.design.motor] : worthTrying(library.motors, top.thrust * top.advanceSpeed)
  const propellerFor = bestPropeller(model, top, weak)
  for (const [i, motor] of motors.entries()) {
    if (i % MOTORS_AT_ONCE === MOTORS_AT_ONCE - 1) yield i / motors.length
    const fitted = fittedMotor(motor)
    if (!fitted) continue
    const greatest = freeSpeed(motor, fitted.losses.resistance, fitted.losses.torqueConstant)
    for (const of of gearings) {
      const ratio = of.reduction.ratio * of.legRatio,
        shaft = greatest / ratio
      for (const pusher of pushers(model, library, () => propellerFor(shaft))) {
        const drive = judged(fitted, null, of, pusher)
        found.push(drive)
        // a little too weak at the turns of the best propeller: with less pitch the motor comes to its own turns
        if (held.propeller || pusher.propulsor.kind === 'jet' || drive.excess <= 1 || drive.excess > NEARLY) continue
        const finer = propellerFor(shaft, Math.min(shaft, motor.ratedRpm / 60 / ratio))
        if (!finer || finer.pitch >= pusher.propeller.pitch) continue
        const quicker = judged(fitted, null, of, { ...pusher, propulsor: seriesPropeller(finer), propeller: finer })
        if (quicker.excess <= 1 && quicker.cruisePower <= DEARER * drive.cruisePower) found.push(quicker)
      }
    }
  }
  return found
}

/** A motor ready to be judged with any gearing. */
interface FittedMotor {
  motor: MotorSpec
  losses: MotorLosses
  path: HeatPath
  forTop: number
}

/** A reduction, and the gears in the leg. */
interface Gearing {
  reduction: ReductionSpec
  legRatio: number
}

type WholeDrive = WholeDriveParts & { spec: WholeDriveSpec }

/** Whole drives that are fitted as this boat's drive is; none where a part of the drive is held. */
function wholeDrivesFor({ boat, held }: Project, library: Library): WholeDrive[] {
  if (held.motor || held.controller || held.reduction || held.leg) return []
  return library.wholeDrives
    .filter(
      spec =>
        DRIVE_OF_MOUNT[spec.mount] === boat.drive.kind &&
        (held.propeller || spec.diameter <= boat.drive.greatestDiameter + 1e-6),
    )
    .map(spec => ({ spec, ...wholeDriveParts(spec) }))
}

/** Reductions and leg gears to try; what is held stays. */
function gearingsFor({ boat, held, design }: Project): Gearing[] {
  const leg = hasLeg(boat.drive.kind)
  const reductions = held.reduction
    ? [design.reduction]
    : leg
      ? [DIRECT]
      : held.motor && design.motor.ratedRpm <= SLOW_TURNS
        ? [...REDUCTION_CHOICES, ...STEP_UPS]
        : REDUCTION_CHOICES
  const ratios = !leg
    ? [1]
    : held.leg || held.reduction
      ? [boat.drive.legRatio]
      : [...new Set([...LEG_RATIOS, boat.drive.legRatio])]
  return reductions.flatMap(reduction => ratios.map(legRatio => ({ reduction, legRatio })))
}

/** What top asks of the owner's own leg or gearbox over what it stands; another leg has other limits. */
function ofOldGears(
  drive: Project['boat']['drive'],
  { reduction, legRatio }: Gearing,
  top: { omega: number; torque: number },
): number {
  if (legRatio !== drive.legRatio) return 0
  const torque = drive.torqueLimit === null ? 0 : (top.torque * reduction.ratio) / drive.torqueLimit
  const turns = drive.rpmLimit === null ? 0 : (top.omega * 30) / Math.PI / reduction.ratio / drive.rpmLimit
  return Math.max(torque, turns)
}

interface Pusher {
  propulsor: Propulsor
  propeller: DriveCandidate['propeller']
  jet: JetSpec
}

/**
 * What could push the boat: the held propeller or jet, else the best propeller for these turns, or every jet that takes
 * the power.
 */
function pushers(model: Model, library: Library, best: () => DriveCandidate['propeller'] | null): Pusher[] {
  const { design, held, boat } = model.project
  if (boat.drive.kind === 'jet') {
    const jets = held.propeller
      ? [design.jet]
      : library.jets.filter(jet => jet.impellerDiameter <= boat.drive.greatestDiameter + 1e-6)
    return jets.map(jet => ({ propulsor: waterjet(jet), propeller: design.propeller, jet }))
  }
  const propeller = held.propeller ? design.propeller : best()
  return propeller ? [{ propulsor: seriesPropeller(propeller), propeller, jet: design.jet }] : []
}

function loadAt(model: Model, speed: number): Load {
  return {
    speed,
    thrust: Math.max(1, centreResistance(model, speed) / (1 - model.interaction.thrustDeduction) / model.drives),
    advanceSpeed: speed * (1 - model.interaction.wakeFraction),
  }
}

/**
 * What must reach the water at top from each drive.
 *
 * @param model the boat
 * @returns W of thrust × speed through the water
 */
export function thrustPowerAtTop(model: Model): number {
  const { topSpeed, cruiseSpeed } = model.project.use,
    { thrust, advanceSpeed } = loadAt(model, Math.max(topSpeed, cruiseSpeed))
  return thrust * advanceSpeed
}

/** rev/s that the motor reaches at its rated torque on a loaded pack of its rated voltage, its field weakened. */
function freeSpeed(motor: MotorSpec, resistance: number, kt: number): number {
  const torque = motor.ratedPower / ((motor.ratedRpm * 2 * Math.PI) / 60)
  const omega = (VOLTAGE_REACH[motor.build] * LOADED_SHARE * motor.ratedVoltage - (torque / kt) * resistance) / kt
  return Math.min(motor.greatestRpm / 60, omega / (2 * Math.PI))
}

/**
 * Steps of shaft speed for which a propeller is made: half a per cent, less than the step in which pitches are sold.
 */
const TURN_STEP = 1.005

/** How much too weak a motor may be, with the propeller of best efficiency, for one of less pitch to be tried. */
const NEARLY = 1.5
/** And how much more that one may take at cruise: a motor saved is not worth a twentieth of every day's energy. */
const DEARER = 1.05

/** Finds the best propeller for the turns that there are, rev/s; motors of nearly the same turns share one. */
function bestPropeller(
  model: Model,
  top: Load,
  weak: boolean,
): (greatestShaftSpeed: number, leastShaftSpeed?: number) => DriveCandidate['propeller'] | null {
  const { drive } = model.project.boat
  const diameter = stockSize(drive.greatestDiameter, 'down')
  const keller = (blades: number) =>
    Math.ceil(
      20 *
        kellerAreaRatio(
          top.thrust,
          diameter,
          blades,
          drive.shaftDepth,
          model.water.density,
          kellerAddition(model.project.design.propeller.kind),
        ),
    ) / 20
  const three = Math.max(0.45, keller(3)),
    blades = three > 0.8 ? 4 : 3
  const areaRatio = three > 0.8 ? Math.min(1, keller(4)) : three
  const load = { thrust: top.thrust, advanceSpeed: top.advanceSpeed, density: model.water.density }
  const [least, most] = B_SERIES_RANGE.pitchRatio
  const made = new Map<number, DriveCandidate['propeller'] | null>()
  const stepOf = (shaftSpeed: number) => Math.floor(Math.log(shaftSpeed) / Math.log(TURN_STEP))
  return (greatestShaftSpeed, leastShaftSpeed = 0) => {
    const step = stepOf(greatestShaftSpeed),
      limit = TURN_STEP ** step
    const from = leastShaftSpeed > 0 ? Math.min(step, stepOf(leastShaftSpeed)) : null,
      key = 1e4 * step + (from ?? -5e3)
    const known = made.get(key)
    if (known !== undefined) return known
    const best = propellerOptimum(load, diameter, areaRatio, blades, limit, from === null ? 0 : TURN_STEP ** from)
    const pitch = stockSize(
      Math.min(
        most * diameter - STOCK_STEP / 2,
        Math.max(least * diameter + STOCK_STEP / 2, best.pitchRatio * diameter),
      ),
    )
    const enough = best.shaftSpeed <= 1.01 * limit || weak
    const propeller = enough ? { ...model.project.design.propeller, diameter, pitch, areaRatio, blades } : null
    made.set(key, propeller)
    return propeller
  }
}

/** Motors between two tellings of progress. */
const MOTORS_AT_ONCE = 16
/**
 * A motor of more than so many times the thrust power is never the right one while others are there: half lost at the
 * propeller, headroom, and three times to spare.
 */
const FAR_TOO_LARGE = 12
/** Motors that are enough to leave out the hopeless ones. */
const ENOUGH = 40

/**
 * Of a large library, the motors that could do it at all: no propeller and no gear turns a motor's power into more
 * thrust power than it has.
 */
function worthTrying(motors: readonly MotorSpec[], thrustPower: number): readonly MotorSpec[] {
  if (motors.length <= ENOUGH) return motors
  const able = motors.filter(m => m.peakPower >= thrustPower && m.ratedPower <= FAR_TOO_LARGE * thrustPower)
  return able.length >= ENOUGH ? able : motors
}

/**
 * Of drives for the same volts, those that no other beats in price, power and motor amps at once: the cheapest design
 * is among them,
 * since a cheaper drive that asks less of controller and pack never makes a dearer boat.
 *
 * @param drives that hold
 * @returns those worth giving a pack
 */
export function cheapestDrives(drives: readonly DriveCandidate[]): DriveCandidate[] {
  const price = (d: DriveCandidate) => d.motor.price + REDUCTION_PRICE[d.reduction.kind] + d.jet.price
  const groups = new Map<string, DriveCandidate[]>()
  for (const d of [...drives].sort((a, b) => price(a) - price(b))) {
    const { leastVoltage, greatestVoltage, ratedVoltage } = d.motor,
      key = `${leastVoltage}/${greatestVoltage}/${ratedVoltage}/${d.whole ? 'whole' : ''}`
    const kept = groups.get(key) ?? []
    if (!groups.has(key)) groups.set(key, kept)
    if (
      !kept.some(
        k =>
          k.cruisePower <= d.cruisePower &&
          k.topPower <= d.topPower &&
          k.cruisePhase <= d.cruisePhase &&
          k.topPhase <= d.topPhase,
      )
    )
      kept.push(d)
  }
  return [...groups.values()].flat()
}

function motorAt(
  model: Model,
  load: Load,
  propulsor: Propulsor,
  ratio: number,
  transmission: number,
): { omega: number; torque: number } {
  const { shaftSpeed, torque } = propulsor.at(load.thrust, load.advanceSpeed, model.water.density)
  return {
    omega: 2 * Math.PI * shaftSpeed * ratio,
    torque: torque / model.interaction.relativeRotative / (ratio * transmission),
  }
}

/** The kinds of reduction in words, for reasons. */
export const reductionText = (reduction: ReductionSpec): string =>
  reduction.kind === 'direct' ? 'Direct drive' : `${reduction.kind === 'belt' ? 'Belt' : 'Gear'} ${reduction.ratio} : 1`
