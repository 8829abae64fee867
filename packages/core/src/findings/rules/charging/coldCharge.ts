import { kelvins, smallWatts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { CHARGE_HABITS } from '../../../battery'
import { MONTHS } from '../../../solar'
import { coldestCharge, heaterFor } from '../../../system'

/** Charging cells that are too cold, in the coldest of the months in which she is used. */
export const coldCharge: Rule = {
  part: 'pack',
  checks: 'Pack is warm enough to be charged in every month of her use',
  source: 'Lithium below 0 °C plates metal; near it little may flow (common practice); mean air of the month by place',
  check({ model: { project } }) {
    const {
        design: { charging, pack, wiring },
      } = project,
      { none, little } = CHARGE_HABITS[pack.cell.chemistry],
      { cells, month } = coldestCharge(project)
    if (cells >= little) return null
    const never = cells < none,
      unguarded = never && !wiring.fitted.coldCut,
      watts = heaterFor(project),
      when = month === null ? 'On the coldest charge' : `In ${MONTHS[month]}`
    return {
      severity: unguarded ? 'stop' : 'caution',
      title: never ? 'charging below freezing' : 'charging near freezing',
      amount: { text: '{t}', params: { t: kelvins(cells) } },
      sentence: {
        text: unguarded
          ? `${when} the cells are at {c}. Below {n} they must take no charge: metal grows inside and shorts them ` +
            'later, and no BMS stops it.'
          : never
            ? `${when} the cells are at {c}. Below {n} they take no charge at all: the BMS stops it, and she stays ` +
              'empty until the pack is warm.'
            : `${when} the cells are at {c}. Below {l} they take about a tenth of their amps.`,
        params: { c: kelvins(cells), n: kelvins(none), l: kelvins(little) },
      },
      ...(never
        ? {
            caution:
              'A cell charged in frost can short and burn months later. The BMS must see the cells’ own ' +
              'temperature. Local code first; a licensed electrician checks it.',
          }
        : {}),
      measure: little - cells,
      fixes: [
        ...(watts > charging.heater
          ? [
              {
                label: { text: 'Pack heater of {w}', params: { w: smallWatts(watts) } },
                edits: [edit('design.charging.heater', watts)],
              },
            ]
          : []),
        ...(unguarded
          ? [
              {
                label: { text: 'A BMS that stops it in the cold' },
                edits: [edit('design.wiring.fitted.coldCut', true)],
              },
            ]
          : []),
      ],
      need: { text: 'Charge after a run, while the pack is warm, or keep it where it does not freeze.' },
    }
  },
}
