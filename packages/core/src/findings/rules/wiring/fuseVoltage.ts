import { volts } from '../../../units'
import type { Rule } from '../../finding'
import { bestFuse, FIRE } from '../../wiringFixes'

/** A fuse for fewer volts than the pack has. */
export const fuseVoltage: Rule = {
  part: 'pack',
  checks: 'Main fuse clears at the full pack’s volts',
  source: 'The fuse’s DC rating against the end of charge',
  check(facts) {
    const {
      wiring: { fuse, fuseFaults },
      model: { pack },
    } = facts
    if (!fuse || !fuseFaults.includes('voltage')) return null
    return {
      severity: 'stop',
      title: 'fuse for too few volts',
      amount: { text: '+{v}', params: { v: volts(pack.fullVoltage - fuse.voltage) } },
      sentence: {
        text: 'Full, the pack holds {p}. The fuse clears at {f} DC at most.',
        params: {
          p: volts(pack.fullVoltage),
          f: volts(fuse.voltage),
        },
      },
      caution: FIRE,
      fixes: bestFuse(facts),
    }
  },
}
