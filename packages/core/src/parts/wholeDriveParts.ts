import {
  LEG_EFFICIENCY,
  SHAFT_EFFICIENCY,
  type ControllerSpec,
  type Mount,
  type MotorSpec,
  type WholeDriveSpec,
} from '../drive'
import { shortened } from '../fields'
import { hasLeg, type DriveKind } from '../hull'
import { bladeAreaOf } from './estimates/wholeDriveEstimates'
import { completePart } from './estimates/completePart'
import { CONTROLLER, MOTOR } from './partFields'

/** What hangs in the water with each way of fitting. */
export const DRIVE_OF_MOUNT: Readonly<Record<Mount, DriveKind>> = {
  outboard: 'outboard',
  'trolling motor': 'outboard',
  pod: 'pod',
  'sail drive': 'sailDrive',
}

/** A whole drive taken apart into what the sums work with. */
export interface WholeDriveParts {
  motor: MotorSpec
  controller: ControllerSpec
  drive: DriveKind
  legRatio: number
  propeller: { kind: 'outboard'; diameter: number; pitch: number; areaRatio: number; blades: number }
}

/** What a controller in the head of a drive wastes. */
const CONTROLLER_EFFICIENCY = 0.965
/** Amps that a built-in controller gives to its motor, over those that its rated torque needs. */
const PHASE_ROOM = 1.2
/** A weight that is nothing: the whole drive's stands on its motor. */
const NO_MASS = 0.005

/**
 * A whole drive as motor, controller, leg and propeller. Weight and price stand on the motor.
 *
 * @param whole its plate
 * @returns the parts; what the plate does not say of the motor inside is estimated
 */
export function wholeDriveParts(whole: WholeDriveSpec): WholeDriveParts {
  const drive = DRIVE_OF_MOUNT[whole.mount],
    leg = hasLeg(drive)
  const atMotor = whole.ratedPower / (leg ? LEG_EFFICIENCY : SHAFT_EFFICIENCY)
  const efficiency = Math.min(0.98, Math.max(0.4, atMotor / (whole.inputPower * CONTROLLER_EFFICIENCY)))
  const ratedRpm = whole.propellerRpm * (leg ? whole.gearRatio : 1)
  const { part } = completePart('motor', {
    id: whole.id,
    name: shortened(`${whole.name}, its motor`, MOTOR.name),
    ratedPower: atMotor,
    ratedRpm,
    ratedVoltage: whole.ratedVoltage,
    ratedEfficiency: efficiency,
    peakPower: Math.max(atMotor, (atMotor * whole.peakInput) / whole.inputPower),
    peakSeconds: whole.peakSeconds,
    // its own propeller decides how fast it turns: half as fast again is never asked
    greatestRpm: 1.5 * ratedRpm,
    leastVoltage: whole.leastVoltage,
    greatestVoltage: whole.greatestVoltage,
    cooling: whole.cooling,
    mass: whole.mass,
    price: whole.price,
  })
  const motor = { ...part, estimated: [] } as unknown as MotorSpec
  const amps = whole.inputPower / whole.ratedVoltage,
    phase = (PHASE_ROOM * atMotor * motor.kvRpmPerVolt) / ratedRpm
  const { part: box } = completePart('controller', {
    id: whole.id,
    name: shortened(`${whole.name}, its controller`, CONTROLLER.name),
    leastVoltage: whole.leastVoltage,
    greatestVoltage: whole.greatestVoltage,
    batteryCurrent: amps,
    batteryCurrentPeak: Math.max(amps, whole.peakInput / whole.ratedVoltage),
    phaseCurrent: phase,
    phaseCurrentPeak: Math.max(phase, (phase * whole.peakInput) / whole.inputPower),
    efficiency: CONTROLLER_EFFICIENCY,
    regenCurrent: 0,
    mass: NO_MASS,
    price: 0,
  })
  return {
    motor,
    controller: { ...box, estimated: [] } as unknown as ControllerSpec,
    drive,
    legRatio: leg ? whole.gearRatio : 1,
    propeller: {
      kind: 'outboard',
      diameter: whole.diameter,
      pitch: whole.pitch,
      areaRatio: bladeAreaOf(whole.blades),
      blades: whole.blades,
    },
  }
}
