import { gaps } from '../../../units'
import type { Rule } from '../../finding'

/** Gap between the faces over their diameter: a thousandth (common practice), and three times that. */
const TRUE = 0.001,
  FAR_OFF = 0.003

/** The coupling as measured. */
export const couplingRuns: Rule = {
  part: 'propeller',
  checks: 'Coupling runs true',
  source: 'A thousandth of the flange’s diameter (common practice), checked afloat',
  check({
    model: {
      project: {
        boat: { drive },
      },
    },
  }) {
    const { flange, runOut } = drive
    if (flange === null || runOut === null || runOut <= TRUE * flange) return null
    const far = runOut > FAR_OFF * flange
    return {
      severity: far ? 'stop' : 'caution',
      title: 'coupling out of line',
      amount: { text: '+{g}', params: { g: gaps(runOut - TRUE * flange) } },
      sentence: {
        text: far
          ? 'The faces differ by {r}; {a} is true for this flange. It would shake and wear out seal and bearing.'
          : 'The faces differ by {r}; {a} is true for this flange. Move the mounts, a screw at a time, afloat.',
        params: { r: gaps(runOut), a: gaps(TRUE * flange) },
      },
      measure: runOut / flange,
      need: { text: 'It takes a gap of {a} or less.', params: { a: gaps(TRUE * flange) } },
      fixes: [],
    }
  },
}
