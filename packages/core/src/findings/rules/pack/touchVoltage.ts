import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { TOUCH_LIMIT } from '../../../wiring'
import type { Rule } from '../../finding'

/** The pack's greatest voltage against the limit of touch. */
export const touchVoltage: Rule = {
  part: 'pack',
  checks: 'Pack’s greatest voltage stays at or below the touch limit',
  source: 'IEC 61140, IEC 60364-4-41: 60 V DC counts as extra-low',
  check({ model: { pack, project } }) {
    if (pack.fullVoltage <= TOUCH_LIMIT) return null
    const { cell, chargeVoltage } = project.design.pack
    const fewer = Math.floor(TOUCH_LIMIT / (chargeVoltage * cell.cellsInSeries))
    const low = project.design.controller.leastVoltage < TOUCH_LIMIT * 0.8
    return {
      severity: 'caution',
      title: 'above the touch limit',
      amount: { text: '+{v}', params: { v: volts(pack.fullVoltage - TOUCH_LIMIT) } },
      sentence: {
        text: 'Full, the pack holds {v}. Above {limit} a touch can kill.',
        params: {
          v: volts(pack.fullVoltage),
          limit: volts(TOUCH_LIMIT),
        },
      },
      caution:
        'Insulated tools, no rings, insulation watch, and a qualified person. Local code comes first; a ' +
        'licensed electrician checks it.',
      measure: pack.fullVoltage,
      need: {
        text: 'Lower volts do not carry this power with what is in the library: have a qualified person wire it.',
      },
      fixes:
        low && !project.held.pack && !project.held.voltage
          ? [
              {
                label: { text: '{n} in series', params: { n: String(fewer) } },
                edits: [edit('design.pack.series', fewer)],
              },
            ]
          : [
              {
                label: { text: 'Size for 48 V' },
                edits: [edit('design.systemVoltage', 48), edit('held.voltage', true)],
                resize: true,
              },
            ],
    }
  },
}
