import { slenderness } from '../hull'

/** Dimensions that cannot belong to one boat, as sentences. */
export interface Contradiction { path: string[], message: string }

/** Length to the cube root of displacement: a very heavy tub, and a racing shell (common practice). */
const SLENDERNESS = [2.8, 14] as const

/**
 * Finds dimensions that contradict each other.
 *
 * @param boat lengths in m, mass in kg
 * @returns contradictions; none when all is well
 * @example boatContradictions({ lengthOverAll: 9, lengthWaterline: 7.7, beam: 3, beamWaterline: null, mass: 4600 }).length // 0
 */
export function boatContradictions(boat: { lengthOverAll: number, lengthWaterline: number | null, beam: number, beamWaterline: number | null, mass: number }): Contradiction[] {
  const found: Contradiction[] = []
  const waterline = boat.lengthWaterline ?? 0.88 * boat.lengthOverAll
  if (waterline > boat.lengthOverAll) found.push({ path: ['lengthWaterline'], message: `The waterline (${waterline.toFixed(2)} m) is longer than the boat (${boat.lengthOverAll.toFixed(2)} m)` })
  if (boat.beamWaterline !== null && boat.beamWaterline > boat.beam) found.push({ path: ['beamWaterline'], message: `The beam at the waterline (${boat.beamWaterline.toFixed(2)} m) is more than the greatest beam (${boat.beam.toFixed(2)} m)` })
  if (boat.beam > 0.6 * boat.lengthOverAll) found.push({ path: ['beam'], message: `A beam of ${boat.beam.toFixed(2)} m is more than 60 % of the length` })
  const ratio = slenderness(waterline, boat.mass / 1025)
  const usual = (r: number) => Math.round(1025 * (waterline / r) ** 3)
  if (ratio < SLENDERNESS[0]) found.push({ path: ['mass'], message: `${Math.round(boat.mass)} kg is too heavy for a waterline of ${waterline.toFixed(2)} m; boats of that length weigh ${usual(6.5)} to ${usual(4.2)} kg` })
  if (ratio > SLENDERNESS[1]) found.push({ path: ['mass'], message: `${Math.round(boat.mass)} kg is too light for a waterline of ${waterline.toFixed(2)} m; boats of that length weigh ${usual(6.5)} to ${usual(4.2)} kg` })
  return found
}
