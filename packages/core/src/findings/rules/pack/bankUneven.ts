import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/** Strings that do not divide into the banks wished. */
export const bankUneven: Rule = {
  part: 'pack',
  checks: 'Strings divide evenly into the banks',
  source: 'Each bank needs whole strings',
  check({
    model: {
      project: {
        design: {
          pack: { parallel },
          banks: { count },
        },
      },
    },
  }) {
    if (parallel % count === 0) return null
    const few = parallel < count
    return {
      severity: few ? 'stop' : 'note',
      title: few ? 'more banks than strings' : 'uneven banks',
      amount: { text: '{p} in {c}', params: { p: String(parallel), c: String(count) } },
      sentence: few
        ? {
            text: 'Each of {c} banks needs a whole string of its own; there are {p}.',
            params: { c: String(count), p: String(parallel) },
          }
        : {
            text: '{p} strings in {c} banks: one is larger than another, and they empty at different times.',
            params: { c: String(count), p: String(parallel) },
          },
      fixes: [
        {
          label: { text: '{n} in parallel', params: { n: String(Math.ceil(parallel / count) * count) } },
          edits: [edit('design.pack.parallel', Math.ceil(parallel / count) * count)],
        },
        ...(count > 1 ? [{ label: { text: 'One bank' }, edits: [edit('design.banks.count', 1)] }] : []),
      ],
    }
  },
}
