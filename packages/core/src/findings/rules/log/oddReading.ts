import { trialWithout } from '../../../project/told/runSetup'
import { edit } from '../../../project/definition/projectPath'
import { measuredOf } from '../../../system'
import { isFarOff } from '../../../trial'
import type { Rule } from '../../finding'

/** What makes a reading show more, or less, than the boat takes (common practice). */
const MORE =
  'Reading {row} is {share} of the theory, far above what the others lead one to expect, and counts little. Look at ' +
  'its units (kn or mph, W or kW), a stream or wind against her, growth, shallow water, and what drove her: a ' +
  'notched throttle burns most of it.'
const LESS =
  'Reading {row} is {share} of the theory, far below what the others lead one to expect, and counts little. Look at ' +
  'its units (kn or mph, W or kW), a stream or wind with her, amps of one motor of two, and what drove her then.'

/** Where no other reading says which of the two is wrong. */
const ALONE =
  'Reading {row} is {share} of the theory and counts little, though nothing but the theory says that it is wrong. ' +
  'Look at its units and what drove her, and read again, both ways, before you buy: if it is right, a charge takes ' +
  'her {far} of the miles that stand here.'

/** A reading that lies far from the theory and the others. */
export const oddReading: Rule = {
  part: 'hull',
  checks: 'No reading lies far from what the others lead one to expect',
  source: 'Distance of each reading from the model without it, in σ (common practice: 3)',
  check({ model: { project } }) {
    const { points } = measuredOf(project),
      odd = points.filter(p => p.trip === null && isFarOff(p)).sort((a, b) => Math.abs(b.off) - Math.abs(a.off))
    const [worst] = odd
    if (!worst) return null
    // nothing else that was read says that it is wrong: it may be the theory
    const alone = 2 * odd.length >= points.length
    const share = { quantity: 'ratio' as const, value: worst.resistance / worst.theory }
    return {
      severity: alone ? 'caution' : 'note',
      title: odd.length > 1 ? 'some readings are odd' : 'one reading is odd',
      amount: { text: '{share}', params: { share } },
      sentence: {
        text: alone ? ALONE : worst.off > 0 ? MORE : LESS,
        params: { row: worst.rows.join(', '), share, far: { ...share, value: 1 / share.value } },
      },
      measure: odd.length,
      fixes: [
        {
          label: { text: 'Leave reading {row} out', params: { row: worst.rows.join(', ') } },
          edits: [edit('trial', trialWithout(project, worst.rows))],
        },
      ],
      need: { text: 'Say what it was made with, under “What do you know already?”.' },
    }
  },
}
