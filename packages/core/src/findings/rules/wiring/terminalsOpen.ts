import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Bare poles that a hand or a spanner can touch. */
export const terminalsOpen: Rule = {
  part: 'pack',
  checks: 'Poles and links are covered',
  source: 'No live part within reach (common practice; ISO 16315 and ABYC E-30 by name)',
  check({
    wiring: { aboveTouch },
    model: {
      pack,
      project: {
        design: { wiring },
      },
    },
  }) {
    if (wiring.fitted.terminalCovers) return null
    return {
      severity: aboveTouch ? 'stop' : 'caution',
      title: 'open terminals',
      amount: { text: '{v}', params: { v: volts(pack.fullVoltage) } },
      sentence: aboveTouch
        ? { text: 'The poles stand open at {v}: a touch can kill.', params: { v: volts(pack.fullVoltage) } }
        : {
            text: 'A spanner across open poles welds itself on and throws metal, at {v} too.',
            params: { v: volts(pack.fullVoltage) },
          },
      caution: 'Cover what is done before the next link goes on: insulated tools, no rings. Local code first.',
      fixes: [{ label: { text: 'Cover them' }, edits: [edit('design.wiring.fitted.terminalCovers', true)] }],
    }
  },
}
