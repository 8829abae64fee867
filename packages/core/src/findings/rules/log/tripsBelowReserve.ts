import { belowReserve } from '../../../log'
import { chargeLevels } from '../../../project/chargeLevels'
import type { Rule } from '../../finding'

/** Trips that came home on the reserve. */
export const tripsBelowReserve: Rule = {
  part: 'pack',
  checks: 'Trips end above the reserve',
  source: 'Charge at the end of each trip of the log',
  check({ model: { project } }) {
    const low = belowReserve(project),
      last = low.at(-1)
    if (!last) return null
    const { reserve } = chargeLevels(project),
      worst = Math.min(...low.map(t => t.chargeTo!))
    return {
      severity: low.length > 1 ? 'caution' : 'note',
      title: 'came home on the reserve',
      amount: { text: '{n} ×', params: { n: { quantity: 'count', value: low.length } } },
      sentence: {
        text: '“{t}” ended with {a}; the reserve begins at {r}.',
        params: {
          t: last.name || last.date,
          a: { quantity: 'ratio', value: last.chargeTo! },
          r: { quantity: 'ratio', value: reserve },
        },
      },
      measure: reserve - worst,
      fixes: [],
      need: { text: 'Plan such a day on Day out with what the log has taught, and turn home earlier.' },
    }
  },
}
