import { dueNow, logDay } from '../../../log'
import type { Rule } from '../../finding'

/** Maintenance that is late on the day of the last trip. */
export const dueLate: Rule = {
  part: 'hull',
  checks: 'What is due is done',
  source: 'Hours, months and trips of the log',
  check({ model: { project } }) {
    const late = dueNow(project, logDay(project)).filter(d => d.state === 'late'),
      first = late[0]
    if (!first) return null
    return {
      severity: 'caution',
      title: late.length > 1 ? 'work is due' : 'one thing is due',
      amount: { text: '{n}', params: { n: { quantity: 'count', value: late.length } } },
      sentence:
        late.length > 1
          ? {
              text: '“{w}” comes first of {n}.',
              params: { w: first.due.name, n: { quantity: 'count', value: late.length } },
            }
          : { text: '“{w}” should have been done by now.', params: { w: first.due.name } },
      measure: late.length,
      fixes: [],
      need: { text: 'Do it, then tick it on Health.' },
    }
  },
}
