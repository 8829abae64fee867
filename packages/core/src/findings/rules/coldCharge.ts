import { kelvins } from '../../units'
import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'
import { CHARGE_HABITS } from '../../battery'

/** Charging cells that are too cold. */
export const coldCharge: Rule = {
  part: 'pack',
  checks: 'Pack is warm enough to be charged',
  source: 'Lithium below 0 °C plates metal; near it little may flow (common practice)',
  check({
    model: {
      project: {
        design: { charging, pack },
      },
    },
  }) {
    const { none, little } = CHARGE_HABITS[pack.cell.chemistry]
    if (charging.coldest >= little) return null
    const never = charging.coldest < none
    return {
      severity: never ? 'stop' : 'caution',
      title: never ? 'charging below freezing' : 'charging near freezing',
      amount: { text: '{t}', params: { t: kelvins(charging.coldest) } },
      sentence: never
        ? {
            text: 'Below {n} these cells must take no charge at all: metal grows inside and shorts them later.',
            params: { n: kelvins(none) },
          }
        : {
            text: 'Below {l} they take about a tenth of their amps. Warm the pack first, or be patient.',
            params: { l: kelvins(little) },
          },
      ...(never
        ? {
            caution:
              'A cell charged in frost can short and burn months later. The BMS must see the cells’ own ' +
              'temperature. Local code first; a licensed electrician checks it.',
          }
        : {}),
      fixes: [
        {
          label: { text: 'Warm the pack to {t}', params: { t: kelvins(little + 5) } },
          edits: [edit('design.charging.coldest', little + 5)],
        },
      ],
    }
  },
}
