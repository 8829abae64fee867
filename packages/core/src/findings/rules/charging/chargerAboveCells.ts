import { amps } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { chargersOf } from '../../../project/parts/charging'
import type { Rule } from '../../finding'

/** Chargers that push more than the cells take. */
export const chargerAboveCells: Rule = {
  part: 'pack',
  checks: 'Chargers push no more than the cells take',
  source: 'Charge current of the cells against the chargers’ plates',
  check({
    model: {
      project: {
        design: { charging, pack },
      },
    },
  }) {
    const { charger, count } = chargersOf({ charging, pack })
    const pushes = count * charger.current,
      takes = pack.parallel * pack.cell.chargeCurrent
    if (pushes <= takes) return null
    const fewer = charging.each === 'pack' ? Math.floor(takes / charger.current) : 0
    return {
      severity: 'caution',
      title: 'charger above the cells',
      amount: { text: '+{a}', params: { a: amps(pushes - takes) } },
      sentence: {
        text: 'Chargers push {p}; the cells take {t}. Set the charger down, or it ages them and the BMS opens.',
        params: { p: amps(pushes), t: amps(takes) },
      },
      caution: 'Overcharged lithium cells can catch fire. Set the amps in the charger and see them held.',
      fixes:
        fewer >= 1
          ? [
              {
                label: { text: '{n} of them', params: { n: String(fewer) } },
                edits: [edit('design.charging.count', fewer)],
              },
            ]
          : [
              {
                label: { text: 'Set it to {t}', params: { t: amps(takes) } },
                edits: [
                  edit('design.charging.count', 1),
                  edit('design.charging.charger.current', charging.each === 'pack' ? takes : takes / pack.parallel),
                ],
              },
            ],
    }
  },
}
