import { firstPower } from '../../../build'
import type { Rule } from '../../finding'

/** A reading of the first power-up outside what is accepted. */
export const powerStopped: Rule = {
  part: 'controller',
  checks: 'Readings of the first power-up are within range',
  source: 'Each step’s own range; made from the design',
  check({ model: { project } }) {
    if (project.yard.readings.length === 0) return null
    const stopped = firstPower(project)
      .groups.flatMap(g => g.steps)
      .find(s => s.state === 'stop' && !s.step.cells)
    if (!stopped) return null
    const { step, value } = stopped
    return {
      severity: 'stop',
      title: `first power: ${step.title.toLowerCase()}`,
      amount: { text: '{v}', params: { v: { value: value!, quantity: step.quantity! } } },
      sentence: {
        text: `It reads {v}; ${step.why}. ${step.look}`,
        params: { v: { value: value!, quantity: step.quantity! } },
      },
      ...(step.group === 'fuse' || step.group === 'precharge'
        ? { caution: 'Nothing is switched further. Local code first; a licensed electrician looks at it.' }
        : {}),
      fixes: [],
      need: { text: 'Mend it, then read again on First power.' },
    }
  },
}
