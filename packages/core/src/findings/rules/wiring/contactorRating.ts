import { amps, volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { whoDraws } from '../../whoDraws'
import { FIRE } from '../../wiringFixes'

/** A contactor that cannot break, or runs hot. */
export const contactorRating: Rule = {
  part: 'pack',
  checks: 'Contactor breaks the pack’s volts and carries its amps',
  source: 'DC break rating at the end of charge; 1.25 × continuous current (common practice)',
  check({
    wiring,
    wiring: { contactor: c },
    model: {
      project: { design },
    },
  }) {
    if (!design.wiring.fitted.contactor) return null
    const wrongVolts = c.voltage < c.wantsVoltage
    if (!wrongVolts && c.current >= c.wantsCurrent) return null
    return {
      severity: wrongVolts ? 'stop' : 'caution',
      title: wrongVolts ? 'contactor’s volts' : 'contactor’s amps',
      amount: wrongVolts
        ? { text: '+{v}', params: { v: volts(c.wantsVoltage - c.voltage) } }
        : { text: '+{a}', params: { a: amps(c.wantsCurrent - c.current) } },
      sentence: wrongVolts
        ? {
            text: 'It breaks {v} DC; the full pack has {p}. It may open and not end the arc.',
            params: { v: volts(c.voltage), p: volts(c.wantsVoltage) },
          }
        : {
            text: `${whoDraws(wiring)} {d}; it carries {a}. With a quarter to spare it should carry {w}.`,
            params: { d: amps(wiring.bank.current), a: amps(c.current), w: amps(c.wantsCurrent) },
          },
      ...(wrongVolts ? { caution: FIRE } : {}),
      fixes: [
        {
          label: { text: 'One that suits' },
          edits: [edit(wrongVolts ? 'design.wiring.contactorVoltage' : 'design.wiring.contactorCurrent', null)],
        },
      ],
    }
  },
}
