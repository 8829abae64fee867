import { median } from 'd3-array'
import { packResistance } from '../../../log'
import type { Rule } from '../../finding'

/** Rise that is said, and readings of each end that are wanted. */
const RISEN = 0.3,
  WANTED = 3

/** The pack's resistance grows: a joint, or age. */
export const resistanceRisen: Rule = {
  part: 'pack',
  checks: 'The resistance of the pack stays as it was',
  source: 'Volts and amps at steps of load, first trips against the last',
  check({ model: { project } }) {
    const read = packResistance(project).map(r => r.value)
    if (read.length < 2 * WANTED) return null
    const before = median(read.slice(0, WANTED))!,
      now = median(read.slice(-WANTED))!
    if (!(now > before * (1 + RISEN))) return null
    return {
      severity: 'caution',
      title: 'resistance has risen',
      amount: { text: '+{s}', params: { s: { quantity: 'ratio', value: now / before - 1 } } },
      sentence: {
        text: 'The pack had {a} and has {b} at steps of load.',
        params: { a: { quantity: 'resistance', value: before }, b: { quantity: 'resistance', value: now } },
      },
      measure: now / before - 1,
      fixes: [],
      need: { text: 'Feel for a warm joint, go over the lugs with the wrench, and read again at the same warmth.' },
    }
  },
}
