import type { ChargerSpec } from './chargerSpec'

/** Mains that a charger is made for: V AC, and the A that it takes there. */
export interface Mains {
  voltage: number
  current: number
}

/** A charger works on mains so far from what its plate says, as a share (common practice). */
export const MAINS_TOLERANCE = 0.15

/**
 * Of a charger's one or two mains voltages, the one nearer to a shore's.
 *
 * @param charger its plate
 * @param shoreVoltage V AC
 * @returns volts and amps of that input
 * @example mainsFor({ inputVoltage: 230, inputCurrent: 8, otherVoltage: 120, otherCurrent: 15 }, 115).current // 15.00
 */
export function mainsFor(
  charger: Pick<ChargerSpec, 'inputVoltage' | 'inputCurrent' | 'otherVoltage' | 'otherCurrent'>,
  shoreVoltage: number,
): Mains {
  const first = { voltage: charger.inputVoltage, current: charger.inputCurrent }
  if (charger.otherVoltage === null) return first
  const other = { voltage: charger.otherVoltage, current: charger.otherCurrent ?? charger.inputCurrent }
  const off = ({ voltage }: Mains) => Math.abs(voltage / shoreVoltage - 1)
  return off(other) < off(first) ? other : first
}

/** Whether a charger works on a shore's volts at all. */
export const worksOn = (charger: ChargerSpec, shoreVoltage: number): boolean =>
  Math.abs(mainsFor(charger, shoreVoltage).voltage / shoreVoltage - 1) <= MAINS_TOLERANCE
