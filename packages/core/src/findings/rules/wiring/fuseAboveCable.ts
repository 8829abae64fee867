import { amps } from '../../../units'
import type { Rule } from '../../finding'
import { bestFuse, FIRE } from '../../wiringFixes'

/** A fuse that lets the cable burn first. */
export const fuseAboveCable: Rule = {
  part: 'pack',
  checks: 'Main fuse is no larger than its cable carries',
  source: 'ISO 13297 and ABYC E-11 (by name): the fuse guards the cable',
  check(facts) {
    const {
      fuse,
      fuseFaults,
      bank: { lead },
    } = facts.wiring
    if (!fuse || !fuseFaults.includes('aboveCable')) return null
    return {
      severity: 'stop',
      title: 'fuse above its cable',
      amount: { text: '+{a}', params: { a: amps(fuse.rating - lead.ampacity) } },
      sentence: {
        text: 'The cable carries {c} where it lies; the fuse holds {f}. In a fault the cable is the fuse.',
        params: { c: amps(lead.ampacity), f: amps(fuse.rating) },
      },
      caution: FIRE,
      fixes: bestFuse(facts),
    }
  },
}
