import { metresPerSecond, newtons } from '../../../units'
import { HOLDING_WIND } from '../../../system/propeller/thrustAvailable'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** Thrust enough to keep off a lee. */
export const windHolding: Rule = {
  part: 'propeller',
  checks: 'She holds her ground in 25 kn of wind',
  source: 'Peak thrust at the quay against air drag on her bow (common practice)',
  check({ holding }) {
    if (holding.share <= 1) return null
    return {
      severity: holding.share > 1.5 ? 'stop' : 'caution',
      title: 'too little thrust in wind',
      amount: { text: '\u2212{f}', params: { f: newtons(holding.drag - holding.thrust) } },
      sentence: {
        text: 'In {w} the air pushes her back with {d}; the drive gives {t} standing still.',
        params: {
          w: metresPerSecond(HOLDING_WIND),
          d: newtons(holding.drag),
          t: newtons(holding.thrust),
        },
      },
      caution: 'Do not go out to a lee shore on what holds in calm. Keep an anchor ready.',
      measure: holding.share,
      need: {
        text: 'It takes {f} of thrust standing still.',
        params: { f: newtons(holding.drag) },
      },
      fixes: [RESIZE],
    }
  },
}
