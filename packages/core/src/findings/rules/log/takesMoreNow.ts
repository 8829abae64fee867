import { takesMore, takesMuchMore } from '../../../log'
import type { Rule } from '../../finding'

/** She takes more than on the first trips. */
export const takesMoreNow: Rule = {
  part: 'hull',
  checks: 'She takes no more at like speeds than before',
  source: 'Power of the later trips against the earlier, each at its own speed',
  check({ model: { project } }) {
    const more = takesMore(project)
    if (!more || !takesMuchMore(more)) return null
    return {
      severity: 'caution',
      title: 'takes more than before',
      amount: { text: '+{s}', params: { s: { quantity: 'ratio', value: more.change } } },
      sentence: {
        text: 'At like speeds the later trips took {s} more than the earlier, give or take {d}.',
        params: { s: { quantity: 'ratio', value: more.change }, d: { quantity: 'ratio', value: more.sigma } },
      },
      measure: more.change,
      fixes: [],
      need: { text: 'Look at bottom and propeller; after cleaning run one pair at cruise and compare.' },
    }
  },
}
