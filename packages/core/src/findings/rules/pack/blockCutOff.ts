import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** The pack's charge volts against the management inside its blocks. */
export const blockCutOff: Rule = {
  part: 'pack',
  checks: 'Charge ends before the blocks’ own management opens',
  source: 'Cut-offs of the blocks, as typed or as the chemistry survives',
  check({
    model: {
      pack,
      project: { design },
    },
  }) {
    const over = pack.fullVoltage - pack.highVoltage
    if (over <= 1e-6) return null
    const perCell = Math.floor((pack.highVoltage / pack.cellsInSeries) * 100) / 100
    return {
      severity: 'stop',
      title: 'charge and cut-off',
      amount: { text: '+{v}', params: { v: volts(over) } },
      sentence: {
        text:
          'Charging goes to {f}; the blocks cut off at {c}. When they open, the drive and the charger lose the ' +
          'pack at once.',
        params: {
          f: volts(pack.fullVoltage),
          c: volts(pack.highVoltage),
        },
      },
      caution:
        'Cells above their limit can catch fire. Keep their own limit. Local code first; a licensed ' +
        'electrician checks it.',
      fixes:
        perCell < design.pack.chargeVoltage && perCell > 1.5
          ? [
              {
                label: {
                  text: 'Charge to {v}',
                  params: { v: volts(perCell * pack.cellsInSeries) },
                },
                edits: [edit('design.pack.chargeVoltage', perCell)],
              },
            ]
          : [],
    }
  },
}
