import { edit } from '../project/definition/projectPath'
import type { Fitting } from '../wiring'
import type { Project } from '../project/definition/projectFields'
import type { PartName } from '../project/parts/partName'
import type { Rule, Severity } from './finding'

/** What a left-out piece of gear means. */
export interface MissingFitting {
  fitting: Fitting
  part: PartName
  checks: string
  severity: Severity
  /** V of the full pack above which it is a clash */
  clashAbove?: number
  title: string
  sentence: string
  caution?: string
  applies?: (project: Project) => boolean
}

/**
 * A rule on a piece of gear that is usual and was left out: it says why it is usual, and fits it at a touch.
 *
 * @param of the gear and its words
 * @returns the rule
 */
export function missingFitting({
  fitting,
  part,
  checks,
  severity,
  clashAbove = Infinity,
  title,
  sentence,
  caution,
  applies,
}: MissingFitting): Rule {
  return {
    part,
    checks,
    source: 'Common practice; ISO 13297, ISO 16315 and ABYC E-30 by name',
    check: ({ model: { project, pack } }) =>
      project.design.wiring.fitted[fitting] || applies?.(project) === false
        ? null
        : {
            severity: pack.fullVoltage > clashAbove ? 'stop' : severity,
            title,
            amount: { text: '' },
            sentence: { text: sentence },
            ...(caution ? { caution } : {}),
            fixes: [{ label: { text: 'Fit it' }, edits: [edit(`design.wiring.fitted.${fitting}`, true)] }],
          },
  }
}
