import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'

/** A cruise above the top speed wished cannot be meant. */
export const cruiseAboveTop: Rule = {
  part: 'hull',
  checks: 'Cruise is no faster than top',
  source: 'Sense',
  check({
    model: {
      project: { use },
    },
  }) {
    if (use.cruiseSpeed <= use.topSpeed) return null
    return {
      severity: 'stop',
      title: 'cruise above top',
      amount: { text: '+{v}', params: { v: { value: use.cruiseSpeed - use.topSpeed, quantity: 'speed' } } },
      sentence: {
        text: 'Cruise is {c}, top {t}.',
        params: { c: { value: use.cruiseSpeed, quantity: 'speed' }, t: { value: use.topSpeed, quantity: 'speed' } },
      },
      fixes: [
        {
          label: { text: 'Top {v}', params: { v: { value: use.cruiseSpeed, quantity: 'speed' } } },
          edits: [edit('use.topSpeed', use.cruiseSpeed)],
        },
        {
          label: { text: 'Cruise {v}', params: { v: { value: use.topSpeed, quantity: 'speed' } } },
          edits: [edit('use.cruiseSpeed', use.topSpeed)],
        },
      ],
    }
  },
}
