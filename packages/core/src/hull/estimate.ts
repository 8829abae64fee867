import type { FormEstimate } from './hullForm'

/**
 * The owner's figure where there is one; else the estimate, noted in the list.
 *
 * @param given the owner's figure, or null
 * @param estimate field, value, spread and basis of the estimate
 * @param estimates list that the estimate joins when it is used
 * @returns the figure to compute with
 * @example givenOr(7.75, { field: 'lengthWaterline', value: 7.6, spread: 0.05, basis: '' }, []) // 7.75
 */
export function givenOr(given: number | null, estimate: FormEstimate, estimates: FormEstimate[]): number {
  if (given !== null) return given
  estimates.push(estimate)
  return estimate.value
}
