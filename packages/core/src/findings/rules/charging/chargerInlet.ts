import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { bestCharger } from '../../../project/parts/charging'

/** A car-type post that no charger on board answers. */
export const chargerInlet: Rule = {
  part: 'pack',
  checks: 'Charger speaks to a car-type inlet where there is one',
  source: 'IEC 62196, SAE J1772: no pilot, no power',
  check({
    library,
    model: {
      project: {
        design: { charging, pack: cells },
      },
      pack,
    },
  }) {
    if (charging.inlet !== 'carType' || charging.charger.pilot) return null
    const speaks = bestCharger(library.chargers, {
      fullVoltage: pack.fullVoltage,
      shoreVoltage: charging.shoreVoltage,
      shoreCurrent: charging.shoreCurrent,
      takes: cells.parallel * cells.cell.chargeCurrent,
      pilot: true,
    })
    return {
      severity: 'stop',
      title: 'post stays dead',
      amount: { text: '' },
      sentence: {
        text: 'A car-type post gives nothing until the charger answers its pilot signal. {name} does not.',
        params: { name: charging.charger.name },
      },
      fixes: [
        ...(speaks ? [{ label: { text: speaks.name }, edits: [edit('design.charging.charger', speaks)] }] : []),
        { label: { text: 'Household plug' }, edits: [edit('design.charging.inlet', 'household')] },
      ],
    }
  },
}
