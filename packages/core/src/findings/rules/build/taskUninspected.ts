import { templateOf } from '../../../build'
import type { Rule } from '../../finding'

/** Work that is done and of which nothing was written down, where something is to be looked at. */
export const taskUninspected: Rule = {
  part: 'hull',
  checks: 'Work that is done was inspected',
  source: 'What each task is looked at for (common practice)',
  check({ model: { project } }) {
    const bare = project.yard.tasks.filter(t => t.done && t.inspected === '' && templateOf(t.id)?.inspect)
    const first = bare[0]
    if (!first) return null
    return {
      severity: 'note',
      title: 'work not inspected',
      amount: { text: '{n}', params: { n: String(bare.length) } },
      sentence: {
        text: `{n} of the tasks that are done: “${first.name}” wants ${templateOf(first.id)!.inspect}.`,
        params: { n: String(bare.length) },
      },
      measure: bare.length,
      fixes: [],
      need: { text: 'Write down on Work what was seen.' },
    }
  },
}
