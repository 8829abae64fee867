import { CHEMISTRIES, isLead, type ChemistryId } from './chemistry'

/** V that sellers count for a cell of a "12 V" battery: three quarters of its four cells is what 12 V of LFP are. */
const SOLD_AS: Readonly<Record<ChemistryId, number>> = { LFP: 3, NMC: 3.65, LTO: 2.3, AGM: 2, FLOODED: 2 }

/**
 * Cells in series inside a battery of so many nominal volts.
 *
 * @param volts as its label says, 6 to 1000
 * @param chemistry of its cells
 * @returns cells
 * @example cellsAtVolts(24, 'LFP') // 8
 * @example cellsAtVolts(24, 'AGM') // 12
 *
 * Source: common practice: 12 V are four cells of LFP or six of lead, and 51.2 V are sixteen at 3.2.
 */
export function cellsAtVolts(volts: number, chemistry: ChemistryId): number {
  const twelves = volts / 12,
    sold = Math.abs(twelves - Math.round(twelves)) < 0.02 || (isLead(chemistry) && volts % 2 === 0)
  return Math.max(1, Math.round(volts / (sold ? SOLD_AS[chemistry] : CHEMISTRIES[chemistry].nominalVoltage)))
}
