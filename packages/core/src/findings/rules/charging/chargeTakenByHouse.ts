import { smallWatts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** A charge that never grows, since the house takes it. */
export const chargeTakenByHouse: Rule = {
  part: 'pack',
  checks: 'Sources give more than the house takes',
  source: 'Sum of the sources less the house',
  check({
    charge,
    model: {
      project: {
        use,
        design: { charging },
      },
    },
  }) {
    if (charge.current > 0 || charge.limit === 'cold' || charge.limit === 'taper' || charge.limit === 'cells')
      return null
    return {
      severity: 'caution',
      title: 'no charge left over',
      amount: { text: '' },
      sentence: {
        text: 'The house takes {h}, and the sources that are on give no more. The pack empties while she charges.',
        params: { h: smallWatts(use.houseLoad) },
      },
      fixes:
        charging.supply === 'none'
          ? [{ label: { text: 'Charge from the shore' }, edits: [edit('design.charging.supply', 'shore')] }]
          : [],
    }
  },
}
