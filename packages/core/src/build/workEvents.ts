import type { Project } from '../project'
import { writeTable } from '../tables'
import { arrivals, dayOf, schedule } from './schedule'
import { templateOf } from './taskTemplates'

/** A day or more of a calendar. Days as YYYY-MM-DD; the last one is in it. */
export interface WorkEvent {
  title: string
  from: string
  until: string
  text: string
}

/**
 * What a calendar shows of the work: tasks that are left, and parts as they come.
 *
 * @param project the boat
 * @returns events by day
 */
export function workEvents(project: Project): WorkEvent[] {
  const plan = schedule(project)
  return [
    ...plan.tasks
      .filter(t => !t.task.done)
      .map(t => ({
        title: t.task.name,
        from: dayOf(project, t.starts),
        until: dayOf(project, Math.max(t.starts, t.ends - 1)),
        text: [templateOf(t.task.id)?.tools, templateOf(t.task.id)?.inspect, t.task.note].filter(Boolean).join('; '),
      })),
    ...[...arrivals(project)].map(([group, lead]) => ({
      title: `Parts: ${group}`,
      from: dayOf(project, lead),
      until: dayOf(project, lead),
      text: '',
    })),
  ].sort((a, b) => a.from.localeCompare(b.from))
}

/**
 * The work as a CSV file.
 *
 * @param project the boat
 * @returns text; hours, days as YYYY-MM-DD
 */
export const workCsv = (project: Project): string =>
  writeTable([
    [
      'task',
      'after',
      'hours_least',
      'hours_most',
      'starts',
      'ends',
      'parts',
      'of_these',
      'licensed',
      'by',
      'done',
      'inspected',
      'note',
    ],
    ...schedule(project).tasks.map(({ task, starts, ends }) => [
      task.name,
      task.after.join(' '),
      (task.least / 3600).toFixed(1),
      (task.most / 3600).toFixed(1),
      task.done ? '' : dayOf(project, starts),
      task.done ? task.doneOn : dayOf(project, ends),
      task.parts,
      task.wants.join('; '),
      task.licensed ? 'yes' : 'no',
      task.by,
      task.done ? 'yes' : 'no',
      task.inspected,
      task.note,
    ]),
  ])
