import { edit } from '../../project/projectPath'
import type { Rule } from '../finding'
import { FIRE, ownFuse } from '../wiringFixes'

/** No fuse of the library guards this pack. */
export const fuseNone: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'A main fuse that suits is in the library',
  source: 'Rating, volts and interrupting amps together',
  check(facts) {
    const {
      wiring: { fuse, shortCircuit, bank, banks },
      model: { pack, project },
    } = facts
    if (fuse) return null
    return {
      severity: 'stop',
      title: 'no fuse suits',
      amount: { text: '{a}', params: { a: { value: shortCircuit, quantity: 'current' } } },
      sentence: {
        text:
          `${banks > 1 ? 'Each bank’s fuse' : 'It'} must hold {c}, guard a cable of {m}, clear {v} and break ` +
          '{s}. None in the library does.',
        params: {
          c: { value: 1.25 * bank.current, quantity: 'current' },
          m: { value: bank.lead.ampacity, quantity: 'current' },
          v: { value: pack.fullVoltage, quantity: 'voltage' },
          s: { value: shortCircuit, quantity: 'current' },
        },
      },
      caution: FIRE,
      fixes: [
        ...ownFuse(facts),
        ...(project.design.wiring.mainArea === null
          ? []
          : [
              {
                label: { text: 'Cable sized with its fuse' },
                edits: [edit('design.wiring.mainArea', null)],
              },
            ]),
      ],
    }
  },
}
