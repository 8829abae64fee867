import { edit } from '../../../project/definition/projectPath'
import { chargersOf } from '../../../project/parts/charging'
import { watts } from '../../../units'
import type { Rule } from '../../finding'

/** Below this share of its rating a generator burns much for each kWh, and a diesel glazes (common practice). */
const POOR_LOAD = 0.33

/** Chargers so small that the generator idles. */
export const chargerNarrow: Rule = {
  part: 'pack',
  checks: 'Chargers load the generator',
  source: 'Below a third of the rating fuel is wasted and cylinders glaze (common practice)',
  check({
    model: {
      project: {
        design: { charging, pack },
      },
    },
  }) {
    if (charging.supply !== 'generator') return null
    const { charger, count } = chargersOf({ charging, pack }),
      full = (count * charger.power) / charger.efficiency
    if (full >= POOR_LOAD * charging.generatorPower) return null
    const more = Math.ceil((0.6 * charging.generatorPower * charger.efficiency) / charger.power),
      smaller = Math.ceil(full / charging.generatorShare / 100) * 100
    return {
      severity: 'note',
      title: 'charger narrower than generator',
      amount: { text: '{f} of {g}', params: { f: watts(full), g: watts(charging.generatorPower) } },
      sentence: {
        text: 'The chargers take {f} of a generator of {g}: it idles, burns much for each kWh, and wears.',
        params: { f: watts(full), g: watts(charging.generatorPower) },
      },
      measure: charging.generatorPower / full,
      fixes: [
        { label: { text: '{n} chargers', params: { n: String(more) } }, edits: [edit('design.charging.count', more)] },
        {
          label: { text: 'A generator of {p}', params: { p: watts(smaller) } },
          edits: [edit('design.charging.generatorPower', smaller)],
        },
      ],
    }
  },
}
