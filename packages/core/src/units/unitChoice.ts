import { QUANTITIES, type Quantity, type QuantityId } from './quantities'
import type { UnitId } from './unitTable'

/** The owner's units: a profile, and single quantities that differ from it. */
export interface UnitChoice {
  profile: 'metric' | 'us'
  overrides: Partial<Record<QuantityId, UnitId>>
}

/** Metric and nautical, nothing overridden. */
export const METRIC_UNITS: UnitChoice = { profile: 'metric', overrides: {} }

/**
 * The unit in which a quantity is shown to this owner.
 *
 * @param quantity kind of quantity
 * @param choice the owner's profile and exceptions
 * @returns the unit's short name
 * @example chosenUnit('length', METRIC_UNITS) // 'm'
 */
export function chosenUnit(quantity: QuantityId, choice: UnitChoice): UnitId {
  const known: Quantity = QUANTITIES[quantity]
  const own = choice.overrides[quantity]
  if (own && known.units.includes(own)) return own
  return choice.profile === 'us' ? known.us : known.units[0]
}
