import { edit } from '../../../project/definition/projectPath'
import { suitPanels } from '../../../solar'
import type { Rule } from '../../finding'

/** Panels that nothing can stop. */
export const panelsUncontrolled: Rule = {
  part: 'pack',
  checks: 'the BMS can stop the panels',
  source: 'A source that cannot talk to the battery management gets a relay that it opens (common practice)',
  check({
    library,
    model: {
      pack,
      project: {
        design: { solar, wiring },
      },
    },
  }) {
    if (!solar.fitted || solar.controller?.listens || (solar.controller && wiring.fitted.chargeRelays)) return null
    const way = suitPanels({ ...solar, controller: null }, pack.fullVoltage, library.chargeControllers, true)
    return {
      severity: solar.controller ? 'caution' : 'stop',
      title: solar.controller ? 'panels without a say' : 'panels straight on the pack',
      amount: { text: '' },
      sentence: {
        text: solar.controller
          ? 'This charge controller cannot be told to stop, and no relay does it.'
          : 'Nothing ends the charge: in a week at the berth the panels push a full pack above its volts.',
      },
      caution: 'Overcharged lithium cells can catch fire. Local code first; a licensed electrician checks it.',
      fixes: [
        ...(way
          ? [
              {
                label: { text: way.controller.name },
                edits: [
                  edit('design.solar.controller', way.controller),
                  edit('design.solar.series', way.series),
                  edit('design.solar.parallel', way.parallel),
                ],
              },
            ]
          : []),
        ...(solar.controller
          ? [
              {
                label: { text: 'A relay for each source' },
                edits: [edit('design.wiring.fitted.chargeRelays', true)],
              },
            ]
          : []),
      ],
    }
  },
}
