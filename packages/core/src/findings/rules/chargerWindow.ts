import type { Rule } from '../finding'
import { chargerFits } from '../../battery'
import { usualCharging } from '../../project/charging'

/** A charger for other volts. */
export const chargerWindow: Rule = {
  id: 'chargerWindow', part: 'pack', checks: 'Charger reaches the full pack’s volts and begins low enough', source: 'Windows of the plates',
  check({ model: { project: { design: { charging: { charger } } }, pack } }) {
    if (chargerFits(charger, pack.fullVoltage)) return null
    const low = charger.greatestVoltage < pack.fullVoltage
    const usual = usualCharging(pack.fullVoltage).charger
    return {
      severity: 'caution', title: 'charger’s volts', amount: { text: '{v}', params: { v: { value: low ? charger.greatestVoltage - pack.fullVoltage : charger.leastVoltage - pack.nominalVoltage, quantity: 'voltage' } } },
      sentence: { text: 'It charges from {a} to {b}; the pack wants up to {f}.', params: { a: { value: charger.leastVoltage, quantity: 'voltage' }, b: { value: charger.greatestVoltage, quantity: 'voltage' }, f: { value: pack.fullVoltage, quantity: 'voltage' } } },
      fixes: usual.id === charger.id ? [] : [{ label: { text: usual.name }, edits: [{ path: 'design.charging.charger', value: usual }] }],
    }
  },
}
