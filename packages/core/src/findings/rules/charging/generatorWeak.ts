import { watts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { chargersOf } from '../../../project/parts/charging'
import type { Rule } from '../../finding'

/** Chargers that would draw more than the generator gives for hours. */
export const generatorWeak: Rule = {
  part: 'pack',
  checks: 'Generator carries the chargers for hours',
  source: 'Seven to eight tenths of the rating for hours (common practice)',
  check({
    charge,
    model: {
      project: {
        design: { charging, pack },
      },
    },
  }) {
    if (charging.supply !== 'generator' || charge.limit !== 'generator') return null
    const { charger, count } = chargersOf({ charging, pack })
    const full = (count * charger.power) / charger.efficiency,
      gives = charging.generatorPower * charging.generatorShare
    if (full <= gives) return null
    return {
      severity: 'caution',
      title: 'generator and chargers',
      amount: { text: '+{p}', params: { p: watts(full - gives) } },
      sentence: {
        text: 'The chargers want {a}; the generator gives {b} for hours. Turn the chargers down or they trip it.',
        params: { a: watts(full), b: watts(gives) },
      },
      caution:
        'Exhaust kills. Never run a portable generator in or near a closed space. Local code first; a ' +
        'licensed electrician checks it.',
      fixes: [
        ...(charging.count > 1 ? [{ label: { text: 'One charger' }, edits: [edit('design.charging.count', 1)] }] : []),
        {
          label: {
            text: 'A generator of {p}',
            params: { p: watts(Math.ceil(full / charging.generatorShare / 100) * 100) },
          },
          edits: [edit('design.charging.generatorPower', Math.ceil(full / charging.generatorShare / 100) * 100)],
        },
      ],
    }
  },
}
