import { worksOn } from '../../../battery'
import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { bestCharger } from '../../../project/parts/charging'

/** A charger for other mains. */
export const shoreVolts: Rule = {
  part: 'pack',
  checks: 'Charger is made for the shore’s volts',
  source: 'Plate of the charger',
  check({
    library,
    model: {
      project: {
        design: { charging, pack: cells },
      },
      pack,
    },
  }) {
    const { charger, shoreVoltage } = charging
    if (worksOn(charger, shoreVoltage)) return null
    const other = bestCharger(library.chargers, {
      fullVoltage: pack.fullVoltage,
      shoreVoltage,
      shoreCurrent: charging.shoreCurrent,
      takes: cells.parallel * cells.cell.chargeCurrent,
      pilot: charging.inlet === 'carType',
    })
    return {
      severity: 'stop',
      title: 'charger for other mains',
      amount: { text: '{v}', params: { v: volts(charger.inputVoltage) } },
      sentence: {
        text: 'The shore has {s}; the charger is made for {c}.',
        params: {
          s: volts(shoreVoltage),
          c: volts(charger.inputVoltage),
        },
      },
      caution:
        'Mains kill. Shore cable, earth and residual-current breaker are for a licensed electrician; local code first.',
      fixes: [
        ...(other ? [{ label: { text: other.name }, edits: [edit('design.charging.charger', other)] }] : []),
        {
          label: { text: 'Shore of {c}', params: { c: volts(charger.inputVoltage) } },
          edits: [edit('design.charging.shoreVoltage', charger.inputVoltage)],
        },
      ],
    }
  },
}
