import { inThousands, readNumber } from './parseQuantity'
import { fromUnit } from './formatQuantity'
import { QUANTITIES, type QuantityId } from './quantities'
import { UNITS, type Unit, type UnitId } from './unitTable'

/** A number with its unit, found in a sentence. SI; `upTo` where a range is told, "80 to 150 V". */
export interface Amount<Q extends QuantityId = QuantityId> {
  quantity: Q
  unit: UnitId
  value: number
  upTo: number | null
  /** a sentence where its number can be read two ways, "1,234 kW"; it is then taken as thousands */
  twoWays: string | null
  /** as it was written, and where */
  text: string
  at: number
}

const NUMBER = /(?<![\w.,])(?:\d+\s\d+\/\d+|\d+\/\d+|\d[\d.,]*\d|\d|[.,]\d+)/g,
  /** the second half of a range */
  TO = /^\s*(?:to|-|–|—|…|\.\.\.?|and)\s*(\d[\d.,]*\d|\d)/i
/** Letters go on: "k" is no unit in "kind". */
const ENDS = /^(?![a-z·])/i

/** On a plate 1,000 is a thousand. */
const plainNumber = (text: string): number => Number(readNumber(text.replace(/^(\d{1,3}),(\d{3})$/, '$1$2')))

const ALIASES = new Map<QuantityId, readonly (readonly [alias: string, unit: keyof typeof UNITS])[]>()
/** How the units of a quantity are written, the longest first. */
function aliasesOf(quantity: QuantityId) {
  const known = ALIASES.get(quantity)
  if (known) return known
  const found = QUANTITIES[quantity].units
    .flatMap(id => {
      const unit: Unit = UNITS[id]
      return [unit.symbol, id, ...unit.aliases].map(alias => [alias.toLowerCase(), id] as const)
    })
    .filter(([alias]) => alias)
    .sort(([a], [b]) => b.length - a.length)
  ALIASES.set(quantity, found)
  return found
}

/**
 * Finds every number with a unit in a sentence.
 *
 * @param text in an owner's words
 * @param quantities that may be meant, the likelier first: "nm" is a torque or a distance
 * @returns amounts in their order; numbers without a unit of these quantities are left out
 * @example amountsIn('36 V 160 Ah, 96 lb', ['voltage', 'charge', 'partMass']).map(a => a.value) // [36, 160, 43.544868]
 */
export function amountsIn<Q extends QuantityId>(text: string, quantities: readonly Q[]): Amount<Q>[] {
  const found: Amount<Q>[] = []
  let from = 0
  for (const match of text.matchAll(NUMBER)) {
    if (match.index < from) continue
    const asWritten = readNumber(match[0]),
      first = plainNumber(match[0])
    if (!Number.isFinite(first)) continue
    let end = match.index + match[0].length,
      last: number | null = null
    const range = TO.exec(text.slice(end)),
      second = range ? plainNumber(range[1]!) : null
    let unit = unitAt(text, end, quantities)
    if (!unit && range && second !== null) {
      last = second
      end += range[0].length
      unit = unitAt(text, end, quantities)
    }
    if (!unit) continue
    end = unit.end
    from = end
    const si = (value: number) => fromUnit(value, unit.id)
    found.push({
      quantity: unit.quantity,
      unit: unit.id,
      value: si(first),
      upTo: last === null ? null : si(last),
      twoWays: typeof asWritten === 'string' && !inThousands(unit.id) ? asWritten : null,
      text: text.slice(match.index, end).trim(),
      at: match.index,
    })
  }
  return found
}

function unitAt<Q extends QuantityId>(text: string, at: number, quantities: readonly Q[]) {
  const spaces = /^[\s\u00A0-]*/.exec(text.slice(at))![0].length,
    rest = text.slice(at + spaces).toLowerCase()
  for (const quantity of quantities)
    for (const [alias, id] of aliasesOf(quantity))
      if (rest.startsWith(alias) && ENDS.test(rest.slice(alias.length)))
        return { quantity, id, end: at + spaces + alias.length }
  return null
}
