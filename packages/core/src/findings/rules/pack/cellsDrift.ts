import { CELL_LIMITS } from '../../../build'
import { cellSpreads } from '../../../log'
import type { Rule } from '../../finding'

/** V by which the cells may have come apart since the first reading (common practice). */
const GROWN = 0.005

/** One cell leaves the others as months go by. */
export const cellsDrift: Rule = {
  part: 'pack',
  checks: 'The cells stay together over the season',
  source: 'Cell volts at rest, first and last reading',
  check({ model: { project } }) {
    const spread = cellSpreads(project),
      first = spread[0],
      last = spread.at(-1)
    if (!first || !last || last.day === first.day) return null
    if (last.spread <= CELL_LIMITS.rest.most || last.spread - first.spread <= GROWN) return null
    return {
      severity: 'caution',
      title: 'a cell drifts',
      amount: { text: '{v}', params: { v: { quantity: 'cellVoltage', value: last.spread } } },
      sentence: {
        text: 'At rest the cells stood {a} apart and stand {b} now; cell {n} is the lowest.',
        params: {
          a: { quantity: 'cellVoltage', value: first.spread },
          b: { quantity: 'cellVoltage', value: last.spread },
          n: { quantity: 'count', value: last.cell },
        },
      },
      measure: last.spread - CELL_LIMITS.rest.most,
      fixes: [],
      need: { text: 'Let the BMS balance on a long charge, then read again. Look at that cell’s joints first.' },
    }
  },
}
