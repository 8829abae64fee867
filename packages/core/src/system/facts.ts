import { peakTorque } from '../drive'
import { hasSails } from '../hull'
import type { Project } from '../project/definition/projectFields'
import { bladeReynolds, burrillLoading, type BurrillLoading } from '../propulsor'
import { balanceOf, isPlaced, plateCheck, type Balance, type PlateCheck } from '../mass'
import { mixReport, type ChargePoint, type MixReport, type PackFit } from '../battery'
import { stringFaults, type StringFault } from '../solar'
import { wearOf, type AgeingReport } from './battery/ageingReport'
import { packPlaces } from './battery/packPlaces'
import { chargeStart, SAILING_SHARE } from './charging/chargeReport'
import { humpOf, planingReading, steadyBalance, type Hump, type PlaningReading } from './curve/curveReading'
import { driveWarming, type DriveWarming } from './motor/driveHeat'
import { driveTrain, type DriveTrain } from './driveTrain'
import { centreResistance } from './curve/hullResistance'
import type { Model } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import { curveSpeeds } from './curve/powerCurve'
import { regenerationAt, type Regeneration } from './charging/regeneration'
import type { LimitName } from './banks/limitName'
import { summaryOf, type Summary } from './summary'
import type { TopSpeed } from './topSpeed'
import { wiringReport, type WiringReport } from './wiringReport'
import { remember } from '../numeric'

/** State of charge at which the top speed wished should still be reached. */
export const LOW_CHARGE = 0.2
/** Speeds at which a hump is looked for. */
const HUMP_SPEEDS = 24

/** All that is true of a boat whatever the lever says, worked out once: what rules read. */
export interface BoatFacts extends Summary {
  /** how warm the drive becomes at cruise and at top; null when the nameplate cannot be */
  warming: { cruise: DriveWarming; top: DriveWarming } | null
  /** at top on a nearly empty pack */
  topLow: DriveTrain
  /** of a planing hull */
  hump: Hump | null
  planing: PlaningReading | null
  /** balance point at which she runs steadily, m; null when she does already, or nothing will do */
  steadyBalance: number | null
  blades: BurrillLoading | null
  /** Reynolds number of the blades at cruise; null for a jet */
  bladeReynolds: number | null
  /** the drive where an all-day rating ends it, if that is below the top wished */
  atLimit: { train: DriveTrain; by: LimitName; speed: number; turns: number } | null
  /** greatest torque behind the reduction from standstill, N·m, and the motor amps that give it */
  standstill: { torque: number; amps: number }
  wiring: WiringReport
  /** what flows as she plugs in */
  charge: ChargePoint
  /** strings of several kinds side by side; null when there is one kind */
  mix: MixReport | null
  /** the pack in the spaces measured; null when none was */
  fit: PackFit | null
  wear: AgeingReport
  /** what is the matter with the panels' volts; empty without panels */
  sunFaults: StringFault[]
  /** under sail at nine tenths of hull speed, where the controller may push back more than the cells take; else null */
  regeneration: Regeneration | null
  /** how she floats with the new drive; null until something has a place */
  balance: Balance | null
  plate: PlateCheck
}

const known = remember<Project, BoatFacts>('facts')

/**
 * What is true of a boat whatever the lever says; kept as long as the document lives.
 *
 * @param project the boat
 * @returns the facts
 */
export function factsOf(project: Project): BoatFacts {
  return known(project, () => workOut(summaryOf(project)))
}

function workOut(summary: Summary): BoatFacts {
  const { model, cruise, top, allDaySpeed, hullSpeed, energy } = summary
  const { use, boat, design } = model.project
  const warmCruise = driveWarming(model, cruise.drive, cruise.drive),
    warmTop = driveWarming(model, top.drive, cruise.drive)
  const planing = planingReading(model, use.cruiseSpeed),
    jet = model.propulsor.kind === 'jet'
  return {
    ...summary,
    warming: warmCruise && warmTop && { cruise: warmCruise, top: warmTop },
    topLow: driveTrain(model, use.topSpeed, top.resistance.centre, LOW_CHARGE),
    hump: model.form.bottom ? humpOf(curveSpeeds(model.project, HUMP_SPEEDS).map(v => operatingPoint(model, v))) : null,
    planing,
    steadyBalance: planing?.porpoises ? steadyBalance(model, use.cruiseSpeed) : null,
    blades: jet
      ? null
      : burrillLoading(
          design.propeller,
          {
            thrust: top.drive.thrust / model.drives,
            shaftSpeed: top.drive.shaftSpeed,
            waterSpeed: top.drive.advanceSpeed,
          },
          boat.drive.shaftDepth,
          model.water.density,
        ),
    bladeReynolds: jet
      ? null
      : bladeReynolds(design.propeller, cruise.drive.advanceSpeed, cruise.drive.shaftSpeed, model.water.viscosity),
    atLimit: limitBelow(model, allDaySpeed, top),
    standstill: standstillOf(model),
    wiring: wiringReport(model, { cruise: cruise.drive, top: top.drive }),
    charge: chargeStart(model.project),
    mix: design.banks.others.length > 0 ? mixReport(design.pack, design.banks) : null,
    fit: packPlaces(model.project),
    wear: wearOf(model, energy),
    sunFaults: design.solar.fitted ? stringFaults(design.solar, model.pack.fullVoltage) : [],
    regeneration:
      hasSails(boat) && !jet && design.controller.regenCurrent > design.pack.parallel * design.pack.cell.chargeCurrent
        ? regenerationAt(model, SAILING_SHARE * hullSpeed)
        : null,
    balance: isPlaced(model.project) ? balanceOf(model.project) : null,
    plate: plateCheck(model.project),
  }
}

/**
 * The drive where an all-day rating ends it, with the share of its turns that it then reaches; null when that is not
 * below the top wished.
 */
function limitBelow(model: Model, limit: TopSpeed, top: OperatingPoint): BoatFacts['atLimit'] {
  if (limit.outcome !== 'limited' || limit.speed >= top.speed) return null
  const train = driveTrain(model, limit.speed, centreResistance(model, limit.speed))
  return {
    train,
    by: limit.by,
    speed: limit.speed,
    turns: Math.max(train.motorRpm / model.project.design.motor.greatestRpm, train.voltageNeeded / train.packVoltage),
  }
}

/** What motor and controller put into whatever follows the reduction, from standstill. */
function standstillOf({ motor, project: { design } }: Model): BoatFacts['standstill'] {
  const plate = peakTorque(design.motor, 1)
  if (motor.outcome !== 'fitted')
    return { torque: plate * design.reduction.ratio, amps: design.controller.phaseCurrentPeak }
  const amps = Math.min(design.controller.phaseCurrentPeak, plate / motor.losses.torqueConstant)
  return { torque: amps * motor.losses.torqueConstant * design.reduction.ratio, amps }
}
