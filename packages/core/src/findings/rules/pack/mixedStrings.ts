import { amps } from '../../../units'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Strings of other blocks beside the pack's own. */
export const mixedStrings: Rule = {
  part: 'pack',
  checks: 'Strings side by side are alike',
  source: 'Same cells, capacity and age in one bank (common practice); current divides by resistance',
  check({
    mix,
    model: {
      project: {
        design: { banks },
      },
    },
  }) {
    if (!mix) return null
    const odd = mix.groups.find(g => g.reasons.length > 0)
    if (!odd) return null
    const apart = !odd.counted,
      i = mix.groups.indexOf(odd) - 1
    return {
      severity: apart ? 'stop' : 'caution',
      title: apart ? 'strings that cannot stand together' : 'strings that are not alike',
      amount: { text: odd.reasons.join(', ') },
      sentence: apart
        ? {
            text:
              'Their volts differ at the same charge. Joined, {a} could flow from one to the other, and one of ' +
              'them leaves its window before the other. They are left out of the sums.',
            params: { a: amps(odd.joining!.current) },
          }
        : {
            text:
              'Amps divide by resistance, not evenly: together they give {c}, not {s}. The weaker fills and ' +
              'empties first; join them only at the same charge.',
            params: { c: amps(mix.current), s: amps(mix.added) },
          },
      caution:
        'Cells joined at different volts can drive hundreds of amps through a thin lead. Each group its own ' +
        'fuse and management; a qualified person joins them, and local code comes first.',
      fixes: [
        {
          label: { text: 'Leave them out' },
          edits: [
            edit(
              'design.banks.others',
              banks.others.filter((_, j) => j !== i),
            ),
          ],
        },
      ],
    }
  },
}
