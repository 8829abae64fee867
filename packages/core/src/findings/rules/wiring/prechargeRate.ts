import { amps, fewSeconds, ohms } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Precharge too slow, or a resistor that must swallow too much at once. */
export const prechargeRate: Rule = {
  part: 'controller',
  checks: 'Precharge takes 1 to 3 s with modest amps',
  source: '5 R C between 1 and 3 s; V/R (common practice)',
  check({
    wiring: { precharge: p },
    model: {
      project: { design },
    },
  }) {
    if (!design.wiring.fitted.precharge || design.wiring.prechargeResistance === null || (p.time <= 3 && p.peak <= 10))
      return null
    const slow = p.time > 3
    return {
      severity: 'note',
      title: slow ? 'precharge is slow' : 'precharge is fierce',
      amount: slow ? { text: '{t}', params: { t: fewSeconds(p.time) } } : { text: '{a}', params: { a: amps(p.peak) } },
      sentence: slow
        ? {
            text: 'With {r} the controller’s input takes {t} to fill. Closed before that, the contactor welds.',
            params: {
              r: ohms(p.resistance),
              t: fewSeconds(p.time),
            },
          }
        : {
            text: 'With {r} it begins at {a}: the resistor and its relay must stand that.',
            params: {
              r: ohms(p.resistance),
              a: amps(p.peak),
            },
          },
      fixes: [{ label: { text: 'One that suits' }, edits: [edit('design.wiring.prechargeResistance', null)] }],
    }
  },
}
