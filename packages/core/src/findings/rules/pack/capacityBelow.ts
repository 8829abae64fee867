import { packHealth } from '../../../log'
import type { Rule } from '../../finding'

/** Share of the capacity that is missing from the plan before it is said. */
const MISSING = 0.05

/** The pack holds less than the plan counts on. */
export const capacityBelow: Rule = {
  part: 'pack',
  checks: 'The pack still holds what the plan counts on',
  source: 'Charge at both ends of trips and amp hours between them',
  check({ model: { project } }) {
    if (project.log.trips.length === 0) return null
    const { readings, now } = packHealth(project),
      plan = project.design.banks.health
    if (readings.length === 0 || now.high >= plan * (1 - MISSING)) return null
    return {
      severity: 'caution',
      title: 'holds less than planned',
      amount: { text: '{s}', params: { s: { quantity: 'ratio', value: now.value / plan - 1 } } },
      sentence: {
        text: 'By {n} trips it holds {a} to {b} of new; the plan counts on {p}.',
        params: {
          n: { quantity: 'count', value: readings.length },
          a: { quantity: 'ratio', value: now.low },
          b: { quantity: 'ratio', value: now.high },
          p: { quantity: 'ratio', value: plan },
        },
      },
      measure: 1 - now.value / plan,
      fixes: [
        {
          label: { text: 'Plan with {s} of new', params: { s: { quantity: 'ratio', value: now.value } } },
          edits: [{ path: 'design.banks.health', value: Math.round(100 * now.value) / 100 }],
        },
      ],
      need: { text: 'Plan with what it holds, and count on less range; look for one weak cell first.' },
    }
  },
}
