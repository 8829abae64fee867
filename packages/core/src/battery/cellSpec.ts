import type { NamedPart } from '../fields/namedPart'
import type { ChemistryId } from './chemistry'

/** A cell, or a block of cells sold as one (then `cellsInSeries` is above 1 and volts are the block's). */
export interface CellSpec extends NamedPart {
  chemistry: ChemistryId
  /** cells in series inside the block */
  cellsInSeries: number
  capacityAh: number
  /** Ω, of the block, at 20 °C and half charge */
  resistance: number
  /** amps all day, and for 30 s */
  current: number
  currentPeak: number
  /** amps that it takes on charge */
  chargeCurrent: number
  /** kg */
  mass: number
  /** m */
  width: number
  depth: number
  height: number
  price: number
  /** sold with its box and battery management: nothing is added for them */
  complete: boolean
}

/** A pack: blocks in series, strings in parallel, and where charge stops. */
export interface PackSpec {
  cell: CellSpec
  series: number
  parallel: number
  /** V per single cell at the end of charge */
  chargeVoltage: number
}
