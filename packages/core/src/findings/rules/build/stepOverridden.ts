import { firstPower, isPassed } from '../../../build'
import type { Rule } from '../../finding'

/** A step of the first power-up that was passed over in writing. */
export const stepOverridden: Rule = {
  part: 'controller',
  checks: 'No step of the first power-up was passed over',
  source: 'What is passed over is not known (common practice)',
  check({ model: { project } }) {
    if (project.yard.readings.length === 0) return null
    // a clash of the design that was passed over is written down like a step
    const titles = new Map(
      firstPower(project).groups.flatMap(g => g.steps.map(s => [s.step.id, s.step.title] as const)),
    )
    const over = project.yard.readings.filter(isPassed)
    const first = over[0]
    if (!first) return null
    return {
      severity: 'note',
      title: over.length === 1 ? 'a step passed over' : 'steps passed over',
      amount: { text: '{n}', params: { n: String(over.length) } },
      sentence: {
        text:
          `{n} of the first power-up: “${titles.get(first.step) ?? 'a clash of the design'}”, ` +
          `because “${first.why}”. The print shows it.`,
        params: { n: String(over.length) },
      },
      measure: over.length,
      fixes: [],
      need: { text: 'Read it on First power when that can be done.' },
    }
  },
}
