import type { WiringReport } from '../system'

/**
 * Who draws the amps that a bank's own parts must carry, as a sentence about them begins.
 *
 * @param wiring of the boat
 * @returns a subject and its verb
 * @example whoDraws({ banks: 1, working: 1, bank: { current: 80, shared: 80 } }) // 'The drive draws'
 */
export function whoDraws({
  banks,
  working,
  bank,
}: Pick<WiringReport, 'banks' | 'working'> & {
  bank: Pick<WiringReport['bank'], 'current' | 'shared'>
}): string {
  if (banks === 1) return 'The drive draws'
  if (working === 1) return 'The bank that drives gives'
  return bank.current > bank.shared ? 'With another bank gone, a bank gives' : 'The bank gives'
}
