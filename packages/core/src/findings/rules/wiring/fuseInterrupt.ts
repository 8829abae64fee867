import { amps } from '../../../units'
import type { Rule } from '../../finding'
import { bestFuse, FIRE } from '../../wiringFixes'

/** A fuse that cannot break the pack’s short circuit. */
export const fuseInterrupt: Rule = {
  part: 'pack',
  checks: 'Main fuse can interrupt the pack’s short circuit',
  source: 'V / R of cells and cable against the fuse’s interrupt rating',
  check(facts) {
    const { fuse, fuseFaults, shortCircuit } = facts.wiring
    if (!fuse || !fuseFaults.includes('interrupt')) return null
    return {
      severity: 'stop',
      title: 'fuse cannot interrupt',
      amount: { text: '+{a}', params: { a: amps(shortCircuit - fuse.interrupt) } },
      sentence: {
        text: 'A dead short draws {s} from these cells. The fuse breaks {i}: beyond, it burns on as an arc.',
        params: { s: amps(shortCircuit), i: amps(fuse.interrupt) },
      },
      caution: FIRE,
      fixes: bestFuse(facts),
    }
  },
}
