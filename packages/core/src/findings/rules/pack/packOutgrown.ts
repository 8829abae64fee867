import { YEAR } from '../../../constants'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Years that an owner counts on. */
const FEW_YEARS = 5

/** A pack that the day outgrows soon, or that wears out soon. */
export const packOutgrown: Rule = {
  part: 'pack',
  checks: 'The outing still fits after some years',
  source: 'Wear by cycles and by the calendar (common practice, ± 40 %)',
  check({ wear, model }) {
    const { design } = model.project
    const until = Math.min(wear.outgrown ?? Infinity, wear.years)
    if (until >= FEW_YEARS || wear.outgrown === 0) return null
    return {
      severity: 'note',
      title: 'wears out soon',
      amount: { text: '{y}', params: { y: { value: until * YEAR, quantity: 'years' } } },
      sentence: {
        text:
          until === wear.years
            ? 'At {n} outings a year four fifths of the capacity are left by then. Shallower outings or a ' +
              'larger pack last longer.'
            : 'At {n} outings a year the pack still works then, but an outing no longer fits with its reserve.',
        params: { n: String(model.project.use.outings) },
      },
      fixes: [
        {
          label: { text: '{n} in parallel', params: { n: String(design.pack.parallel + 1) } },
          edits: [edit('design.pack.parallel', design.pack.parallel + 1)],
        },
      ],
    }
  },
}
