import { measuredOf } from '../../../system'
import type { Rule } from '../../finding'

/** Readings that were made one way only. */
const WANTED = 3

export const oneWayTrial: Rule = {
  part: 'hull',
  checks: 'Readings were made both ways, or without a stream',
  source: 'Ways and streams of the table of readings',
  check({ model: { project } }) {
    const read = measuredOf(project).points.filter(p => p.trip === null && p.kind === 'battery'),
      open = read.filter(p => p.stream === 'none')
    if (read.length < WANTED || open.length < read.length) return null
    return {
      severity: 'note',
      title: 'runs one way only',
      amount: { text: '{n}', params: { n: { quantity: 'count', value: open.length } } },
      sentence: {
        text: 'None of {n} readings has a run the other way, so a stream may stand in all of them.',
        params: { n: { quantity: 'count', value: open.length } },
      },
      measure: open.length,
      fixes: [],
      need: { text: 'Run one of them again the other way on Sea trial.' },
    }
  },
}
