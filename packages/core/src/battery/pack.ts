import { interpolate } from '../numeric'
import type { PackSpec } from './cellSpec'
import { CHEMISTRIES, type Chemistry } from './chemistry'

const SHARES = [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1]

/** Share of a pack's mass and price that is box, links, cables and battery management (common practice). */
export const PACK_OVERHEAD = { mass: 0.25, price: 0.3 }

/** What follows from a pack's cells alone. SI; capacity in Ah. */
export interface PackFigures {
  /** single cells in series */
  cellsInSeries: number
  nominalVoltage: number
  /** J */
  energy: number
  /** J that daily use should take */
  usableEnergy: number
  capacityAh: number
  /** Ω */
  resistance: number
  /** A */
  current: number
  currentPeak: number
  /** V at the end of charge */
  fullVoltage: number
  mass: number
  price: number
  blocks: number
}

/**
 * Figures of a pack from its cells.
 *
 * @param pack cell, series, parallel, charge voltage
 * @returns energy in J, voltages in V, resistance in Ω, limits in A, mass and price with box and battery management
 *
 * Source: E = series × nominal V × parallel × Ah; R = series × R_cell / parallel.
 */
export function packFigures(pack: PackSpec): PackFigures {
  const { cell, series, parallel } = pack
  const chemistry: Chemistry = CHEMISTRIES[cell.chemistry]
  const cellsInSeries = series * cell.cellsInSeries
  const nominalVoltage = cellsInSeries * chemistry.nominalVoltage
  const capacityAh = parallel * cell.capacityAh
  const energy = nominalVoltage * capacityAh * 3600
  const blocks = series * parallel
  const overhead = cell.complete ? { mass: 0, price: 0 } : PACK_OVERHEAD
  return {
    cellsInSeries, nominalVoltage, energy, usableEnergy: energy * chemistry.usableShare, capacityAh,
    resistance: cell.resistance * series / parallel,
    current: parallel * cell.current, currentPeak: parallel * cell.currentPeak,
    fullVoltage: cellsInSeries * pack.chargeVoltage,
    mass: blocks * cell.mass * (1 + overhead.mass), price: blocks * cell.price * (1 + overhead.price), blocks,
  }
}

/**
 * Rest voltage of a pack at a state of charge, V.
 *
 * @param pack the pack
 * @param stateOfCharge 0 … 1
 * @returns V
 */
export function restVoltage(pack: PackSpec, stateOfCharge: number): number {
  return pack.series * pack.cell.cellsInSeries * interpolate(SHARES, CHEMISTRIES[pack.cell.chemistry].restVoltage, stateOfCharge)
}

/** Current and voltage of a pack that gives a power, or the most that it can give. */
export type PackLoad
  = | { outcome: 'carries', current: number, voltage: number }
    | { outcome: 'tooWeak', greatestPower: number, current: number, voltage: number }

/**
 * Current and loaded voltage of a pack at a power: I = (V0 − √(V0² − 4 R P)) / (2 R).
 *
 * @param rest V0, rest voltage, V, > 0
 * @param resistance R, Ω, ≥ 0
 * @param power P, W, ≥ 0
 * @returns current and voltage; `tooWeak` with the most that it gives, V0²/(4R), when there is no solution
 * @throws RangeError on values outside those
 * @example packLoad(52, 0.02, 5000).outcome // 'carries'
 */
export function packLoad(rest: number, resistance: number, power: number): PackLoad {
  if (!(rest > 0) || !(resistance >= 0) || !(power >= 0)) throw new RangeError(`rest must be above 0, resistance and power 0 or more; got ${rest}, ${resistance}, ${power}`)
  if (resistance === 0) return { outcome: 'carries', current: power / rest, voltage: rest }
  const root = rest * rest - 4 * resistance * power
  if (root < 0) {
    return { outcome: 'tooWeak', greatestPower: rest * rest / (4 * resistance), current: rest / (2 * resistance), voltage: rest / 2 }
  }
  // 2P/(V0 + √…) is the same root without the loss of figures at small R
  const current = 2 * power / (rest + Math.sqrt(root))
  return { outcome: 'carries', current, voltage: rest - current * resistance }
}
