import type { NamedPart } from '../fields/namedPart'
import type { Cooling } from './motorSpec'

/** How a whole drive is fitted to a boat: clamped on, clamped on and steered by hand, below the bottom, through it. */
export const MOUNTS = ['outboard', 'trolling motor', 'pod', 'sail drive'] as const
/** One of them. */
export type Mount = (typeof MOUNTS)[number]

/** Motor, controller, leg and propeller sold as one, as its plate says. */
export interface WholeDriveSpec extends NamedPart {
  mount: Mount
  /** what it takes from the battery continuously, W */
  inputPower: number
  /** what reaches the propeller's shaft of that, W */
  ratedPower: number
  /** pull at the quay with that, N */
  thrust: number
  /** V DC at which that holds, and between which it works */
  ratedVoltage: number
  leastVoltage: number
  greatestVoltage: number
  /** what it takes for a while, W, and how long, s */
  peakInput: number
  peakSeconds: number
  /** rpm of the propeller at its rated power, and the motor's turns for one of the propeller's */
  propellerRpm: number
  gearRatio: number
  /** of its own propeller, m */
  diameter: number
  pitch: number
  blades: number
  cooling: Cooling
  mass: number
  price: number
}
