import { amountsIn, type Amount, type QuantityId } from '../units'
import { countOf } from './countOf'

/** What plates print, the likelier first where a unit means two things. */
const QUANTITIES = [
  'copperArea',
  'torquePerAmp',
  'speedPerVolt',
  'torque',
  'power',
  'voltage',
  'charge',
  'current',
  'energy',
  'rotation',
  'force',
  'resistance',
  'partMass',
  'smallLength',
  'shortTime',
  'ratio',
  'temperature',
] as const satisfies readonly QuantityId[]
/** What a plate's number measures. */
export type PlateQuantity = (typeof QUANTITIES)[number]

/** How a plate's number is meant. */
export type Manner = 'rated' | 'peak' | 'least' | 'phase' | 'thrust' | 'left'
const MANNERS: readonly (readonly [Manner, RegExp])[] = [
  ['thrust', /\b(?:thrust|pull|push|bollard)\b/i],
  ['left', /\b(?:left|remaining|health|soh|of new|capacity)\b/i],
  ['phase', /\b(?:phase|motor amps|to the motor|rms)\b/i],
  ['peak', /\b(?:peak|max(?:imum)?|most|up to|burst|surge|boost|for \d)\b/i],
  ['least', /\b(?:at least|from|min(?:imum)?|down to)\b/i],
  ['rated', /\b(?:cont(?:inuous(?:ly)?)?|rated|nominal|all day)\b/i],
]
const mannerOf = (words: string): Manner | null => MANNERS.find(([, pattern]) => pattern.test(words))?.[0] ?? null

/** A number of a plate, and how it is meant; `rated` where nothing says otherwise. */
export interface PlateNumber extends Amount<PlateQuantity> {
  manner: Manner
  /** its manner was told */
  plain: boolean
}

/** A line taken apart. */
export interface Said {
  line: string
  /** without the count of pieces */
  words: string
  count: number
  numbers: PlateNumber[]
  /** paid for one, in the owner's money; null where nothing is said, 0 where it is paid already */
  price: number | null
}

const PRICE = /(?:[$£€¥]\s*(\d[\d.,\s]*\d|\d))|(?:(\d[\d.,\s]*\d|\d)\s*(?:[$£€¥]|eur(?:os?)?\b|usd\b|dollars?\b))/i

/** A sum as it is written: "4,000", "4.000" and "4 000" are thousands, since nobody pays thousandths; null for none. */
export function moneyIn(text: string): number | null {
  const found = /(\d[\d.,\s]*\d|\d)(\s?k\b)?/i.exec(text)
  if (!found) return null
  const amount = Number(found[1]!.replace(/[.,\s](?=\d{3}(?!\d))/g, '').replace(',', '.'))
  return Number.isFinite(amount) ? amount * (found[2] ? 1000 : 1) : null
}

/** Commas inside numbers do not part; those between words do. */
const CLAUSE = /[;\n]|,(?!\d{3}\b)/

/**
 * Takes a line apart: count, price, and numbers with how each is meant.
 *
 * @param line in an owner's words
 * @param counted whether a leading number counts pieces: not where sizes are told as 12 × 9
 * @returns what is said
 */
export function saidIn(line: string, counted = true): Said {
  const { count, rest } = counted ? countOf(line) : { count: 1, rest: line.trim() }
  const price = PRICE.exec(rest),
    words = price ? rest.replace(price[0], ' ') : rest
  return {
    line: line.trim(),
    words,
    count,
    numbers: numbersIn(words),
    price: price && moneyIn(price[1] ?? price[2]!),
  }
}

function numbersIn(words: string): PlateNumber[] {
  // a tow scale and a box of a trolling motor say pounds where pounds of pull are meant
  const text = words.replace(/(\d)\s*(?:lbs?|pounds?)\s*(?:of\s+)?(?=(?:thrust|pull|push))/gi, '$1 lbf ')
  let start = 0
  return text.split(CLAUSE).flatMap(clause => {
    const at = text.indexOf(clause, start)
    start = at + clause.length
    const amounts = amountsIn(clause, QUANTITIES)
    const between = amounts.map((a, i) => {
      const end = amounts[i + 1]?.at ?? clause.length
      return clause.slice(a.at + a.text.length, end)
    })
    const lead = amounts.length ? clause.slice(0, amounts[0]!.at) : '',
      leads = mannerOf(lead) !== null
    return amounts.map((a, i) => {
      const before = i === 0 ? lead : between[i - 1]!
      // "at 120 V" ends what stood before it
      const manner = mannerOf(leads ? before : between[i]!) ?? (leads || i > 0 ? null : mannerOf(lead))
      return { ...a, at: at + a.at, manner: manner ?? 'rated', plain: manner === null }
    })
  })
}

/** The first number of a quantity that is meant in one of these ways; null where there is none. */
export const numberOf = (
  said: Said,
  quantity: PlateQuantity,
  manners: readonly Manner[] = ['rated'],
): PlateNumber | null => said.numbers.find(n => n.quantity === quantity && manners.includes(n.manner)) ?? null
/** Its value in SI. */
export const valueOf = (said: Said, quantity: PlateQuantity, manners?: readonly Manner[]): number | null =>
  numberOf(said, quantity, manners)?.value ?? null

/** The volts between which a part works, as told: a range, at most, at least, or nominal volts alone. */
export function voltsOf(said: Said): { rated: number | null; least: number | null; greatest: number | null } {
  const range = said.numbers.find(n => n.quantity === 'voltage' && n.upTo !== null)
  return {
    rated: said.numbers.find(n => n.quantity === 'voltage' && n.manner === 'rated' && n.upTo === null)?.value ?? null,
    least: range?.value ?? valueOf(said, 'voltage', ['least']),
    greatest: range?.upTo ?? valueOf(said, 'voltage', ['peak']),
  }
}
