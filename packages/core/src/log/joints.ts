import type { Joint } from '../project'

/** K above its cable at which a joint is loose, and at which one stops (common practice). */
const LOOSE = 10,
  STOP = 30

/**
 * How much warmer a joint was than the cable beside it.
 *
 * @param joint a reading under load, temperatures in K
 * @returns K
 * @example jointRise({ name: 'Shunt', at: '2026-06-01', temperature: 318.15, beside: 303.15, current: 90 }) // 15
 */
export const jointRise = ({ temperature, beside }: Joint): number => temperature - beside

/**
 * What a reading of a joint says: tight from 10 K above its cable, to be switched off from 30 K.
 *
 * @param joint a reading under load
 * @returns its state
 *
 * Source: infrared readings under load (common practice).
 */
export function jointState(joint: Joint): 'fits' | 'caution' | 'stop' {
  const rise = jointRise(joint)
  return rise >= STOP ? 'stop' : rise >= LOOSE ? 'caution' : 'fits'
}
