import type { Rule } from '../finding'
import { chargerFits } from '../../battery'
import { DEMO_CHARGERS } from '../../parts/demoWiring'

/** A car-type post that no charger on board answers. */
export const chargerInlet: Rule = {
  id: 'chargerInlet', part: 'pack', checks: 'Charger speaks to a car-type inlet where there is one', source: 'IEC 62196, SAE J1772: no pilot, no power',
  check({ model: { project: { design: { charging } }, pack } }) {
    if (charging.inlet !== 'carType' || charging.charger.pilot) return null
    const speaks = DEMO_CHARGERS.filter(c => c.pilot && chargerFits(c, pack.fullVoltage)).sort((a, b) => a.price - b.price)[0]
    return {
      severity: 'stop', title: 'post stays dead', amount: { text: '' },
      sentence: { text: 'A car-type post gives nothing until the charger answers its pilot signal. {name} does not.', params: { name: charging.charger.name } },
      fixes: [...(speaks ? [{ label: { text: speaks.name }, edits: [{ path: 'design.charging.charger', value: speaks }] }] : []), { label: { text: 'Household plug' }, edits: [{ path: 'design.charging.inlet', value: 'household' }] }],
    }
  },
}
