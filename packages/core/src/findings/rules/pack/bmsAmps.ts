import { amps } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { whoDraws } from '../../whoDraws'
import { lowerTopSpeed } from '../../fixes'

/** BMS that opens under way. */
export const bmsAmps: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'BMS switches no less than the drive draws',
  source: 'Plate of the battery management against the continuous current',
  check(facts) {
    const {
      wiring: {
        bmsCurrent,
        bank: { current },
        banks,
        working,
      },
      wiring,
      model: { pack },
      top,
    } = facts
    if (bmsCurrent >= Math.min(current, pack.current)) return null
    return {
      severity: bmsCurrent < top.drive.packCurrent / working ? 'stop' : 'caution',
      title: 'BMS',
      amount: { text: '{a}', params: { a: amps(bmsCurrent - current) } },
      sentence: {
        text:
          `${whoDraws(wiring)} {c} with headroom; the BMS opens above {b}, ` +
          `and ${banks > 1 ? 'the bank is gone' : 'she stops'} without warning.`,
        params: { c: amps(current), b: amps(bmsCurrent) },
      },
      fixes: [
        {
          label: {
            text: 'A guard for {c}',
            params: { c: amps(Math.ceil(current / 10) * 10) },
          },
          edits: [edit('design.wiring.bmsCurrent', Math.ceil(current / 10) * 10)],
        },
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
