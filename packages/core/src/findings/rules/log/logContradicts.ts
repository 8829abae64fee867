import { tripsAtOdds } from '../../../log'
import type { Rule } from '../../finding'

/** A trip that cannot have been as it is written. */
export const logContradicts: Rule = {
  part: 'hull',
  checks: 'The log agrees with itself',
  source: 'Miles, hours, energy and charge of each trip',
  check({ model: { project } }) {
    const odd = tripsAtOdds(project),
      first = odd[0]
    if (!first) return null
    return {
      severity: 'note',
      title: 'a trip contradicts itself',
      amount: { text: '{n}', params: { n: { quantity: 'count', value: odd.length } } },
      sentence: {
        text: `“{t}”: ${first.why.text}.`,
        params: { t: first.trip.name || first.trip.date || String(first.index + 1), ...first.why.params },
      },
      measure: odd.length,
      fixes: [],
      need: { text: 'Open it on Trips and mend what is wrong; until then it may pull the curve.' },
    }
  },
}
