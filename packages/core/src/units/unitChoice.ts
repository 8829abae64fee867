import { QUANTITIES, type Quantity, type QuantityId } from './quantities'
import type { UnitId } from './unitTable'

/** The owner's money: its name, its sign, and on which side of the amount that stands. Amounts are never converted. */
export interface Currency {
  name: string
  sign: string
  before: boolean
}

/** The owner's units: a profile, single quantities that differ from it, and the money. */
export interface UnitChoice {
  profile: 'metric' | 'us'
  overrides: Partial<Record<QuantityId, UnitId>>
  currency?: Currency
}

/** Money that owners count in; any other is typed. */
export const CURRENCIES: readonly Currency[] = [
  { name: 'EUR', sign: '€', before: false },
  { name: 'USD', sign: '$', before: true },
  { name: 'GBP', sign: '£', before: true },
  { name: 'CHF', sign: 'CHF', before: true },
  { name: 'SEK', sign: 'kr', before: false },
  { name: 'NOK', sign: 'kr', before: false },
  { name: 'DKK', sign: 'kr', before: false },
  { name: 'PLN', sign: 'zł', before: false },
  { name: 'CZK', sign: 'Kč', before: false },
  { name: 'AUD', sign: '$', before: true },
  { name: 'CAD', sign: '$', before: true },
  { name: 'NZD', sign: '$', before: true },
  { name: 'JPY', sign: '¥', before: true },
]
/** The money of each profile, until the owner says otherwise. */
const USUAL_CURRENCY = { metric: CURRENCIES[0]!, us: CURRENCIES[1]! } as const

/** The owner's money. */
export const currencyOf = ({ profile, currency }: UnitChoice): Currency => currency ?? USUAL_CURRENCY[profile]

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

/** Units of a time, each up to the value from which the next says it better, s. */
const TIMES = [
  ['s', 100],
  ['min', 90 * 60],
  ['h', 72 * 3600],
  ['day', Infinity],
] as const satisfies readonly (readonly [UnitId, number])[]

/** Units whose small values are said in a smaller one: a light boat, a canoe's watts and watt hours; SI. */
const SMALLER: Partial<Record<UnitId, { unit: UnitId; below: number }>> = {
  t: { unit: 'kg', below: 995 },
  kW: { unit: 'W', below: 995 },
  kWh: { unit: 'Wh', below: 0.995 * 3.6e6 },
}

/**
 * The unit in which one value is shown: times choose theirs (2 min, not 0.0 h), and so do the weight,
 * power and energy of small boats; a unit that the owner has chosen stands.
 *
 * @param quantity kind of quantity
 * @param value SI; null where there is none
 * @param choice the owner's units
 * @returns the unit's short name
 * @example unitFor('duration', 120, METRIC_UNITS) // 'min'
 */
export function unitFor(quantity: QuantityId, value: number | null, choice: UnitChoice): UnitId {
  const usual = chosenUnit(quantity, choice),
    size = value === null ? NaN : Math.abs(value)
  if (choice.overrides[quantity] || !(size > 0) || !Number.isFinite(size)) return usual
  if (quantity === 'duration' || quantity === 'shortTime' || quantity === 'seconds') {
    const { units }: Quantity = QUANTITIES[quantity]
    return TIMES.find(([unit, most]) => size < most && units.includes(unit))?.[0] ?? usual
  }
  const smaller = SMALLER[usual]
  if (!smaller || size >= smaller.below || !(QUANTITIES[quantity] as Quantity).units.includes(smaller.unit))
    return usual
  // a part's weight is in kg already: what is told in tonnes is the boat
  return usual === 't' && quantity !== 'mass' ? usual : smaller.unit
}
