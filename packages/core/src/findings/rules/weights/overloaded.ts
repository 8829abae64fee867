import { packFigures } from '../../../battery'
import { edit } from '../../../project/definition/projectPath'
import { kilograms, share } from '../../../units'
import { weightAfloat } from '../../../project/weightAfloat'
import type { Project } from '../../../project/definition/projectFields'
import type { Fix, Rule } from '../../finding'
import { RESIZE } from '../../fixes'

/**
 * Shares of her weight by which a boat may grow before it is told, and before she cannot carry it (common practice).
 */
const NOTABLE = 0.12,
  TOO_MUCH = 0.3

/** Strings side by side that can be left out to save so many kilograms. */
function fewerStrings({ design: { pack, banks } }: Project, kilogramsOver: number): Fix[] {
  const string = packFigures(pack, banks).mass / pack.parallel,
    parallel = Math.max(1, pack.parallel - Math.ceil(kilogramsOver / string))
  if (parallel >= pack.parallel) return []
  return [
    {
      label: { text: `Pack of ${parallel} in parallel` },
      edits: [edit('design.pack.parallel', parallel)],
    },
  ]
}

/** What goes in weighs more than what came out: freeboard, trim and stability pay for it. */
export const overloaded: Rule = {
  part: 'pack',
  checks: 'She carries what goes in',
  source: 'Typed weight − out + in; 12 % more is felt, 30 % more no boat is made for (common practice)',
  check({ model: { project } }) {
    const { typed, mass } = weightAfloat(project)
    const more = mass / typed - 1
    if (more <= NOTABLE) return null
    return {
      severity: more > TOO_MUCH ? 'stop' : 'caution',
      title: 'weight',
      amount: { text: '+{m}', params: { m: kilograms(mass - typed) } },
      measure: more,
      sentence: {
        text:
          `With the new drive she weighs {share} more${more > TOO_MUCH ? ': no boat is made for that' : ''}. ` +
          'Look at her capacity plate, her freeboard and where the pack stands; heavy low and amidships is safest.',
        params: { share: share(more) },
      },
      need: { text: 'It takes a pack that is {m} lighter.', params: { m: kilograms(mass - (1 + NOTABLE) * typed) } },
      fixes: [...fewerStrings(project, mass - (1 + NOTABLE) * typed), RESIZE],
    }
  },
}
