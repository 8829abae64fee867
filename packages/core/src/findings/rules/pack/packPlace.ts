import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** A pack where water comes. */
export const packPlace: Rule = {
  part: 'pack',
  checks: 'Pack stands dry',
  source: 'Away from spray and bilge water (common practice, ISO/TS 23625 by name)',
  check({
    model: {
      project: {
        design: { wiring },
      },
    },
  }) {
    if (wiring.place === 'dry') return null
    const bilge = wiring.place === 'bilge'
    return {
      severity: bilge ? 'stop' : 'caution',
      title: bilge ? 'pack in the bilge' : 'pack in the spray',
      amount: { text: '' },
      sentence: {
        text: bilge
          ? 'Bilge water joins the poles: it corrodes, leaks current into the boat, and shorts cells.'
          : 'Salt spray creeps into links and boards. It wants a box that keeps it out, or a drier place.',
      },
      caution: 'Water on a live pack cannot be switched off. Isolate, keep clear, ask a qualified person.',
      fixes: [{ label: { text: 'A dry place' }, edits: [edit('design.wiring.place', 'dry')] }],
    }
  },
}
