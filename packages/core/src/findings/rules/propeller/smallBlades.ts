import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Reynolds number of the blades below which the series says little. */
const LEAST = 2e5

/** Blades so small and slow that the tests of large ones flatter them. */
export const smallBlades: Rule = {
  part: 'propeller',
  checks: 'Blades are large enough for the tests to hold',
  source: 'Series tested at Rn 2 000 000; small blades lose more to friction (common practice)',
  check({ bladeReynolds: rn, model: { project } }) {
    if (!rn || rn >= LEAST || project.design.propeller.efficiencyFactor !== null) return null
    return {
      severity: 'note',
      title: 'small, slow blades',
      amount: { text: `Rn ${Math.round(rn / 1000)} 000` },
      sentence: {
        text:
          `At cruise their Reynolds number is ${Math.round(rn / 1000)} 000; the tests were run at 2 000 000. ` +
          'Small blades lose more to friction than the series says.',
      },
      fixes: [{ label: { text: 'Take 90 %' }, edits: [edit('design.propeller.efficiencyFactor', 0.9)] }],
    }
  },
}
