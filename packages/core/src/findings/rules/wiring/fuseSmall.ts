import { amps } from '../../../units'
import type { Rule } from '../../finding'
import { FUSE_MARGIN } from '../../../wiring'
import { whoDraws } from '../../whoDraws'
import { bestFuse } from '../../wiringFixes'

/** A fuse that blows in use. */
export const fuseSmall: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Main fuse has a quarter to spare over the continuous current',
  source: 'Rating of at least 1.25 × continuous current (common practice)',
  check(facts) {
    const {
      fuse,
      fuseFaults,
      bank: { current },
    } = facts.wiring
    if (!fuse || !fuseFaults.includes('tooSmall')) return null
    return {
      severity: 'caution',
      title: 'fuse too small',
      amount: { text: '+{a}', params: { a: amps(FUSE_MARGIN * current - fuse.rating) } },
      sentence: {
        text:
          `${whoDraws(facts.wiring)} {c} continuously, with headroom. A fuse of {f} ages, ` +
          'then blows when she is pushed.',
        params: { c: amps(current), f: amps(fuse.rating) },
      },
      fixes: bestFuse(facts),
    }
  },
}
