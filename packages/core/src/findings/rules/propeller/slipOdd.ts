import { share } from '../../../units'
import type { Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/** Slip from the handbook's view: outside it the pitch, the speed or the weight is not what is written. */
const LEAST = 0.03,
  MOST = 0.62

/** Apparent slip at cruise that no boat shows for long. */
export const slipOdd: Rule = {
  part: 'propeller',
  checks: 'Slip at cruise is of the usual order',
  source: 'Yacht 40 to 45 %, launch 25 to 35 %, planing 10 to 20 % (common practice)',
  check({ cruise, model: { project, propulsor } }) {
    const { slip, shaftSpeed } = cruise.drive
    if (propulsor.kind === 'jet' || shaftSpeed === 0 || (slip >= LEAST && slip <= MOST)) return null
    return {
      severity: 'caution',
      title: 'odd slip',
      amount: { text: '{s}', params: { s: share(slip) } },
      sentence: {
        text:
          slip > MOST
            ? 'At cruise {s} of the pitch slips away: the propeller is far too small or too fine for this pull.'
            : 'At cruise only {s} slips: check the pitch as measured and the weight.',
        params: { s: share(slip) },
      },
      measure: slip > MOST ? slip : 1 - slip,
      fixes: project.held.propeller ? [] : [RESIZE],
    }
  },
}
