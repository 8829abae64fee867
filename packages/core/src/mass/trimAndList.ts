import type { Balance } from './balance'

/** Share of the waterline by which she may trim either way (common practice). */
const TRIM_ACCEPTED = 0.01
/** A list that is felt, and one that is dangerous to leave, rad (common practice). */
const FELT = Math.PI / 180,
  MUCH = (5 * Math.PI) / 180

/** How far she may trim either way before it counts, m. */
export const trimAccepted = ({ hydro }: Balance): number => TRIM_ACCEPTED * hydro.length

/** Whether her trim is lived with, or counts. */
export const trimState = (balance: Balance): 'fits' | 'caution' =>
  Math.abs(balance.trim.value) > trimAccepted(balance) ? 'caution' : 'fits'

/** Whether her list is hardly felt, is felt (over 1°), or is dangerous to leave (over 5°). */
export function listState({ list }: Balance): 'fits' | 'caution' | 'stop' {
  const off = Math.abs(list.value)
  return off > MUCH ? 'stop' : off > FELT ? 'caution' : 'fits'
}
