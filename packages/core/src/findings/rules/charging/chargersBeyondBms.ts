import { chargersOf } from '../../../project/parts/charging'
import { edit } from '../../../project/definition/projectPath'
import { amps } from '../../../units'
import type { Rule } from '../../finding'

/** Chargers that together push more than the BMS can switch off. */
export const chargersBeyondBms: Rule = {
  part: 'pack',
  checks: 'The BMS can switch off all chargers together',
  source: 'Sum of the chargers’ amps against the plate of the battery management',
  check({
    wiring: { bmsCurrent, banks },
    model: {
      project: { design },
    },
  }) {
    const { charger, count, pieces } = chargersOf(design),
      pushed = design.charging.supply === 'none' ? 0 : count * charger.current,
      sun = design.solar.fitted ? (design.solar.controller?.current ?? 0) : 0,
      all = pushed + sun,
      most = banks * bmsCurrent
    // what a charger alone passes is seen by the cells' own limits
    if (design.wiring.bmsCurrent === null || pieces + Number(sun > 0) < 2 || all <= most) return null
    return {
      severity: 'stop',
      title: 'chargers beyond the BMS',
      amount: { text: '+{a}', params: { a: amps(all - most) } },
      sentence: {
        text: 'Together the chargers push {a}; the BMS switches {m}. Its contacts weld, and nothing stops the charge.',
        params: { a: amps(all), m: amps(most) },
      },
      caution: 'An overcharged cell can burn. Local code first; a licensed electrician checks it.',
      measure: all / most,
      fixes: [
        ...(count > 1 && charger.current + sun <= most
          ? [{ label: { text: 'One charger' }, edits: [edit('design.charging.count', 1)] }]
          : []),
        {
          label: { text: 'A BMS for {a}', params: { a: amps(Math.ceil(all / banks / 10) * 10) } },
          edits: [edit('design.wiring.bmsCurrent', Math.ceil(all / banks / 10) * 10)],
        },
      ],
    }
  },
}
