import type { Project } from '../project'
import { writeTable } from '../tables'
import { firstPower, type FirstPower } from './firstPower'

/**
 * The first power-up as a CSV file: every step with what is accepted, what was read, by whom and when. SI units.
 *
 * @param project the boat
 * @param power as it stands, with the clashes of the design where they are known
 * @returns text
 */
export const powerCsv = (project: Project, power: FirstPower = firstPower(project)): string =>
  writeTable([
    ['group', 'step', 'by', 'low', 'high', 'read', 'verdict', 'who', 'when', 'passed over because', 'note'],
    ...power.groups.flatMap(g =>
      g.steps.map(({ step, reading, value, state }) => [
        step.group,
        step.title,
        step.by,
        step.low === null ? '' : String(step.low),
        step.high === null ? '' : String(step.high),
        value === null ? (reading?.done ? 'done' : '') : String(value),
        state,
        reading?.who ?? '',
        reading?.at ?? '',
        reading?.why ?? '',
        reading?.note ?? '',
      ]),
    ),
  ])
