import { amountsIn } from './amountsIn'
import { QUANTITIES, type Quantity, type QuantityId } from './quantities'
import { METRIC_UNITS, type UnitChoice } from './unitChoice'
import type { UnitId } from './unitTable'

/** Units that only those write who live with feet and pounds; horsepower and knots say nothing. */
const US: ReadonlySet<UnitId> = new Set<UnitId>([
    'ft',
    'in',
    'lb',
    'lbf',
    'mph',
    'mi',
    'gal',
    'galPerHour',
    'degF',
    'lbft',
  ]),
  METRIC: ReadonlySet<UnitId> = new Set<UnitId>([
    'm',
    'cm',
    'mm',
    't',
    'kg',
    'kmh',
    'km',
    'N',
    'kN',
    'litre',
    'litrePerHour',
    'degC',
  ])
/** Units that go with one that is typed. */
const ALONG: Partial<Record<UnitId, Partial<Record<QuantityId, UnitId>>>> = {
  mph: { speed: 'mph', distance: 'mi' },
  kmh: { speed: 'kmh', distance: 'km' },
  kn: { speed: 'kn', distance: 'nm' },
}

/**
 * The units of an owner, by what he typed: feet and pounds alone are the US profile; of a mixture, miles an hour with
 * metres, the speed is as it was typed.
 *
 * @param typed texts with the quantity that each answers
 * @returns units; null where nothing was typed that says
 * @example unitsTyped([{ text: '16 ft 8 in', quantity: 'length' }]).profile // 'us'
 */
export function unitsTyped(typed: readonly { text: string; quantity: QuantityId }[]): UnitChoice | null {
  const found = typed.flatMap(({ text, quantity }) => amountsIn(text, [quantity])).map(a => a.unit)
  const us = found.some(unit => US.has(unit) && !(unit in ALONG)),
    metric = found.some(unit => METRIC.has(unit) && !(unit in ALONG))
  const speeds = found.filter(unit => unit in ALONG)
  if (!us && !metric && speeds.length === 0) return null
  // miles an hour alone are those of one who has said nothing of feet yet
  const profile = us && !metric ? 'us' : !metric && !us && speeds.includes('mph') ? 'us' : METRIC_UNITS.profile
  const along = speeds.at(-1)
  const overrides = along
    ? Object.fromEntries(
        Object.entries(ALONG[along]!).filter(
          ([q, unit]) =>
            unit !==
            (profile === 'us' ? (QUANTITIES[q as QuantityId] as Quantity).us : QUANTITIES[q as QuantityId].units[0]),
        ),
      )
    : {}
  return { profile, overrides }
}
