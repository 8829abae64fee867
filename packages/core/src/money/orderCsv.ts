import { shortened } from '../fields'
import { BUDGET_ITEM, ITEM_STATES, type BudgetItem, type Project } from '../project'
import { readTable, writeTable } from '../tables'
import { quoted } from '../units'
import { budgetOf } from './budget'

const ITEM = BUDGET_ITEM.fields
const HEAD = ['group', 'item', 'quantity', 'unit', 'supplier', 'price_euro', 'state', 'paid_euro'] as const

/**
 * The budget as a CSV file.
 *
 * @param project the boat
 * @returns text; prices in €, empty where none is known
 */
export const budgetCsv = (project: Project): string =>
  writeTable([
    [...HEAD],
    ...budgetOf(project).rows.map(r => [
      r.group,
      r.name,
      String(r.quantity),
      r.unit,
      r.supplier,
      r.basis === 'unknown' ? '' : r.price.value.toFixed(2),
      r.state,
      r.paid === null ? '' : r.paid.toFixed(2),
    ]),
  ])

/** Items read from a file, or a sentence that helps. */
export type ItemsRead =
  { ok: true; items: BudgetItem[]; changed: number; added: number } | { ok: false; message: string }

/** At most so many lines of a file are read. */
const MOST = 2000

/**
 * Prices, suppliers and states from a CSV file: lines of the design by their name, others as the owner's own.
 *
 * @param project the boat
 * @param text with a heading that has “item”; “price_euro” and the rest as in the file that goes out
 * @returns all items, or what is wrong and where
 */
export function readBudgetCsv(project: Project, text: string): ItemsRead {
  const [heading = [], ...lines] = readTable(text).rows,
    columns = heading.map(h => h.trim()),
    rows = lines.map(line => Object.fromEntries(columns.map((c, i) => [c, line[i] ?? ''])) as Record<string, string>)
  if (!columns.includes('item')) return { ok: false, message: 'The first line has no “item” column.' }
  if (rows.length > MOST) return { ok: false, message: `The file has ${rows.length} lines; ${MOST} at most are read.` }
  const items = project.yard.items.map(i => ({ ...i })),
    known = new Map(budgetOf(project).rows.map(r => [r.name, r]))
  let changed = 0,
    added = 0
  for (const [i, row] of rows.entries()) {
    const name = shortened(row.item?.trim() ?? '', ITEM.name)
    if (!name) continue
    const number = (column: string): number | null | undefined => {
      const cell = row[column]?.trim().replace(',', '.') ?? ''
      if (cell === '') return null
      const value = Number(cell)
      return Number.isFinite(value) && value >= 0 ? value : undefined
    }
    const price = number('price_euro'),
      paid = number('paid_euro'),
      quantity = number('quantity')
    for (const [column, value] of [
      ['price_euro', price],
      ['paid_euro', paid],
      ['quantity', quantity],
    ] as const)
      if (value === undefined)
        return {
          ok: false,
          message: `Line ${i + 2}, ${column}: ${quoted(row[column] ?? '')} is no number of 0 or more.`,
        }
    const state = ITEM_STATES.find(s => s === row.state?.trim()) ?? 'wanted',
      of = known.get(name),
      base = { supplier: shortened(row.supplier?.trim() ?? '', ITEM.supplier), state, paid: paid ?? null }
    if (of) {
      const same = of.basis !== 'typed' && price !== null && Math.abs((price ?? 0) - of.price.value) < 0.006
      const typed = same ? null : (price ?? null)
      const at = of.index === null ? -1 : of.index
      const next: BudgetItem = {
        ...(at >= 0
          ? items[at]!
          : { key: of.key, name, group: of.group, quantity: of.quantity, sure: true, lead: null, price: null }),
        ...base,
        price: typed,
      } as BudgetItem
      // a line that says nothing new is not kept
      if (at < 0 && typed === null && base.supplier === '' && state === 'wanted' && base.paid === null) continue
      if (at >= 0) items[at] = next
      else items.push(next)
      changed++
    } else {
      items.push({
        key: '',
        name,
        group: shortened(row.group?.trim() ?? '', ITEM.group) || ITEM.group.usual,
        quantity: quantity ?? 1,
        price: price ?? null,
        sure: true,
        lead: null,
        ...base,
      })
      added++
    }
  }
  return { ok: true, items, changed, added }
}
