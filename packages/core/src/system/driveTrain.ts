import { packLoad, restVoltage, type PackLoad } from '../battery'
import {
  continuousTorque,
  motorLoss,
  peakTorque,
  VOLTAGE_REACH,
  voltageNeeded,
  weakening,
  type MotorLosses,
} from '../drive'
import { kellerAddition, kellerAreaRatio, tipSpeed } from '../propulsor'
import type { Model } from './model'

/** State of charge at which the lever's figures are given. */
export const LEVER_CHARGE = 0.5

/**
 * From the hull's need back to the pack, at one speed. SI. Thrust, powers and losses are those of all drives; torque,
 * turns, amps and shares those of each.
 */
export interface DriveTrain {
  effectivePower: number
  thrust: number
  advanceSpeed: number
  advanceRatio: number
  /** rev/s of the propeller */
  shaftSpeed: number
  propellerTorque: number
  deliveredPower: number
  propellerEfficiency: number
  tipSpeed: number
  /** apparent slip 1 − V/(n P); 0 for a jet */
  slip: number
  /** least area against cavitation; 0 for a jet */
  kellerAreaRatio: number
  /** suction specific speed of a jet's pump, and m/s through its nozzle; 0 for a propeller */
  suctionSpeed: number
  jetVelocity: number
  /** rpm of the motor */
  motorRpm: number
  motorTorque: number
  /** out of the motor's shaft */
  shaftPower: number
  motorLoss: number
  /** what of it weakening the field takes, W */
  weakeningLoss: number
  motorInput: number
  motorEfficiency: number
  /** share of the all-day and of the peak torque that is used */
  continuousShare: number
  peakShare: number
  /** motor-side amps, DC-equivalent */
  phaseCurrent: number
  /** those of them that weaken the field, and the share of the field by which torque is made */
  fieldCurrent: number
  torqueField: number
  /** V that the motor needs, its field weakened as far as its kind allows, against those at the pack */
  voltageNeeded: number
  controllerLoss: number
  controllerInput: number
  /** battery-side amps of each controller */
  controllerCurrent: number
  housePower: number
  packPower: number
  packCurrent: number
  packVoltage: number
  packOutcome: PackLoad['outcome']
  /** share of the pack's power that reaches the water as thrust */
  overallEfficiency: number
}

/** Converter between the pack and the 12 or 24 V of the house (0.90 to 0.95, common practice). */
export const HOUSE_CONVERTER_EFFICIENCY = 0.92

/** Rounds in which weakened field and sagging volts agree to a thousandth. */
const WEAKENING_ROUNDS = 3

const NO_LOSSES: MotorLosses = { c1: 0, c2: 0, copper: 0, torqueConstant: 1, resistance: 0 }

/**
 * What every part does when the boat is driven at a speed against a resistance.
 *
 * @param model the boat
 * @param speed m/s, ≥ 0
 * @param resistance N, ≥ 0
 * @param charge state of charge, 0 … 1
 * @returns the chain; at rest only idle and house loads
 *
 * Source: handbook chain T = R/(1 − t), Va = V (1 − w), KT(J)/J² = T/(ρ Va² D²), Q = KQ ρ n² D⁵.
 */
export function driveTrain(model: Model, speed: number, resistance: number, charge = LEVER_CHARGE): DriveTrain {
  const { design, use } = model.project
  const { density } = model.water
  const { wakeFraction, thrustDeduction, relativeRotative } = model.interaction
  const jet = model.propulsor.kind === 'jet',
    { drives } = model
  const thrust = resistance / (1 - thrustDeduction)
  const advanceSpeed = speed * (1 - wakeFraction)
  const {
    shaftSpeed,
    advanceRatio,
    torque,
    efficiency: propellerEfficiency,
    suctionSpeed,
    jetVelocity,
    // at rest the lever stands at stop: what wind pushes her is no load of the drive
  } = model.propulsor.at(speed > 0 ? thrust / drives : 0, advanceSpeed, density)
  const propellerTorque = torque / relativeRotative
  const deliveredPower = drives * 2 * Math.PI * shaftSpeed * propellerTorque
  const omega = 2 * Math.PI * shaftSpeed * model.totalRatio
  const shaftPower = deliveredPower / model.transmission
  const motorTorque = omega > 0 ? shaftPower / drives / omega : 0
  const losses = model.motor.outcome === 'fitted' ? model.motor.losses : NO_LOSSES
  const housePower = use.houseLoad / HOUSE_CONVERTER_EFFICIENCY
  const rest = restVoltage(design.pack, charge)
  /** motor, controller and pack with the field as it is, and so many watts more to weaken it */
  const electric = (weakeningLoss: number) => {
    const lost = drives * (motorLoss(losses, motorTorque, omega) + weakeningLoss)
    const motorInput = shaftPower + lost
    const controllerInput =
      speed > 0 ? motorInput / design.controller.efficiency + drives * design.controller.idlePower : 0
    const packPower = controllerInput + housePower
    return { lost, motorInput, controllerInput, packPower, load: packLoad(rest, model.pack.resistance, packPower) }
  }
  let circuit = electric(0),
    field = weakening(design.motor, losses, motorTorque, omega, circuit.load.voltage)
  // the weakening takes amps, and they take volts from it
  for (let i = 0; i < WEAKENING_ROUNDS && field.loss > 0; i++) {
    circuit = electric(field.loss)
    field = weakening(design.motor, losses, motorTorque, omega, circuit.load.voltage)
  }
  const { lost, motorInput, controllerInput, packPower, load } = circuit
  const allDay = continuousTorque(design.motor, omega, load.voltage),
    peak = peakTorque(design.motor, omega, load.voltage)
  const effectivePower = resistance * speed
  return {
    effectivePower,
    thrust,
    advanceSpeed,
    advanceRatio,
    shaftSpeed,
    propellerTorque,
    deliveredPower,
    propellerEfficiency,
    tipSpeed: tipSpeed(model.propulsor.diameter, shaftSpeed),
    slip: shaftSpeed > 0 && !jet ? 1 - speed / (shaftSpeed * design.propeller.pitch) : 0,
    kellerAreaRatio: jet
      ? 0
      : kellerAreaRatio(
          thrust / drives,
          design.propeller.diameter,
          design.propeller.blades,
          model.project.boat.drive.shaftDepth,
          density,
          kellerAddition(design.propeller.kind),
        ),
    suctionSpeed,
    jetVelocity,
    motorRpm: (omega * 30) / Math.PI,
    motorTorque,
    shaftPower,
    motorLoss: lost,
    weakeningLoss: drives * field.loss,
    motorInput,
    motorEfficiency: motorInput > 0 ? shaftPower / motorInput : 0,
    continuousShare: share(motorTorque, allDay),
    peakShare: share(motorTorque, peak),
    phaseCurrent: field.phaseCurrent,
    fieldCurrent: field.fieldCurrent,
    torqueField: field.torqueField,
    voltageNeeded: voltageNeeded(losses, motorTorque, omega) / VOLTAGE_REACH[design.motor.build],
    controllerLoss: controllerInput - motorInput,
    controllerInput,
    controllerCurrent: controllerInput / drives / load.voltage,
    housePower,
    packPower,
    packCurrent: load.current,
    packVoltage: load.voltage,
    packOutcome: load.outcome,
    overallEfficiency: packPower > 0 ? effectivePower / packPower : 0,
  }
}

/** Share of a limit that is nothing: far beyond, not infinite. */
export const NO_RATING = 99

function share(value: number, limit: number): number {
  return value <= 0 ? 0 : limit > 0 ? Math.min(NO_RATING, value / limit) : NO_RATING
}
