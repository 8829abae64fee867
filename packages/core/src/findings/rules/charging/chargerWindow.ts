import { volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { CHARGE_FROM, chargerFits } from '../../../battery'
import { bestCharger, chargersOf } from '../../../project/parts/charging'

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
    const { charger } = chargersOf({ charging, pack: cells })
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
          v: volts(low ? charger.greatestVoltage - pack.fullVoltage : charger.leastVoltage - pack.nominalVoltage),
        },
      },
      sentence: {
        text: low
          ? 'It charges from {a} to {b}; the pack wants up to {f}. It does not charge it.'
          : 'It begins to charge at {a}, up to {b}; an empty pack of {f} stands below that. It does not begin.',
        params: {
          a: volts(charger.leastVoltage),
          b: volts(charger.greatestVoltage),
          f: volts(pack.fullVoltage),
        },
      },
      need: low
        ? {
            text: 'It takes a charger for {s} that reaches {f}.',
            params: { s: volts(shoreVoltage), f: volts(pack.fullVoltage) },
          }
        : {
            text: 'It takes a charger for {s} that begins at {n} or below and reaches {f}.',
            params: {
              s: volts(shoreVoltage),
              n: volts(CHARGE_FROM * pack.fullVoltage),
              f: volts(pack.fullVoltage),
            },
          },
      fixes: fitting
        ? [
            {
              label: { text: fitting.name },
              edits: [
                edit('design.charging.charger', fitting),
                edit('design.charging.count', 1),
                edit('design.charging.each', 'pack'),
              ],
            },
          ]
        : [],
    }
  },
}
