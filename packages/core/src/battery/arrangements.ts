import type { CellSpec, PackSpec } from './cellSpec'
import { CHEMISTRIES, type Chemistry } from './chemistry'
import { packFigures, type PackFigures } from './pack'

/** A way to wire blocks that are already there. */
export interface Arrangement {
  pack: PackSpec
  figures: PackFigures
  used: number
  spare: number
}

/** Volts that the drive stands, and the motor's own. */
export interface DriveWindow {
  leastVoltage: number
  greatestVoltage: number
  ratedVoltage: number
}

/**
 * Every way to wire a number of blocks that the drive stands, best first: most blocks in use, then nearest to the
 * motor's volts.
 *
 * @param cell the blocks
 * @param owned how many there are
 * @param window volts of the drive
 * @param chargeVoltage V of a cell at the end of charge
 * @returns arrangements, possibly none
 *
 * Source: full volts below the greatest, sensible empty volts above the least; parallel = whole share of what is owned.
 */
export function arrangements(cell: CellSpec, owned: number, window: DriveWindow, chargeVoltage: number): Arrangement[] {
  const {
    sensibleVoltage: [empty],
  }: Chemistry = CHEMISTRIES[cell.chemistry]
  const found: Arrangement[] = []
  for (let series = 1; series <= owned; series++) {
    const cells = series * cell.cellsInSeries
    if (cells * chargeVoltage > window.greatestVoltage) break
    if (cells * empty < window.leastVoltage) continue
    const pack = { cell, series, parallel: Math.floor(owned / series), chargeVoltage },
      used = pack.series * pack.parallel
    found.push({ pack, figures: packFigures(pack), used, spare: owned - used })
  }
  const apart = ({ figures }: Arrangement) => Math.abs(figures.nominalVoltage / window.ratedVoltage - 1)
  return found.sort((a, b) => b.used - a.used || apart(a) - apart(b))
}
