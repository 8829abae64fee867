import { edit } from '../../../project/definition/projectPath'
import { isLead } from '../../../battery'
import type { Rule } from '../../finding'

/** A box that holds gas in. */
export const boxUnvented: Rule = {
  part: 'pack',
  checks: 'Battery box is vented, or sealed as its maker says',
  source: 'Lead gives off hydrogen; a lithium cell in trouble gives hot gas (common practice)',
  check({
    model: {
      project: {
        design: { wiring, pack },
      },
    },
  }) {
    if (wiring.vented) return null
    const lead = isLead(pack.cell.chemistry)
    return {
      severity: lead ? 'stop' : 'caution',
      title: 'box is not vented',
      amount: { text: '' },
      sentence: {
        text: lead
          ? 'Lead gives off hydrogen on charge, which explodes in a closed box.'
          : 'A cell in trouble gives off hot, burning gas: it needs a way out that is not the cabin.',
      },
      caution: 'Vent to the open air, away from people and sparks, as the maker of the cells says. Local code first.',
      fixes: [{ label: { text: 'Vent it' }, edits: [edit('design.wiring.vented', true)] }],
    }
  },
}
