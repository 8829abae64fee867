import type { NamedPart } from '../fields/namedPart'

/** A charger or other source of charge that runs on alternating current. */
export interface ChargerSpec extends NamedPart {
  /** V AC that it is made for, and the amps that it takes at most */
  inputVoltage: number
  inputCurrent: number
  /** a second mains voltage that it takes, and the amps there; null where it has none */
  otherVoltage: number | null
  otherCurrent: number | null
  /** V DC between which it charges */
  leastVoltage: number
  greatestVoltage: number
  /** A DC at most, and W DC at most: the smaller counts */
  current: number
  power: number
  /** 0.7 … 0.98 at load */
  efficiency: number
  /** listens to the battery management, so that it can be told to stop */
  listens: boolean
  /** speaks the pilot signal of a car-type inlet */
  pilot: boolean
  mass: number
  price: number
}
