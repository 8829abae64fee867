import { DAY } from '../../../constants'
import { schedule } from '../../../build'
import { longSeconds } from '../../../units'
import type { Rule } from '../../finding'

/** Days of waiting for parts that matter. */
const MUCH = 3 * DAY

/** Parts for which the whole work waits. */
export const partLate: Rule = {
  part: 'hull',
  checks: 'No parts hold up the work',
  source: 'Deliveries against the plan of work',
  check({ model: { project } }) {
    if (project.yard.tasks.length === 0) return null
    const plan = schedule(project),
      held = plan.tasks
        .filter(t => t.critical && t.waits && Math.abs(t.starts - t.waits.until) < 60 && t.waits.until > MUCH)
        .sort((a, b) => b.waits!.until - a.waits!.until)[0]
    if (!held) return null
    return {
      severity: 'note',
      title: 'parts come late',
      amount: { text: '{d}', params: { d: longSeconds(held.waits!.until) } },
      sentence: {
        text: `“${held.task.name}” waits {d} for ${held.waits!.parts}, and the last day with it.`,
        params: { d: longSeconds(held.waits!.until) },
      },
      measure: held.waits!.until,
      fixes: [],
      need: { text: 'Order them first, and write on Parts and money when they come.' },
    }
  },
}
