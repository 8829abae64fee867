import type { Rule } from '../finding'
import { DROP_LIMIT } from '../../wiring'
import { sizedCable } from '../wiringFixes'

/** A cable that loses too many volts. */
export const cableDrop: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Cables lose no more than 3 % of the volts',
  source: '3 % for propulsion and other critical circuits (common practice)',
  check(facts) {
    const { main, motor } = facts.wiring
    const run = [main, motor].find(r => r.dropShare > DROP_LIMIT)
    if (!run) return null
    return {
      severity: 'caution',
      title: run === main ? 'volts lost from the pack' : 'volts lost to the motor',
      amount: { text: '{s}', params: { s: { value: run.dropShare, quantity: 'ratio' } } },
      sentence: {
        text: '{d} and {w} are lost in {l} of {a}. Good practice stops at {p}.',
        params: {
          d: { value: run.drop, quantity: 'voltage' },
          w: { value: run.loss, quantity: 'smallPower' },
          l: { value: run.length, quantity: 'length' },
          a: { value: run.area * 1e-6, quantity: 'copperArea' },
          p: { value: DROP_LIMIT, quantity: 'ratio' },
        },
      },
      fixes: sizedCable(run === main ? 'mainArea' : 'motorArea', run, facts),
    }
  },
}
