import { describe, expect, it } from 'vitest'
import {
  budgetCsv,
  budgetOf,
  budgetWorked,
  partsList,
  readBudgetCsv,
  runningCosts,
  SUNDRIES,
  usualPrice,
  withItem,
} from '../../src/money'
import { DEMO, DEMO_BOATS, edit, withEdits, type BudgetItem, type Project } from '../../src/project'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const own = (of: Partial<BudgetItem>): BudgetItem => ({
  key: '',
  name: 'Crane',
  group: 'Tools and hands',
  supplier: '',
  quantity: 1,
  price: 100,
  sure: true,
  state: 'wanted',
  paid: null,
  lead: null,
  ...of,
})
const items = (boat: Project, list: BudgetItem[]) => withEdits(boat, [edit('yard.items', list)])

describe('the budget', () => {
  it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
    '%s: every line has a price or says that none is known',
    (_, boat) => {
      const b = budgetOf(boat)
      expect(b.rows.filter(r => !r.gone && r.key !== '').length).toBe(partsList(boat).length)
      for (const r of b.rows) {
        expect(r.price.low).toBeLessThanOrEqual(r.price.value)
        expect(r.price.value).toBeLessThanOrEqual(r.price.high)
        if (r.basis !== 'unknown') expect(r.price.value, r.name).toBeGreaterThan(0)
      }
      expect(b.unknown / b.rows.length).toBeLessThan(0.2)
      expect(b.likely.low).toBeLessThanOrEqual(b.likely.value)
      expect(b.likely.value).toBeLessThanOrEqual(b.likely.high)
      expect(b.groups.reduce((s, g) => s + g.total, 0)).toBeCloseTo(b.parts.value, 6)
    },
  )
  it('adds up by hand: paid, what is open with its spare, less the sale', () => {
    const bare = withEdits(items(DEMO.tirrick, []), [edit('yard.spare', 0), edit('yard.sale', 0)]),
      all = budgetOf(bare).parts.value
    const boat = withEdits(items(bare, [own({ price: 300 }), own({ name: 'Hoist', price: 100, paid: 120 })]), [
      edit('yard.spare', 0.1),
      edit('yard.sale', 500),
      edit('yard.budget', 5000),
    ])
    const b = budgetOf(boat)
    expect(b.likely.value).toBeCloseTo(120 + 1.1 * (all + 300) - 500, 6)
    expect(b.left).toBeCloseTo(5000 - b.likely.value, 6)
  })
  it('a typed price and a state stay with their line, and a line that left the design is still told', () => {
    const bare = items(DEMO.tirrick, []),
      row = budgetOf(bare).rows[0]!
    const told = items(bare, withItem(bare, row, { price: 1234, state: 'ordered', supplier: 'the shed' }))
    expect(budgetOf(told).rows[0]).toMatchObject({ basis: 'typed', state: 'ordered', supplier: 'the shed' })
    expect(budgetOf(told).rows[0]!.price).toEqual({ value: 1234, low: 1234, high: 1234 })
    const twice = items(told, withItem(told, budgetOf(told).rows[0]!, { state: 'arrived' }))
    expect(twice.yard.items).toHaveLength(1)
    const other = items(bare, [{ ...told.yard.items[0]!, key: 'gone' }])
    expect(budgetOf(other).rows.find(r => r.gone)?.name).toBe(row.name)
  })
  it('a file that goes out comes in again without a change', () => {
    for (const boat of [DEMO.tirrick, DEMO.osprel]) {
      const told = items(boat, [own({ paid: 50, supplier: 'a, b' }), own({ name: 'Rope', price: null })])
      const read = readBudgetCsv(told, budgetCsv(told))
      expect(read.ok).toBe(true)
      if (read.ok) expect(budgetOf(items(told, read.items)).likely.value).toBeCloseTo(budgetOf(told).likely.value, 1)
    }
  })
  it.each([
    ['name,price\nx,1', 'no “item” column'],
    ['item,price_euro\nx,cheap', 'Line 2, price_euro'],
    ['item,paid_euro\nx,-5', 'Line 2, paid_euro'],
  ])('a file that makes no sense is told: %j', (text, words) => {
    const read = readBudgetCsv(DEMO.tirrick, text)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.message).toContain(words)
  })
  it('2,000 parts are summed within the 50 ms of a change', () => {
    const many = items(
      DEMO.tirrick,
      Array.from({ length: 2000 }, (_, i) => own({ name: `Thing ${i}`, price: i })),
    )
    expect(budgetOf(many).rows.length).toBeGreaterThan(2000)
    expect(budgetOf(many).parts.value).toBeGreaterThan((1999 * 2000) / 2)
  })
  it('usual prices follow the size', () => {
    expect(usualPrice('Contactor, 400 A, 60 V DC')!).toBeGreaterThan(usualPrice('Contactor, 50 A, 60 V DC')!)
    expect(usualPrice('Anvil')).toBeNull()
    expect(SUNDRIES.every(s => s.price > 0)).toBe(true)
  })
})

describe('running costs', () => {
  it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
    '%s: the formulas give what is shown',
    (_, boat) => {
      const r = runningCosts(boat)
      expect(r.worked.year.value).toBeCloseTo(r.year.electric.sum, 9)
      if (r.worked.payback) expect(r.worked.payback.value).toBeCloseTo(r.payback.oldEngine!, 9)
      expect(r.spent).toHaveLength(11)
      expect(r.spent[10]!.electric - r.spent[0]!.electric).toBeCloseTo(10 * r.year.electric.sum, 6)
      expect(r.perHour * r.hours).toBeCloseTo(r.year.electric.sum, 6)
      for (const m of r.matters) expect(m.lower === null || m.lower >= 0).toBe(true)
    },
  )
  it('dearer fuel pays the conversion back sooner', () => {
    const at = (price: number) =>
      runningCosts(withEdits(DEMO.brack, [edit('use.costs.fuelPrice', price)])).payback.oldEngine
    const dear = at(4000),
      cheap = at(2000)
    expect(dear).not.toBeNull()
    expect(cheap === null || dear! < cheap).toBe(true)
  })
})

it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
  '%s: the formulas that are shown give the budget',
  (_, boat) => {
    const told = withEdits(boat, [edit('yard.sale', 350), edit('yard.spare', 0.15)]),
      budget = budgetOf(told),
      { likely, parts } = budgetWorked(told, budget)
    expect(likely.value).toBeCloseTo(budget.likely.value, 6)
    expect(parts.value).toBeCloseTo(budget.parts.value, 6)
    expect([likely.low, likely.high]).toEqual([budget.likely.low, budget.likely.high])
    expect([parts.low, parts.high]).toEqual([budget.parts.low, budget.parts.high])
  },
)
