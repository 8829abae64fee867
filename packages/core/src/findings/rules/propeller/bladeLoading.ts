import { plainNumber } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import { runsFast } from '../../../propulsor'
import type { Rule } from '../../finding'
import { shareOver } from '../../shares'
import { lowerTopSpeed } from '../../fixes'

/** Cupped wheels of outboards and stern drives carry about so much more (common practice). */
const CUPPED = 1.3

/** Blades that push harder than the water under them allows. */
export const bladeLoading: Rule = {
  part: 'propeller',
  slowerHelps: true,
  checks: 'Blades push no harder than water allows',
  source: 'Burrill’s 10 % line, 0.494 σ^0.88 (Blount & Fox 1978, from memory of)',
  check(facts) {
    const {
      blades,
      model: { project },
    } = facts
    const fast = runsFast(project.design.propeller.kind)
    if (!blades || blades.loading <= (fast ? CUPPED : 1) * blades.limit) return null
    const wider = Math.min(
      1.05,
      Math.ceil(((project.design.propeller.areaRatio * blades.loading) / blades.limit) * 20) / 20,
    )
    return {
      severity: blades.loading > 1.3 * blades.limit && !fast ? 'stop' : 'caution',
      title: 'blades overloaded at top',
      amount: shareOver(blades.loading / blades.limit),
      sentence: {
        text: 'They load the water to {l} where {limit} is the most: the backs cavitate, thrust and quiet are lost.',
        params: { l: plainNumber(blades.loading), limit: plainNumber(blades.limit) },
      },
      measure: blades.loading / blades.limit,
      fixes: [
        {
          label: { text: 'Area {a}', params: { a: plainNumber(wider) } },
          edits: [edit('design.propeller.areaRatio', wider)],
        },
        ...lowerTopSpeed(facts),
      ],
    }
  },
}
