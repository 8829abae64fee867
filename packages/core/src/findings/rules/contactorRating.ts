import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'
import { FIRE } from '../wiringFixes'

/** A contactor that cannot break, or runs hot. */
export const contactorRating: Rule = {
  part: 'pack',
  checks: 'Contactor breaks the pack’s volts and carries its amps',
  source: 'DC break rating at the end of charge; 1.25 × current all day (common practice)',
  check({
    wiring: { contactor: c },
    model: {
      project: { design },
    },
  }) {
    if (!design.wiring.fitted.contactor) return null
    const volts = c.voltage < c.wantsVoltage
    if (!volts && c.current >= c.wantsCurrent) return null
    return {
      severity: volts ? 'stop' : 'caution',
      title: volts ? 'contactor’s volts' : 'contactor’s amps',
      amount: volts
        ? { text: '+{v}', params: { v: { value: c.wantsVoltage - c.voltage, quantity: 'voltage' } } }
        : { text: '+{a}', params: { a: { value: c.wantsCurrent - c.current, quantity: 'current' } } },
      sentence: volts
        ? {
            text: 'It breaks {v} DC; the full pack has {p}. It may open and not end the arc.',
            params: { v: { value: c.voltage, quantity: 'voltage' }, p: { value: c.wantsVoltage, quantity: 'voltage' } },
          }
        : {
            text: 'It carries {a}; with a quarter to spare it should carry {w}.',
            params: { a: { value: c.current, quantity: 'current' }, w: { value: c.wantsCurrent, quantity: 'current' } },
          },
      ...(volts ? { caution: FIRE } : {}),
      fixes: [
        {
          label: { text: 'One that suits' },
          edits: [edit(volts ? 'design.wiring.contactorVoltage' : 'design.wiring.contactorCurrent', null)],
        },
      ],
    }
  },
}
