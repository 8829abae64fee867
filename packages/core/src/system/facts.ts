import { peakTorque } from '../drive'
import type { Facts } from '../findings'
import { hasSails, hullSpeed as naturalSpeed } from '../hull'
import { SHIPPED_LIBRARY, type Library } from '../parts'
import { bladeReynolds, burrillLoading } from '../propulsor'
import { mixReport } from '../battery'
import { stringFaults } from '../solar'
import { wearOf } from './ageingReport'
import { packPlaces } from './packPlaces'
import { chargeStart, SAILING_SHARE } from './chargeReport'
import { humpOf, planingReading, steadyBalance } from './curveReading'
import { driveWarming } from './driveHeat'
import { driveTrain } from './driveTrain'
import { energyBalance } from './energy'
import { centreResistance } from './hullResistance'
import type { Model } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import { payoffSpeed } from './payoff'
import { curveSpeeds } from './powerCurve'
import { regenerationAt } from './regeneration'
import { windHolding } from './thrustAvailable'
import type { LimitShare } from './limits'
import { topSpeed, type TopSpeed } from './topSpeed'
import { wiringReport } from './wiringReport'

/** State of charge at which the top speed wished should still be reached. */
export const LOW_CHARGE = 0.2
/** Speeds at which a hump is looked for. */
const HUMP_SPEEDS = 24

/**
 * Everything that the rules look at, worked out once for a boat.
 *
 * @param model the boat
 * @param library parts that a fix may offer
 * @returns the facts
 */
export function factsOf(model: Model, library: Library = SHIPPED_LIBRARY): Facts {
  const { use, boat, design } = model.project
  const cruise = operatingPoint(model, use.cruiseSpeed), top = operatingPoint(model, use.topSpeed)
  const warmCruise = driveWarming(model, cruise.drive, cruise.drive), warmTop = driveWarming(model, top.drive, cruise.drive)
  const seen = new Map<number, LimitShare[]>()
  const allDaySpeed = topSpeed(model, 'allDay', seen), hullSpeed = naturalSpeed(model.form.lengthWaterline)
  const energy = energyBalance(model, cruise.drive)
  const planing = planingReading(model, use.cruiseSpeed), jet = model.propulsor.kind === 'jet'
  return {
    model, library, cruise, top, allDaySpeed, minutesSpeed: topSpeed(model, 'minutes', seen), hullSpeed, payoff: payoffSpeed(model), energy,
    warming: warmCruise && warmTop && { cruise: warmCruise, top: warmTop },
    holding: windHolding(model), topLow: driveTrain(model, use.topSpeed, top.resistance.centre, LOW_CHARGE),
    hump: model.form.bottom ? humpOf(curveSpeeds(model.project, HUMP_SPEEDS).map(v => operatingPoint(model, v))) : null,
    planing, steadyBalance: planing?.porpoises ? steadyBalance(model, use.cruiseSpeed) : null,
    blades: jet ? null : burrillLoading(design.propeller, { thrust: top.drive.thrust, shaftSpeed: top.drive.shaftSpeed, waterSpeed: top.drive.advanceSpeed }, boat.drive.shaftDepth, model.water.density),
    bladeReynolds: jet ? null : bladeReynolds(design.propeller, cruise.drive.advanceSpeed, cruise.drive.shaftSpeed, model.water.viscosity),
    atLimit: limitBelow(model, allDaySpeed, top), standstill: standstillOf(model), wiring: wiringReport(model, { cruise: cruise.drive, top: top.drive }), charge: chargeStart(model.project),
    mix: design.banks.others.length > 0 ? mixReport(design.pack, design.banks) : null, fit: packPlaces(model.project), wear: wearOf(model, energy), sunFaults: design.solar.fitted ? stringFaults(design.solar, model.pack.fullVoltage) : [],
    regeneration: hasSails(boat) && !jet && design.controller.regenCurrent > design.pack.parallel * design.pack.cell.chargeCurrent ? regenerationAt(model, SAILING_SHARE * hullSpeed) : null,
  }
}

/** The drive where an all-day rating ends it, with the share of its turns that it then reaches; null when that is not below the top wished. */
function limitBelow(model: Model, limit: TopSpeed, top: OperatingPoint): Facts['atLimit'] {
  if (limit.outcome !== 'limited' || limit.speed >= top.speed) return null
  const train = driveTrain(model, limit.speed, centreResistance(model, limit.speed))
  return { train, by: limit.by, speed: limit.speed, turns: Math.max(train.motorRpm / model.project.design.motor.greatestRpm, train.voltageNeeded / train.packVoltage) }
}

/** What motor and controller put into whatever follows the reduction, from standstill. */
function standstillOf({ motor, project: { design } }: Model): Facts['standstill'] {
  const plate = peakTorque(design.motor, 1)
  if (motor.outcome !== 'fitted') return { torque: plate * design.reduction.ratio, amps: design.controller.phaseCurrentPeak }
  const amps = Math.min(design.controller.phaseCurrentPeak, plate / motor.losses.torqueConstant)
  return { torque: amps * motor.losses.torqueConstant * design.reduction.ratio, amps }
}
