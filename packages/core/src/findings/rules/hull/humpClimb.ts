import { metresPerSecond, newtons } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** A planing boat whose drive does not get over the hump. */
export const humpClimb: Rule = {
  part: 'hull',
  slowerHelps: true,
  checks: 'The drive gets over the hump',
  source: 'Greatest resistance before planing against the peak ratings',
  check({ hump, cruise, hullSpeed }) {
    if (!hump || hump.climbs || cruise.speed < 0.8 * hump.speed) return null
    const slow = 0.9 * hullSpeed
    return {
      severity: 'stop',
      title: 'hump not climbed',
      amount: { text: '{v}', params: { v: metresPerSecond(hump.speed) } },
      sentence: {
        text: 'At {v} she needs {r} to get over her own wave. The drive does not give it, so she never planes.',
        params: { v: metresPerSecond(hump.speed), r: newtons(hump.resistance) },
      },
      fixes: [
        RESIZE,
        {
          label: { text: 'Cruise at {v}', params: { v: metresPerSecond(slow) } },
          edits: [edit('use.cruiseSpeed', slow), edit('use.topSpeed', hullSpeed)],
        },
      ],
    }
  },
}
