import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'
import { chargerFits } from '../../battery'
import { bestCharger } from '../../project/charging'

/** A charger for other volts. */
export const chargerWindow: Rule = {
  part: 'pack',
  checks: 'Charger reaches the full pack’s volts and begins low enough',
  source: 'Windows of the plates',
  check({
    library,
    model: {
      project: {
        design: { charging, pack: cells },
      },
      pack,
    },
  }) {
    const { charger } = charging
    if (chargerFits(charger, pack.fullVoltage)) return null
    const low = charger.greatestVoltage < pack.fullVoltage
    const { shoreVoltage, shoreCurrent, inlet } = charging,
      fitting = bestCharger(library.chargers, {
        fullVoltage: pack.fullVoltage,
        shoreVoltage,
        shoreCurrent,
        takes: cells.parallel * cells.cell.chargeCurrent,
        pilot: inlet === 'carType',
      })
    return {
      severity: 'stop',
      title: 'charger’s volts',
      amount: {
        text: '{v}',
        params: {
          v: {
            value: low ? charger.greatestVoltage - pack.fullVoltage : charger.leastVoltage - pack.nominalVoltage,
            quantity: 'voltage',
          },
        },
      },
      sentence: {
        text: 'It charges from {a} to {b}; the pack wants up to {f}. It does not charge it.',
        params: {
          a: { value: charger.leastVoltage, quantity: 'voltage' },
          b: { value: charger.greatestVoltage, quantity: 'voltage' },
          f: { value: pack.fullVoltage, quantity: 'voltage' },
        },
      },
      need: {
        text: 'It takes a charger for {s} that reaches {f}.',
        params: {
          s: { value: shoreVoltage, quantity: 'voltage' },
          f: { value: pack.fullVoltage, quantity: 'voltage' },
        },
      },
      fixes: fitting
        ? [
            {
              label: { text: fitting.name },
              edits: [edit('design.charging.charger', fitting), edit('design.charging.count', 1)],
            },
          ]
        : [],
    }
  },
}
