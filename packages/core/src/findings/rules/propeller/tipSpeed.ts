import { flowMetresPerSecond } from '../../../units'
import { runsFast } from '../../../propulsor'
import type { Rule } from '../../finding'
import { lowerTopSpeed, RESIZE } from '../../fixes'

/**
 * Tips that run quietly, and those that erode blades within a season; wheels of outboards and stern drives are cupped
 * and made to run fast (common practice), m/s.
 */
const TIPS = { slow: { warn: 35, stop: 50 }, fast: { warn: 62, stop: Infinity } }

/** Blade tips that run too fast. */
export const tipSpeed: Rule = {
  part: 'propeller',
  slowerHelps: true,
  checks: 'Blade tips run slowly enough',
  source:
    'Warn above about 35 m/s, stop above about 50 m/s; wheels of outboards and stern drives run to about 60 ' +
    'm/s (common practice)',
  check(facts) {
    const {
      top,
      model: { project, propulsor },
    } = facts
    const { warn, stop } = TIPS[runsFast(project.design.propeller.kind) ? 'fast' : 'slow']
    if (propulsor.kind === 'jet' || top.drive.tipSpeed <= warn) return null
    return {
      severity: top.drive.tipSpeed > stop ? 'stop' : 'caution',
      title: 'tip speed',
      amount: { text: '{v}', params: { v: flowMetresPerSecond(top.drive.tipSpeed) } },
      sentence: {
        text: 'At top the tips run at {v}; up to {warn} keeps them quiet. Slower and coarser helps.',
        params: {
          v: flowMetresPerSecond(top.drive.tipSpeed),
          warn: flowMetresPerSecond(warn),
        },
      },
      measure: top.drive.tipSpeed,
      fixes: [...(project.held.propeller ? [] : [RESIZE]), ...lowerTopSpeed(facts)],
    }
  },
}
