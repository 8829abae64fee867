import type { QuantityId } from './quantities'
import { currencyOf, METRIC_UNITS, unitFor, type UnitChoice } from './unitChoice'
import { UNITS, type Unit, type UnitId } from './unitTable'
import { gaugeText } from './wireGauge'

const THIN_SPACE = '\u2009'
const TRUE_MINUS = '\u2212'
const MOST_PERCENT = 999

/** A figure ready to be set in type: its digits and its unit apart. */
export interface FormattedQuantity {
  text: string
  unit: string
}

/**
 * SI value to a number in a unit.
 *
 * @param value SI
 * @param unit the unit wanted
 * @returns the number in that unit
 * @example toUnit(2.572222, 'kn') // 5.000
 */
export function toUnit(value: number, unit: UnitId): number {
  const u: Unit = UNITS[unit]
  return (value - (u.offset ?? 0)) / u.scale
}

/**
 * A number in a unit to SI.
 *
 * @param value in that unit
 * @param unit the unit
 * @returns the SI value
 * @example fromUnit(8, 'hp') // 5965.6
 */
export function fromUnit(value: number, unit: UnitId): number {
  const u: Unit = UNITS[unit]
  return (u.offset ?? 0) + value * u.scale
}

/**
 * Digits of a number as Remigo prints them: three figures, never more decimals than asked, thin spaces, true minus.
 *
 * @param value any finite number; not finite gives an en dash
 * @param decimals most decimals
 * @returns the digits
 * @example formatNumber(-2.304, 2) // '−2.30'
 */
export function formatNumber(value: number, decimals: number): string {
  if (!Number.isFinite(value)) return '–'
  const size = Math.abs(value)
  const wanted = size >= 99.95 ? 0 : size >= 9.995 ? 1 : 2
  const digits = size.toFixed(Math.min(decimals, decimals > 2 ? decimals : wanted))
  const [whole = '0', part] = digits.split('.')
  const grouped = whole.length > 4 ? whole.replace(/\B(?=(\d{3})+$)/g, THIN_SPACE) : whole
  const sign = value < 0 && Number(digits) !== 0 ? TRUE_MINUS : ''
  return sign + grouped + (part ? `.${part}` : '')
}

/** What never ends, such as the time at rest with nothing switched on, is said in words. */
const TIMES: ReadonlySet<QuantityId> = new Set(['duration', 'shortTime', 'years'])

/**
 * A figure in the owner's unit.
 *
 * @param value SI; null or not finite gives an en dash, a time without end "for ever"
 * @param quantity kind of quantity
 * @param choice the owner's units
 * @returns digits and unit
 * @example formatQuantity(2290, 'electricPower').text // '2.29'
 * @example formatQuantity(64.2, 'electricPower') // { text: '64', unit: 'W' }
 */
export function formatQuantity(
  value: number | null,
  quantity: QuantityId,
  choice: UnitChoice = METRIC_UNITS,
): FormattedQuantity {
  if (value === Infinity && TIMES.has(quantity)) return { text: 'for ever', unit: '' }
  return formatIn(value, unitFor(quantity, value, choice), choice)
}

/**
 * A figure in a given unit, as the ends of a range want it, which stand in the unit of their middle.
 *
 * @param value SI; null or not finite gives an en dash
 * @param id the unit
 * @param choice the owner's money
 * @returns digits and unit
 * @example formatIn(5400, 'h').text // '1.5'
 */
export function formatIn(value: number | null, id: UnitId, choice: UnitChoice = METRIC_UNITS): FormattedQuantity {
  const unit: Unit = UNITS[id]
  if (id === 'gauge' && value !== null && Number.isFinite(value)) return gaugeText(value)
  const number = value === null ? NaN : toUnit(value, id)
  const small = unit.smallDecimals !== undefined && number !== 0 && Math.abs(number) < 0.0995
  const whole = unit.wholeFrom !== undefined && Math.abs(number) >= unit.wholeFrom
  // a percentage of four digits tells nobody more than that it is far beyond
  if (id === 'percent' && Math.abs(number) > MOST_PERCENT)
    return { text: `${number < 0 ? TRUE_MINUS : ''}${MOST_PERCENT}+`, unit: unit.symbol }
  const text = formatNumber(number, small ? unit.smallDecimals! : whole ? 0 : unit.decimals)
  if (id in PER) return money(text, PER[id as keyof typeof PER], choice)
  return { text: unit.nominal ? text.replace(/\.0+$/, '') : text, unit: unit.symbol }
}

/** What an amount of money is for. */
const PER = { euro: '', euroAndCents: '', euroPerKWh: '/kWh', euroPerLitre: '/l', euroPerGal: '/gal' } as const

/** An amount with the sign of the owner's money, before or behind it. */
function money(text: string, per: string, choice: UnitChoice): FormattedQuantity {
  const { sign, before } = currencyOf(choice)
  return before
    ? { text: `${sign}${sign.length > 1 ? '\u00A0' : ''}${text}`, unit: per }
    : { text, unit: `${sign}${per}` }
}

/**
 * A figure with its unit in one string, as a sentence wants it.
 *
 * @param value SI
 * @param quantity kind of quantity
 * @param choice the owner's units
 * @returns for instance "2.29 kW"
 * @example quantityText(58.4, 'voltage') // '58.4\u00A0V'
 */
export function quantityText(value: number | null, quantity: QuantityId, choice: UnitChoice = METRIC_UNITS): string {
  const { text, unit } = formatQuantity(value, quantity, choice)
  // a degree of an angle stands at its number (ISO 80000-1), every other unit a space away
  return unit === '' ? text : unit === '°' || unit.startsWith('/') ? text + unit : `${text}\u00A0${unit}`
}

/**
 * By how much a figure differs, in the owner's unit, with its sign, or 0 where no digit is left: of a temperature the
 * degrees alone, not the scale's zero.
 *
 * @param difference SI
 * @param quantity kind of quantity
 * @param choice the owner's units
 * @param id the unit, where it is that of another figure
 * @returns digits with a sign, and unit
 * @example formatDifference(-2100, 'electricPower').text // '−2.10'
 * @example formatDifference(10, 'temperature', { profile: 'us', overrides: {} }).text // '+18'
 */
export function formatDifference(
  difference: number,
  quantity: QuantityId,
  choice: UnitChoice = METRIC_UNITS,
  id: UnitId = unitFor(quantity, difference, choice),
): FormattedQuantity {
  const { offset = 0 }: Unit = UNITS[id]
  const { text, unit } = formatIn(Math.abs(difference) + offset, id, choice)
  return { text: /[1-9]/.test(text) ? `${difference < 0 ? TRUE_MINUS : '+'}${text}` : '0', unit }
}
