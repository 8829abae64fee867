import { kilograms, share, watts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** A weight that is only guessed makes everything after it a guess. */
export const weightUnknown: Rule = {
  part: 'hull',
  checks: 'Weight is known within 15 %',
  source: 'Common practice: owners are often a fifth out until the boat hangs in a crane',
  check({
    model: {
      project: { boat },
    },
    cruise,
  }) {
    if (boat.massUncertainty <= 0.15) return null
    return {
      severity: 'note',
      title: 'weight',
      amount: { text: '± {u}', params: { u: share(boat.massUncertainty) } },
      sentence: {
        text: 'Cruise could take {low} to {high}. A crane with a scale narrows it most.',
        params: {
          low: watts(cruise.packPowerLow),
          high: watts(cruise.packPowerHigh),
        },
      },
      measure: boat.massUncertainty,
      fixes: [
        {
          label: {
            text: 'Plan for {m}',
            params: { m: kilograms(boat.mass * (1 + boat.massUncertainty / 2)) },
          },
          edits: [
            edit('boat.mass', boat.mass * (1 + boat.massUncertainty / 2)),
            edit('boat.massUncertainty', Math.min(0.15, boat.massUncertainty / 2)),
          ],
        },
        { label: { text: 'Weighed, ± 3 %' }, edits: [edit('boat.massUncertainty', 0.03)] },
      ],
    }
  },
}
