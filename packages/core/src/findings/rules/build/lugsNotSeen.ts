import { firstPower } from '../../../build'
import type { Rule } from '../../finding'

/** She has run, and the lugs were not seen again. */
export const lugsNotSeen: Rule = {
  part: 'controller',
  checks: 'Lugs were seen again after the first hour',
  source: 'Lugs settle in the first hour; all by the wrench again (common practice)',
  check({ model: { project } }) {
    if (project.yard.readings.length === 0) return null
    const { groups } = firstPower(project),
      quay = groups.find(g => g.id === 'quay')!,
      lugs = groups.flatMap(g => g.steps).find(s => s.step.id === 'lugsAgain')!
    if (quay.locked || quay.done < quay.steps.length || lugs.state !== 'open') return null
    return {
      severity: 'caution',
      title: 'lugs not seen again',
      amount: { text: '' },
      sentence: { text: 'She has run at the quay. Every lug by the torque wrench again before she goes further.' },
      caution: 'A loose lug is the usual fire of a new drive. Disconnect open, fuse out, below 5 V first.',
      fixes: [],
      need: { text: 'Write it down on First power, group “First hour”.' },
    }
  },
}
