import { amps, volts } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { FIRE, ownFuse } from '../../wiringFixes'

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
    if (fuse?.standIn)
      return {
        severity: 'caution',
        title: 'a fuse still to be found',
        amount: { text: '{a}', params: { a: amps(fuse.rating) } },
        sentence: {
          text: `${fuse.name}. None in the library does that; without one she must not be switched on.`,
        },
        caution: FIRE,
        need: { text: 'It takes a fuse with that plate, entered in the library and put on the boat.' },
        fixes: ownFuse(facts),
      }
    if (fuse) return null
    return {
      severity: 'stop',
      title: 'no fuse suits',
      amount: { text: '{a}', params: { a: amps(shortCircuit) } },
      sentence: {
        text:
          `${banks > 1 ? 'Each bank’s fuse' : 'It'} must hold {c}, guard a cable of {m}, clear {v} and break ` +
          '{s}. None in the library does.',
        params: {
          c: amps(1.25 * bank.current),
          m: amps(bank.lead.ampacity),
          v: volts(pack.fullVoltage),
          s: amps(shortCircuit),
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
