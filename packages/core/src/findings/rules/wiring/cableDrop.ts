import { metres, share, smallWatts, squareMillimetres, volts } from '../../../units'
import type { Rule } from '../../finding'
import { DROP_LIMIT } from '../../../wiring'
import { sizedCable } from '../../wiringFixes'

/** A cable that loses too many volts. */
export const cableDrop: Rule = {
  part: 'pack',
  slowerHelps: true,
  checks: 'Cables lose no more than 3 % of the volts',
  source: '3 % for propulsion and other critical circuits (common practice)',
  check(facts) {
    const { main, motor } = facts.wiring
    const run = [main, motor].find(r => r.dropShare > DROP_LIMIT)
    if (!run) return null
    return {
      severity: 'caution',
      title: run === main ? 'volts lost from the pack' : 'volts lost to the motor',
      amount: { text: '{s}', params: { s: share(run.dropShare) } },
      sentence: {
        text: '{d} and {w} are lost in {l} of {a}. Good practice stops at {p}.',
        params: {
          d: volts(run.drop),
          w: smallWatts(run.loss),
          l: metres(run.length),
          a: squareMillimetres(run.area),
          p: share(DROP_LIMIT),
        },
      },
      fixes: sizedCable(run === main ? 'mainArea' : 'motorArea', run, facts),
    }
  },
}
