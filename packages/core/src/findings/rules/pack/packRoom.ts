import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** The pack against the spaces that were measured. */
export const packRoom: Rule = {
  part: 'pack',
  checks: 'Blocks find room in the spaces measured',
  source: 'Whole blocks, upright, with the clearance typed',
  check({
    fit,
    model: {
      project: {
        design: { pack },
      },
    },
  }) {
    if (!fit || fit.left === 0) return null
    const fits = Math.floor(fit.placed / pack.series)
    return {
      severity: 'caution',
      title: 'no room for the pack',
      amount: { text: '{n} left over', params: { n: String(fit.left) } },
      sentence: {
        text: '{a} of {b} blocks find room in the spaces that you measured.',
        params: { a: String(fit.placed), b: String(fit.placed + fit.left) },
      },
      fixes:
        fits >= 1
          ? [
              {
                label: { text: '{n} in parallel', params: { n: String(fits) } },
                edits: [edit('design.pack.parallel', fits)],
              },
            ]
          : [],
    }
  },
}
