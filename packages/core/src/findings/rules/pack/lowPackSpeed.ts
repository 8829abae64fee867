import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { LOW_CHARGE } from '../../../system/facts'
import type { Rule } from '../../finding'
import { lowerTopSpeed } from '../../fixes'

/** Top speed that a full pack gives and a low one does not. */
export const lowPackSpeed: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Top is reached on a low pack too',
  source: 'V = Kt ω + I R at 20 % charge under load, no field weakening',
  check(facts) {
    const {
      topLow,
      top,
      model: { project },
    } = facts
    if (topLow.packOutcome !== 'tooWeak' && topLow.voltageNeeded <= topLow.packVoltage) return null
    // on the half-full pack it is too little already: the rule of motor speed says that
    if (top.drive.voltageNeeded > top.drive.packVoltage) return null
    return {
      severity: 'note',
      title: 'slower on a low pack',
      amount: { text: '{v}', params: { v: volts(topLow.packVoltage - topLow.voltageNeeded) } },
      sentence: {
        text:
          `At ${Math.round(100 * LOW_CHARGE)} % charge the pack gives {have} under load; top needs {need}. The ` +
          'last of the day is slower.',
        params: {
          have: volts(topLow.packVoltage),
          need: volts(topLow.voltageNeeded),
        },
      },
      fixes: [
        ...(project.held.pack || project.held.voltage
          ? []
          : [
              {
                label: { text: '{n} in series', params: { n: String(project.design.pack.series + 1) } },
                edits: [edit('design.pack.series', project.design.pack.series + 1)],
              },
            ]),
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
