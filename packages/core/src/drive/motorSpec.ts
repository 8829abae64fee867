import type { NamedPart } from '../fields/namedPart'

/** How a motor gets rid of its heat, the least first. */
export const COOLINGS = ['air', 'closed loop', 'raw water'] as const
/** One of them. */
export type Cooling = (typeof COOLINGS)[number]

/** Insulation classes; the winding's greatest temperature is in INSULATION_LIMIT. */
export type InsulationClass = 'B' | 'F' | 'H'

/** How a motor makes its field: what lets it turn faster than its volts. */
export const MOTOR_BUILDS = ['brushed', 'surface magnets', 'inner magnets', 'induction'] as const
/** One of them. */
export type MotorBuild = (typeof MOTOR_BUILDS)[number]

/** A motor's nameplate, as makers print it. */
export interface MotorSpec extends NamedPart {
  build: MotorBuild
  /** mechanical, all day, W */
  ratedPower: number
  ratedRpm: number
  /** volts at which the rating holds */
  ratedVoltage: number
  /** efficiency at the rated point, 0.5 … 0.98 */
  ratedEfficiency: number
  /** no-load speed per volt, rpm/V */
  kvRpmPerVolt: number
  /** DC amps turning free at the rated voltage */
  noLoadCurrent: number
  /** mechanical, W, for `peakSeconds` */
  peakPower: number
  peakSeconds: number
  greatestRpm: number
  /** V DC */
  leastVoltage: number
  greatestVoltage: number
  /** with which its rating holds */
  cooling: Cooling
  /** class of the winding's insulation */
  insulation: InsulationClass
  /** the direction, seen from the shaft's end, in which its timing makes it weaker */
  weakerDirection: 'none' | 'clockwise' | 'anticlockwise'
  mass: number
  price: number
}
