import { mainsFor } from '../../../battery'
import { amps, watts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { chargersOf } from '../../../project/parts/charging'
import type { Rule } from '../../finding'

/** A charger on its own breaker is not worth a word: 13 of 16 A are usual. */
const MUCH_LESS = 0.75

/** A shore that gives less than the charger could use. */
export const shoreWeak: Rule = {
  part: 'pack',
  checks: 'Shore gives what the charger asks',
  source: 'Breaker × share for hours (80 %, common practice)',
  check({
    charge,
    model: {
      project: {
        design: { charging, pack },
      },
    },
  }) {
    const { charger, count } = chargersOf({ charging, pack })
    const asks = count * mainsFor(charger, charging.shoreVoltage).current
    if (charge.limit !== 'shore' || charging.shoreCurrent * charging.continuous > MUCH_LESS * asks) return null
    return {
      severity: 'note',
      title: 'shore limits the charge',
      amount: { text: '{p}', params: { p: watts(charge.shorePower) } },
      sentence: {
        text:
          'Chargers ask up to {a}; this breaker gives {g} for hours. Set them down to it, or it trips ' +
          'in the night.',
        params: {
          a: amps(asks),
          g: amps(charging.shoreCurrent * charging.continuous),
        },
      },
      fixes: [
        ...(charging.count > 1
          ? [
              {
                label: { text: '{n} of them', params: { n: String(charging.count - 1) } },
                edits: [edit('design.charging.count', charging.count - 1)],
              },
            ]
          : []),
        {
          label: { text: 'A breaker of {a}', params: { a: amps(32) } },
          edits: [edit('design.charging.shoreCurrent', 32)],
        },
      ],
    }
  },
}
