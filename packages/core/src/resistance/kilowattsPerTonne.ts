/** A school's rule of so many kilowatts for each tonne that the boat weighs. */
export interface TonneSchool {
  id: 'modest' | 'comfortable' | 'asBefore'
  label: string
  from: number
  to: number
}

/** The schools, kW a tonne at the shaft (common practice, no source). */
export const TONNE_SCHOOLS: readonly TonneSchool[] = [
  { id: 'modest', label: 'Cruising at modest speed', from: 0.5, to: 1 },
  { id: 'comfortable', label: 'Comfortable', from: 1, to: 2 },
  { id: 'asBefore', label: 'As engines were fitted', from: 3, to: 5 },
]

/**
 * What each school would fit.
 *
 * @param mass of the boat, kg
 * @returns W at the shaft, least and most
 * @example schoolPowers(4600)[0].from // 2300
 */
export function schoolPowers(mass: number): { id: TonneSchool['id']; label: string; from: number; to: number }[] {
  return TONNE_SCHOOLS.map(s => ({ ...s, from: s.from * mass, to: s.to * mass }))
}
