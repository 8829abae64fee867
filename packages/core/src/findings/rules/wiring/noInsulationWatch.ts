import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { GUARDED_ABOVE, TOUCH_LIMIT } from '../../../wiring'

/** Above the touch limit without a watch on the insulation. */
export const noInsulationWatch: Rule = {
  part: 'pack',
  checks: 'Above the touch limit the insulation is watched',
  source: 'IEC 61140, ISO 16315 (by name)',
  check({
    wiring: { aboveTouch },
    model: {
      pack,
      project: {
        design: { wiring },
      },
    },
  }) {
    if (!aboveTouch || wiring.fitted.insulationWatch) return null
    return {
      severity: pack.fullVoltage > GUARDED_ABOVE ? 'stop' : 'caution',
      title: 'no insulation watch',
      amount: { text: '+{v}', params: { v: volts(pack.fullVoltage - TOUCH_LIMIT) } },
      sentence: {
        text: 'At {v} a first fault to the hull is not felt; the second one is. A watch tells the first.',
        params: { v: volts(pack.fullVoltage) },
      },
      caution: 'Above the touch limit only a qualified person works on it. Local code first.',
      fixes: [{ label: { text: 'Fit a watch' }, edits: [edit('design.wiring.fitted.insulationWatch', true)] }],
    }
  },
}
