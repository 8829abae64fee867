import { metres, radians } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { PACK_MOVE } from '../../../system/curve/curveReading'

/** Trim at which a planing boat begins to leap. */
export const porpoising: Rule = {
  part: 'hull',
  slowerHelps: true,
  checks: 'She runs steadily on the plane',
  source: 'Porpoising limit of Celano 1998 (from memory, on the safe side)',
  check({ planing, steadyBalance: forward, model: { project } }) {
    if (!planing?.porpoises) return null
    return {
      severity: 'caution',
      title: 'may porpoise at cruise',
      amount: { text: '{a}', params: { a: radians(planing.trim - planing.porpoisingTrim) } },
      sentence: {
        text:
          'She runs {t} bow up; above {limit} planing boats begin to leap. The pack {way} further ' +
          'forward gives {f}.',
        params: {
          way: metres(PACK_MOVE),
          t: radians(planing.trim),
          limit: radians(planing.porpoisingTrim),
          f: radians(planing.trimForward),
        },
      },
      fixes: [
        ...(forward === null
          ? []
          : [
              {
                label: { text: 'Balance at {x}', params: { x: metres(forward) } },
                edits: [edit('boat.lcg', forward)],
              },
            ]),
        {
          label: { text: 'Cruise slower' },
          edits: [edit('use.cruiseSpeed', 0.9 * project.use.cruiseSpeed)],
        },
      ],
    }
  },
}
