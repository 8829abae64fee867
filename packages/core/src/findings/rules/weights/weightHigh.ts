import { smallMetres, share } from '../../../units'
import type { Rule } from '../../finding'

/** Share of her weight that may go higher before a survey is wise (common practice). */
const SURVEY = 0.05
/** Metacentric height that is little for a small boat, m (common practice, from memory). */
const LITTLE = 0.35

/** Weight that stands higher than what went out, or little stability left. */
export const weightHigh: Rule = {
  part: 'hull',
  checks: 'The new weights leave her stable',
  source: 'A survey where more than about 5 % of displacement moves up; GM of small boats 0.35 m and more',
  check({ balance }) {
    if (!balance) return null
    const lost = balance.hydro.gm.value - balance.gm.value,
      little = balance.gm.high < LITTLE && lost > 0.02
    if (balance.raised <= SURVEY && !little) return null
    return {
      severity: 'caution',
      title: 'weight higher up',
      amount: { text: '{s}', params: { s: share(balance.raised) } },
      sentence: {
        text:
          'Of her weight {s} comes in higher than what went out; GM falls to {g}. She rolls further and turns over ' +
          'more easily.',
        params: { s: share(balance.raised), g: smallMetres(balance.gm.value) },
      },
      caution: 'Have her stability looked at by a surveyor before people go aboard. Local rules first.',
      measure: balance.raised + Math.max(0, lost),
      fixes: [],
      need: { text: 'Lower places for pack and chargers, or ballast.' },
    }
  },
}
