import type { Banks, PackFigures, PackSpec } from '../../battery'

/** What one of several banks must do. A, Ω. */
export interface BankDuty {
  /** banks that can drive alone; 1 where there are fewer strings than that */
  banks: number
  /** of them that drive at the same time */
  working: number
  /** A that the cells of a working bank give all day */
  cells: number
  /** Ω of the largest bank, which breaks its own short */
  resistance: number
  /** how often a bank's short flows where the banks join */
  joined: number
  /** A all day that a bank must carry of what the drive asks for: with another gone, or while all are at work */
  carries(current: number): number
  shares(current: number): number
}

/** Strings of the largest bank. */
export const largestBank = (parallel: number, banks: number): number => Math.ceil(parallel / banks)

/**
 * What the largest bank must carry: all of it where one works at a time; else its share, and, with one of the others
 * gone, what then falls to it, as far as its cells give it.
 *
 * @param pack the pack
 * @param banks how its strings are kept
 * @param figures of packFigures(), as they work together
 * @returns the duty of each bank
 * @example bankDuty({ parallel: 2 }, { count: 2, together: 'one at a time' }, { current: 9, resistance: 1
 * }).carries(58)
 *   // 58
 *
 * Source: amps divide by strings; nothing is asked for more than it gives continuously.
 */
export function bankDuty(
  { parallel }: Pick<PackSpec, 'parallel'>,
  { count, together }: Pick<Banks, 'count' | 'together'>,
  { current, resistance }: Pick<PackFigures, 'current' | 'resistance'>,
): BankDuty {
  const banks = Math.max(1, Math.min(count, parallel)),
    largest = largestBank(parallel, banks)
  const all = (amps: number) => amps
  if (banks === 1) return { banks, working: 1, cells: current, resistance, joined: 1, carries: all, shares: all }
  if (together === 'one at a time')
    return {
      banks,
      working: 1,
      cells: current,
      // the figures are those of the smallest bank; the largest has the stronger short
      resistance: (resistance * Math.floor(parallel / banks)) / largest,
      joined: 1,
      carries: all,
      shares: all,
    }
  const share = largest / parallel,
    /** with another of the largest gone */
    alone = Math.min(1, largest / (parallel - largest)),
    cells = current * share
  return {
    banks,
    working: banks,
    cells,
    resistance: resistance / share,
    joined: 1 / share,
    carries: amps => Math.max(amps * share, Math.min(amps * alone, cells)),
    shares: amps => amps * share,
  }
}
