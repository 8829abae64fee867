import { firstPower } from '../../build'
import type { Rule } from '../finding'

/** A step of the first power-up that was passed over in writing. */
export const stepOverridden: Rule = {
  part: 'controller',
  checks: 'No step of the first power-up was passed over',
  source: 'What is passed over is not known (common practice)',
  check({ model: { project } }) {
    if (project.yard.readings.length === 0) return null
    const over = firstPower(project).groups.flatMap(g => g.steps.filter(s => s.state === 'overridden'))
    const first = over[0]
    if (!first) return null
    return {
      severity: 'note',
      title: over.length === 1 ? 'a step passed over' : 'steps passed over',
      amount: { text: '{n}', params: { n: String(over.length) } },
      sentence: {
        text: `{n} of the first power-up: “${first.step.title}”, because “${first.reading!.why}”. The print shows it.`,
        params: { n: String(over.length) },
      },
      measure: over.length,
      fixes: [],
      need: { text: 'Read it on First power when that can be done.' },
    }
  },
}
