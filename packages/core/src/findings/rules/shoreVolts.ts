import type { Rule } from '../finding'
import { chargerFits } from '../../battery'
import { DEMO_CHARGERS } from '../../parts/demoWiring'

/** A charger for other mains. */
export const shoreVolts: Rule = {
  id: 'shoreVolts', part: 'pack', checks: 'Charger is made for the shore’s volts', source: 'Plate of the charger',
  check({ model: { project: { design: { charging } }, pack } }) {
    const { charger, shoreVoltage } = charging
    if (Math.abs(charger.inputVoltage / shoreVoltage - 1) <= 0.15) return null
    const other = DEMO_CHARGERS.find(c => Math.abs(c.inputVoltage / shoreVoltage - 1) <= 0.15 && chargerFits(c, pack.fullVoltage))
    return {
      severity: 'stop', title: 'charger for other mains', amount: { text: '{v}', params: { v: { value: charger.inputVoltage, quantity: 'voltage' } } },
      sentence: { text: 'The shore has {s}; the charger is made for {c}.', params: { s: { value: shoreVoltage, quantity: 'voltage' }, c: { value: charger.inputVoltage, quantity: 'voltage' } } },
      caution: 'Mains kill. Shore cable, earth and residual-current breaker are for a licensed electrician; local code first.',
      fixes: [...(other ? [{ label: { text: other.name }, edits: [{ path: 'design.charging.charger', value: other }] }] : []), { label: { text: 'Shore of {c}', params: { c: { value: charger.inputVoltage, quantity: 'voltage' } } }, edits: [{ path: 'design.charging.shoreVoltage', value: charger.inputVoltage }] }],
    }
  },
}
