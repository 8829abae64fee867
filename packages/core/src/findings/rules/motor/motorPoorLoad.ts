import { share } from '../../../units'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** A motor far too large for cruise wastes power in its iron. */
export const motorPoorLoad: Rule = {
  part: 'motor',
  checks: 'Motor is efficient where the boat really cruises',
  source: 'Loss model; ten points below the rated efficiency (common practice)',
  check({ model: { project }, cruise }) {
    const rated = project.design.motor.ratedEfficiency
    if (cruise.drive.motorEfficiency === 0 || cruise.drive.motorEfficiency > rated - 0.1) return null
    return {
      severity: 'note',
      title: 'motor at small load',
      amount: { text: '{e}', params: { e: share(cruise.drive.motorEfficiency) } },
      sentence: {
        text:
          'At cruise it runs at {share} of its rating and turns {e} of its power into work; {rated} at its ' +
          'rated point.',
        params: {
          share: share(cruise.drive.continuousShare),
          e: share(cruise.drive.motorEfficiency),
          rated: share(rated),
        },
      },
      measure: rated - cruise.drive.motorEfficiency,
      fixes: [RESIZE],
    }
  },
}
