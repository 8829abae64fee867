import type { Rule } from '../finding'
import { lowerTopSpeed, RESIZE } from '../fixes'

const WARN = 35, STOP = 50

/** Blade tips that run too fast. */
export const tipSpeed: Rule = {
  id: 'tipSpeed', part: 'propeller', checks: 'Blade tips run slowly enough', source: 'Warn above about 35 m/s, stop above about 50 m/s (common practice)',
  check(facts) {
    const { top, model: { project, propulsor } } = facts
    if (propulsor.kind === 'jet' || top.drive.tipSpeed <= WARN) return null
    return {
      severity: top.drive.tipSpeed > STOP ? 'stop' : 'caution', title: 'tip speed',
      amount: { text: `${top.drive.tipSpeed.toFixed(0)} m/s` },
      sentence: { text: `At top the tips run at ${top.drive.tipSpeed.toFixed(0)} m/s; up to ${WARN} keeps them quiet. Slower and coarser helps.` },
      fixes: [...(project.held.propeller ? [] : [RESIZE]), ...lowerTopSpeed(facts)],
    }
  },
}
