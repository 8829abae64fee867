import { standInsOf } from '../../../project/parts/standInsOf'
import type { Rule } from '../../finding'

const list = new Intl.ListFormat('en-GB', { type: 'conjunction' })

/** Parts that the library has not: the design reckons with what they must be. */
export const partsToFind: Rule = {
  part: 'motor',
  checks: 'Every part of the design can be had',
  source: 'The library, and the owner’s own parts',
  check({ model: { project } }) {
    const missing = standInsOf(project)
    if (missing.length === 0) return null
    return {
      severity: 'caution',
      title: missing.length > 1 ? 'parts still to be found' : 'a part still to be found',
      amount: { text: String(missing.length) },
      sentence: {
        text:
          `${list.format(missing.map(m => m.name))}. The library has none that suits; weight and price are what is ` +
          'usual. Find one with this plate before you buy what hangs on it.',
      },
      also: [...new Set(missing.map(m => m.part))].filter(part => part !== 'motor'),
      measure: missing.length,
      need: { text: 'It takes a part with that plate, entered in the library and put on the boat.' },
      fixes: [],
    }
  },
}
