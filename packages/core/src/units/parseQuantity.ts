import { fromUnit } from './formatQuantity'
import { QUANTITIES, type Quantity, type QuantityId } from './quantities'
import { quoted } from './quoted'
import { currencyOf, METRIC_UNITS, unitFor, type UnitChoice } from './unitChoice'
import { UNITS, type Unit, type UnitId } from './unitTable'
import { readGauge } from './wireGauge'

/** What a typed text came to: an SI value, or a sentence that helps. */
export type ParsedQuantity = { ok: true; value: number } | { ok: false; message: string }

/** Aliases to the units that carry them. Case counts only where it must (mW and MW are neither). */
const BY_ALIAS = new Map<string, UnitId[]>()
for (const [id, unit] of Object.entries(UNITS) as [UnitId, Unit][]) {
  for (const alias of new Set([unit.symbol.toLowerCase(), id.toLowerCase(), ...unit.aliases])) {
    BY_ALIAS.set(alias, [...(BY_ALIAS.get(alias) ?? []), id])
  }
}

/**
 * What a second number would be, had its unit been written: 18 ft 6 is 18 ft 6 in. It is asked, not guessed: 3300
 * lb3400 looks the same.
 */
const FOLLOWING: Partial<Record<UnitId, UnitId>> = { ft: 'in', h: 'min', min: 's', deg: 'arcmin' }

/** Letters up to the next number; the 2 of mm2 and the 3 of m3 are part of the unit. */
const WORD = /^(?:[^\d]*m[23](?!\d)|[^\d]*)/

/** "1,234.5", "1.234,5", "2,4", "1 200", "6 1/2" → a number, or a message when it can be read two ways. */
export function readNumber(raw: string): number | string {
  const text = raw.replace(/[\u2009\u00A0\s_](?=\d{3}(\D|$))/g, '')
  const fraction = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text.trim())
  if (fraction) return Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3])
  const t = text.trim()
  const comma = t.lastIndexOf(','),
    dot = t.lastIndexOf('.')
  if (comma >= 0 && dot >= 0) {
    const thousands = comma > dot ? /\./g : /,/g
    return Number(t.replace(thousands, '').replace(',', '.'))
  }
  if (/^\d{1,3}(,\d{3}){2,}$/.test(t)) return Number(t.replace(/,/g, ''))
  if (/^[1-9]\d{0,2},\d{3}$/.test(t)) {
    const [a, b] = t.split(',')
    return `“${t}” can be read two ways. Write ${a}${b} or ${a}.${b}.`
  }
  return Number(t.replace(',', '.'))
}

/** Letters of the longest number with its units that anybody writes. */
const LONGEST_NUMBER = 60

/**
 * Reads a quantity as an owner types it: any fitting unit, compound feet and inches or hours and minutes,
 * fractions, decimal comma. Without a unit it is in the owner's own.
 *
 * @param text what was typed
 * @param quantity kind of quantity wanted
 * @param choice the owner's units
 * @param near SI value that the field shows: a bare number is in the unit that it is shown in
 * @returns the SI value, or a message that says what is wrong and what would do
 * @example parseQuantity('8° 12′ W', 'coordinate') // { ok: true, value: -0.143117 }
 * @example parseQuantity('18 ft 6 in', 'length') // { ok: true, value: 5.6388 }
 */
export function parseQuantity(
  text: string,
  quantity: QuantityId,
  choice: UnitChoice = METRIC_UNITS,
  near: number | null = null,
): ParsedQuantity {
  const wanted: Quantity = QUANTITIES[quantity]
  const wrong = (why: string): ParsedQuantity => ({ ok: false, message: `${why} Try ${wanted.example}.` })
  if (text.trim().length > LONGEST_NUMBER) return wrong(`${quoted(text.trim())} is too long for a ${wanted.name}.`)
  if (quantity === 'copperArea') {
    const gauge = readGauge(text, choice.profile === 'us')
    if (gauge !== null) return typeof gauge === 'string' ? { ok: false, message: gauge } : { ok: true, value: gauge }
  }
  const own = unitFor(quantity, near, choice),
    bareUnit: UnitId = own === 'gauge' ? 'mm2' : own
  const trimmed = (quantity === 'price' || quantity === 'pricePerEnergy' ? withoutSign(text, choice) : text)
    .trim()
    .replace(/[\u2212–]/g, '-')
  // 8° 12′ W is −8.2°
  const hemisphere = quantity === 'coordinate' ? /^(.*\d.*?)\s*([NSEW])$/i.exec(trimmed) : null
  const source = hemisphere ? `${/[SW]/i.test(hemisphere[2]!) ? '-' : ''}${hemisphere[1]!}` : trimmed
  if (!source) return wrong(`This field wants a ${wanted.name}.`)
  const sign = source.startsWith('-') ? -1 : 1
  let rest = source.replace(/^[-+]\s*/, '')
  let total = 0
  let previous: UnitId | undefined
  let pieces = 0
  while (rest) {
    const number = /^((?:\d+\s+)?\d+\/\d+|\d[\d.,\u2009\u00A0_]*(?:\s\d{3}(?!\d))*(?:[.,]\d+)?|[.,]\d+)\s*/.exec(rest)
    if (!number) return wrong(`“${text.trim()}” is not a ${wanted.name}.`)
    const read = readNumber(number[1]!)
    if (typeof read === 'number' && !Number.isFinite(read)) return wrong(`“${number[1]}” is not a number.`)
    rest = rest.slice(number[0].length)
    const letters = WORD.exec(rest)![0],
      word = letters.trim().replace(/,$/, '').trim()
    rest = rest.slice(letters.length)
    const unit = word ? findUnit(word, wanted) : pieces ? undefined : bareUnit
    const value = typeof read === 'string' && unit && inThousands(unit, choice) ? withoutComma(number[1]!) : read
    if (typeof value === 'string') return { ok: false, message: value }
    if (!unit && !word && previous) {
      const next = FOLLOWING[previous]
      return {
        ok: false,
        message:
          `“${text.trim()}”: what is ${number[1]!.trim()}? ` +
          `${next ? `Write “${shortened(text)} ${UNITS[next].symbol}”, or` : 'Write'} one number with its unit.`,
      }
    }
    if (unit && previous && UNITS[unit].scale >= UNITS[previous].scale) {
      return wrong(
        unit === previous
          ? `“${text.trim()}” holds two numbers in ${UNITS[unit].symbol}.`
          : `“${text.trim()}” holds two numbers: ${UNITS[unit].symbol} does not follow ${UNITS[previous].symbol}.`,
      )
    }
    if (!unit) {
      const foreign = BY_ALIAS.get(word.toLowerCase())
      const kind = foreign && Object.values<Quantity>(QUANTITIES).find(q => q.units.includes(foreign[0]!))
      if (kind) return wrong(`“${word}” measures a ${kind.name}; this field wants a ${wanted.name}.`)
      return wrong(word ? `“${word}” is not a unit Remigo knows.` : `“${text.trim()}” holds two numbers.`)
    }
    total += pieces ? value * UNITS[unit].scale : fromUnit(value * ('offset' in UNITS[unit] ? sign : 1), unit)
    if (pieces === 0 && 'offset' in UNITS[unit] && !rest) return { ok: true, value: total }
    previous = unit
    pieces++
  }
  return { ok: true, value: sign * total }
}

/** Nobody writes thousandths of a pound or of a turn, and those who live with pounds part thousands by commas. */
export const inThousands = (unit: UnitId, { profile }: UnitChoice = METRIC_UNITS) =>
  profile === 'us' || (UNITS[unit] as Unit).decimals === 0 || unit === 'ft'
const withoutComma = (number: string) => Number(number.replace(',', ''))

/** An amount without the sign or name of any money: which it is, is the owner's choice once for all. */
const withoutSign = (text: string, choice: UnitChoice) =>
  text
    .replaceAll(currencyOf(choice).sign, '')
    .replaceAll(currencyOf(choice).name, '')
    .replace(/[$£€¥]/g, '')
    .replace(/\/\s*kwh/i, ' €/kWh')

/** What was typed, without stray spaces. */
const shortened = (text: string) => text.trim().replace(/\s+/g, ' ')

function findUnit(word: string, wanted: Quantity): UnitId | undefined {
  const ids = BY_ALIAS.get(word.toLowerCase().replace(/\.$/, ''))
  return ids?.find(id => wanted.units.includes(id))
}
