import type { Project } from '../project'
import { count, price, ratio } from '../working/inputs'
import { workedOut, type Worked } from '../working'
import type { Budget } from './budget'

/** The sums of a budget with their working. € */
export interface BudgetWorked {
  likely: Worked
  parts: Worked
}

/**
 * The sums of a budget with their working.
 *
 * @param project the boat
 * @param budget hers
 * @returns what is likely at the end, and all lines as they stand
 */
export function budgetWorked({ yard }: Pick<Project, 'yard'>, budget: Budget): BudgetWorked {
  const basis = (of: Budget['rows'][number]['basis']) =>
    budget.rows.filter(r => r.basis === of).reduce((sum, r) => sum + r.price.value, 0)
  return {
    likely: workedOut({
      label: 'Likely at the end',
      quantity: 'price',
      inputs: {
        paid: price(budget.paid, 'paid'),
        open: price(budget.open, 'lines that are neither paid nor there already'),
        spare: ratio(yard.spare, 'spare for what is open'),
        sale: price(yard.sale, 'old parts bring'),
      },
      formula: v => v.paid + v.open * (1 + v.spare) - v.sale,
      words: 'likely = paid + open × (1 + spare) − old parts',
      range: () => ({ low: budget.likely.low, high: budget.likely.high }),
      source:
        'Prices typed, of the library (± 5 %), or usual for such things (± 40 %); doubts of lines as if each its own',
      holds: { text: 'The low end is without the spare. What has no price is not in it.' },
    }),
    parts: workedOut({
      label: 'All lines',
      quantity: 'price',
      inputs: {
        typed: price(basis('typed'), 'typed by you'),
        library: price(basis('library'), 'of the library'),
        usual: price(basis('usual'), 'usual for such things'),
        unknown: count(budget.unknown, 'lines without a price'),
      },
      formula: v => v.typed + v.library + v.usual,
      words: 'sum of the lines by where their price is from',
      range: () => ({ low: budget.parts.low, high: budget.parts.high }),
      source: 'The parts list of the design, and your own lines',
    }),
  }
}
