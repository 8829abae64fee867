import type { NamedPart } from '../fields/namedPart'

/** A motor controller. */
export interface ControllerSpec extends NamedPart {
  /** V DC between which it works */
  leastVoltage: number
  greatestVoltage: number
  /** battery-side amps, all day, and for a minute */
  batteryCurrent: number
  batteryCurrentPeak: number
  /** motor-side (phase) amps, all day, and for a minute */
  phaseCurrent: number
  phaseCurrentPeak: number
  /** 0.85 … 0.995 at load */
  efficiency: number
  /** W drawn when switched on */
  idlePower: number
  /** K; its power falls in a straight line between them */
  rollbackFrom: number
  rollbackTo: number
  /** battery-side amps that it may push back */
  regenCurrent: number
  mass: number
  price: number
}
