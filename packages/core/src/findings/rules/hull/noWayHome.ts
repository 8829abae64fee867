import { bankGone } from '../../../system'
import { edit } from '../../../project/definition/projectPath'
import type { Rule } from '../../finding'

/**
 * kg up to which two people row a boat home, and up to which a small outboard moves her in a calm (common practice).
 */
const OARS = 1000,
  OUTBOARD = 6000

/** One pack, one contactor, one controller, and nothing else to move her. */
export const noWayHome: Rule = {
  part: 'pack',
  checks: 'Something brings her home when one part fails',
  source: 'No single point of failure without another way home (common practice)',
  check({ model: { project } }) {
    const {
      use,
      design: { pack },
    } = project
    // a second bank is a way home where what is left of the chain moves her
    if (use.wayHome !== 'none' || bankGone(project)?.home) return null
    return {
      severity: 'caution',
      title: 'no other way home',
      amount: { text: '' },
      sentence: {
        text:
          'One fuse, one cell or one contactor stops her, and nothing else moves her. A second bank does' +
          (project.boat.mass <= OARS
            ? ', or oars, or a small outboard.'
            : project.boat.mass <= OUTBOARD
              ? ', or a small outboard.'
              : ', or a second drive; an anchor that holds her buys the time.'),
      },
      caution: 'Anchor ready to let go, radio on a battery of its own.',
      fixes: [
        {
          label: { text: 'Two banks' },
          edits: [
            edit('design.banks.count', 2),
            ...(pack.parallel % 2 === 0 ? [] : [edit('design.pack.parallel', pack.parallel + 1)]),
          ],
        },
        ...(project.boat.mass <= OARS
          ? [{ label: { text: 'Oars or paddle aboard' }, edits: [edit('use.wayHome', 'oars')] }]
          : []),
        ...(project.boat.mass <= OUTBOARD
          ? [{ label: { text: 'Small outboard' }, edits: [edit('use.wayHome', 'secondDrive')] }]
          : []),
      ],
    }
  },
}
