import { share } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

const LEAST = 0.15,
  MOST = 0.65

/** From battery to hull: an answer that no real conversion shows. */
export const efficiencyDoubt: Rule = {
  part: 'propeller',
  checks: 'From battery to water the losses look real',
  source: 'Real conversions reach 0.30 to 0.50 at cruise, 0.15 to 0.65 at the extremes (common practice)',
  check({ cruise, model: { project } }) {
    const e = cruise.drive.overallEfficiency
    if (e >= LEAST && e <= MOST) return null
    return {
      severity: 'caution',
      title: e < LEAST ? 'much is lost on the way' : 'too good to be true',
      amount: { text: '{e}', params: { e: share(e) } },
      sentence: {
        text:
          e < LEAST
            ? 'Of each kilowatt from the pack only {e} pushes the boat at cruise. Real conversions reach 30 to 50 %.'
            : 'At cruise {e} of the pack’s power would push the boat. Real conversions reach 30 to 50 %: check ' +
              'weight and propeller.',
        params: { e: share(e) },
      },
      measure: e < LEAST ? LEAST / Math.max(1e-3, e) : e / MOST,
      fixes:
        e < LEAST
          ? [RESIZE]
          : [
              {
                label: { text: 'Sea margin 25 %' },
                edits: [edit('use.seaMargin', Math.max(0.25, project.use.seaMargin))],
              },
            ],
    }
  },
}
