import { metresPerSecond } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

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
      amount: { text: '+{v}', params: { v: metresPerSecond(use.cruiseSpeed - use.topSpeed) } },
      sentence: {
        text: 'Cruise is {c}, top {t}.',
        params: { c: metresPerSecond(use.cruiseSpeed), t: metresPerSecond(use.topSpeed) },
      },
      fixes: [
        {
          label: { text: 'Top {v}', params: { v: metresPerSecond(use.cruiseSpeed) } },
          edits: [edit('use.topSpeed', use.cruiseSpeed)],
        },
        {
          label: { text: 'Cruise {v}', params: { v: metresPerSecond(use.topSpeed) } },
          edits: [edit('use.cruiseSpeed', use.topSpeed)],
        },
      ],
    }
  },
}
