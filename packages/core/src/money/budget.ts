import { SHIPPED_LIBRARY, type Library } from '../parts'
import { perLibrary } from '../project/parts/perLibrary'
import { shortened } from '../fields'
import { BUDGET_ITEM, type BudgetItem, type Project } from '../project'
import type { Ranged } from '../numeric'
import { partsList, PARTS_GROUPS } from './partsList'
import { usualPrice } from './usualPrices'

/** A line of the budget. €. */
export interface BudgetRow {
  /** of a line of the design its key; of an owner's own line '' */
  key: string
  /** which of the owner's items says something of it; null where none does */
  index: number | null
  group: string
  name: string
  quantity: number
  unit: 'piece' | 'm'
  use: string
  supplier: string
  state: BudgetItem['state']
  /** for all of it */
  price: Ranged
  /** typed by the owner, of the library, usual for such things, or not known */
  basis: 'typed' | 'library' | 'usual' | 'unknown'
  paid: number | null
  /** s until it comes */
  lead: number | null
  /** it is in the owner's list and no longer in the design */
  gone: boolean
}

/** The money of a conversion. €. */
export interface Budget {
  rows: BudgetRow[]
  groups: { group: string; total: number; open: number }[]
  /** of all lines as they stand, before spare and sale */
  parts: Ranged
  paid: number
  /** of what is neither paid nor there already */
  open: number
  /** what is likely at the end: paid, what is open with the spare, less what the old parts bring */
  likely: Ranged
  /** the owner's limit less what is likely; null where none is set */
  left: number | null
  unknown: number
}

/** A price of a library's sheet and one by common practice are off by so much. */
const SHEET = 0.05,
  USUAL = 0.4

const keyOf = (l: { group: string; item: string; unit: string }) =>
  shortened(`${l.group} ${l.item} ${l.unit}`, BUDGET_ITEM.fields.key)

/**
 * Everything that the conversion costs: the parts of the design, what no design names, spare, sale of old parts.
 *
 * @param project the boat
 * @param library prices of cables and fuses
 * @returns rows and sums; kept as long as the document lives
 */
export const budgetOf = (project: Project, library: Library = SHIPPED_LIBRARY): Budget => kept(project, library)

const kept = perLibrary((project: Project, library: Library): Budget => {
  const { items, spare, sale, budget } = project.yard
  const lines = partsList(project, library),
    told = new Map(items.map((item, index) => [item.key, { item, index }]))
  const about = (value: number, share: number): Ranged => ({
    value,
    low: value * (1 - share),
    high: value * (1 + share),
  })
  const rows: BudgetRow[] = lines.map(line => {
    const key = keyOf(line),
      own = told.get(key),
      each = usualPrice(line.item)
    const typed = own?.item.price ?? null
    const price: Ranged =
      typed !== null
        ? about(typed, 0)
        : line.price !== null
          ? about(line.price, SHEET)
          : each !== null
            ? about(each * line.quantity, USUAL)
            : about(0, 0)
    return {
      key,
      index: own?.index ?? null,
      group: line.group,
      name: line.item,
      quantity: line.quantity,
      unit: line.unit,
      use: line.use,
      supplier: own?.item.supplier ?? '',
      state: own?.item.state ?? 'wanted',
      price,
      basis: typed !== null ? 'typed' : line.price !== null ? 'library' : each !== null ? 'usual' : 'unknown',
      paid: own?.item.paid ?? null,
      lead: own?.item.lead ?? null,
      gone: false,
    }
  })
  const inDesign = new Set(rows.map(r => r.key))
  items.forEach((item, index) => {
    if (item.key !== '' && inDesign.has(item.key)) return
    const share = item.sure ? 0 : USUAL
    rows.push({
      key: item.key,
      index,
      group: item.group,
      name: item.name,
      quantity: item.quantity,
      unit: 'piece',
      use: '',
      supplier: item.supplier,
      state: item.state,
      price: about(item.price ?? 0, item.price === null ? 0 : share),
      basis: item.price === null ? 'unknown' : item.sure ? 'typed' : 'usual',
      paid: item.paid,
      lead: item.lead,
      gone: item.key !== '',
    })
  })
  const order = (group: string) => {
    const at = (PARTS_GROUPS as readonly string[]).indexOf(group)
    return at < 0 ? PARTS_GROUPS.length : at
  }
  rows.sort((a, b) => order(a.group) - order(b.group))
  const sum = (of: (r: BudgetRow) => number) => rows.reduce((s, r) => s + of(r), 0)
  /** doubts of lines add as if each were its own */
  const spread = (of: (r: BudgetRow) => number) => Math.hypot(...rows.map(of))
  const value = sum(r => r.price.value),
    off = spread(r => r.price.high - r.price.value)
  const open = (r: BudgetRow) => (r.paid !== null || r.state === 'have' ? 0 : r.price.value)
  const paid = sum(r => r.paid ?? 0),
    rest = sum(open) * (1 + spare),
    doubt = spread(r => (open(r) > 0 ? r.price.high - r.price.value : 0)),
    likely = paid + rest - sale
  return {
    rows,
    groups: [...new Set(rows.map(r => r.group))].map(group => {
      const of = rows.filter(r => r.group === group)
      return {
        group,
        total: of.reduce((s, r) => s + (r.paid ?? (r.state === 'have' ? 0 : r.price.value)), 0),
        open: of.filter(r => r.state === 'wanted').length,
      }
    }),
    parts: { value, low: value - off, high: value + off },
    paid,
    open: sum(open),
    likely: {
      value: likely,
      // the spare may not be wanted; what is not known is not in the range
      low: Math.min(likely, paid + sum(open) - doubt - sale),
      high: likely + doubt,
    },
    left: budget === null ? null : budget - likely,
    unknown: rows.filter(r => r.basis === 'unknown' && r.paid === null && r.state !== 'have').length,
  }
})

/**
 * The items of the yard with something said of one row.
 *
 * @param project the boat
 * @param row of the budget
 * @param change what is said; the rest stays
 * @returns all items
 */
export function withItem(project: Project, row: BudgetRow, change: Partial<BudgetItem>): BudgetItem[] {
  const { items } = project.yard
  if (row.index !== null) return items.map((item, i) => (i === row.index ? { ...item, ...change } : item))
  return [
    ...items,
    {
      key: row.key,
      name: shortened(row.name, BUDGET_ITEM.fields.name),
      group: row.group,
      supplier: '',
      quantity: row.quantity,
      price: null,
      sure: true,
      state: 'wanted',
      paid: null,
      lead: null,
      ...change,
    },
  ]
}
