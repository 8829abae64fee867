import { greatest } from 'd3-array'
import { randomLcg, randomUniform } from 'd3-random'
import { DAY } from '../constants'
import { budgetOf, type BudgetRow } from '../money'
import type { Project, Task } from '../project'
import { dateOfDay, dayNumber } from '../units'

/** A task with its time. s from planFrom(). */
export interface ScheduledTask {
  task: Task
  /** hours of work as expected, s */
  work: number
  starts: number
  ends: number
  /** parts that it waits for, as a sentence names them, with when they come; null where all are there */
  waits: { parts: string; until: number } | null
  /** it moves the last day if it takes longer */
  critical: boolean
  /** names of what comes before and is not there, or comes after it in a ring */
  faults: string[]
}

/** The work as it will go. s from planFrom(). */
export interface Schedule {
  tasks: ScheduledTask[]
  ends: number
  /** hours that are left and done */
  left: number
  done: number
  /** short names of tasks that wait for one another in a ring */
  ring: string[]
}

/** Days until parts come that are wanted or ordered and of which nothing was said (common practice). */
const LEAD = { wanted: 14 * DAY, ordered: 7 * DAY } as const
const WEEK = 7 * DAY

/** How a task names a line of the budget: a line of the design by its key, an owner's own by its name. */
export const partOf = (row: Pick<BudgetRow, 'key' | 'name'>): string => row.key || row.name

/** s until a line's parts are there; 0 for those that are. */
function leadOf(row: BudgetRow): number {
  if (row.state === 'arrived' || row.state === 'have' || row.gone) return 0
  return row.lead ?? LEAD[row.state]
}

/** "Battery and BMS" in the middle of a sentence. */
const lowerFirst = (name: string) => name.slice(0, 1).toLowerCase() + name.slice(1)

/** When the parts of each group are all there, s from the first morning. */
export function arrivals(project: Project): Map<string, number> {
  const there = new Map<string, number>()
  for (const row of budgetOf(project).rows) {
    const lead = leadOf(row)
    if (lead > 0) there.set(row.group, Math.max(there.get(row.group) ?? 0, lead))
  }
  return there
}

/**
 * What each task waits for: the lines that it names, or its whole group. Where one that it names is no longer bought,
 * the design has changed, and the whole group counts again.
 */
function waitsOf(project: Project): (task: Task) => { parts: string; until: number } {
  const groups = arrivals(project),
    rows = new Map(budgetOf(project).rows.flatMap(row => (row.gone ? [] : [[partOf(row), row] as const])))
  return ({ parts, wants }) => {
    const named = wants.map(want => rows.get(want))
    if (named.length === 0 || named.includes(undefined))
      return { parts: lowerFirst(parts), until: groups.get(parts) ?? 0 }
    const last = greatest(named as BudgetRow[], leadOf)!
    return { parts: last.name, until: leadOf(last) }
  }
}

/** Hours of a task: the middle of what it takes at least and at most. */
const middle = (task: Task): number => (task.least + Math.max(task.least, task.most)) / 2

/** Tasks that wait for one another in a ring. */
function ringOf(tasks: readonly Task[]): string[] {
  const left = new Map(tasks.map(t => [t.id, t.after]))
  for (;;) {
    const free = [...left].filter(([, after]) => after.every(a => !left.has(a))).map(([id]) => id)
    if (free.length === 0) return [...left.keys()]
    for (const id of free) left.delete(id)
  }
}

/** Starts and ends of the tasks that are left, one pair of hands, the first of the list that can be done. */
function run(
  tasks: readonly Task[],
  hours: (task: Task) => number,
  arrive: (task: Task) => number,
  speed: number,
): Map<string, { starts: number; ends: number }> {
  const made = new Map<string, { starts: number; ends: number }>(),
    open = new Set(tasks.filter(t => !t.done).map(t => t.id)),
    left = tasks.filter(t => !t.done)
  let now = 0
  while (left.length > 0) {
    const free = left.filter(t => t.after.every(a => !open.has(a) || made.has(a)))
    if (free.length === 0) break
    const ready = free.find(t => arrive(t) <= now + 1e-6)
    if (!ready) {
      now = Math.min(...free.map(arrive))
      continue
    }
    const ends = now + hours(ready) / speed
    made.set(ready.id, { starts: now, ends })
    now = ends
    left.splice(left.indexOf(ready), 1)
  }
  return made
}

/**
 * The work that is left in order, with the hours of a week and the parts as they come.
 *
 * @param project the boat
 * @returns tasks with their times, which of them are critical, what is wrong with the order
 *
 * Source: one pair of hands; the first task of the list whose predecessors are done and whose parts are there.
 */
export function schedule(project: Project): Schedule {
  const { tasks, hoursAWeek } = project.yard,
    waits = waitsOf(project),
    arrive = (task: Task) => waits(task).until,
    speed = hoursAWeek / WEEK,
    times = run(tasks, middle, arrive, speed)
  const ends = Math.max(0, ...[...times.values()].map(t => t.ends)),
    ring = ringOf(tasks),
    ids = new Set(tasks.map(t => t.id))
  const critical = criticalOf(tasks, times, ends)
  return {
    tasks: tasks.map(task => {
      const at = times.get(task.id),
        waiting = waits(task)
      return {
        task,
        work: middle(task),
        starts: at?.starts ?? 0,
        ends: at?.ends ?? 0,
        waits: !task.done && waiting.until > 0 ? waiting : null,
        critical: critical.has(task.id),
        faults: [
          ...task.after.filter(a => !ids.has(a)),
          ...(ring.includes(task.id) ? task.after.filter(a => ring.includes(a)) : []),
        ],
      }
    }),
    ends,
    left: tasks.filter(t => !t.done).reduce((s, t) => s + middle(t), 0),
    done: tasks.filter(t => t.done).reduce((s, t) => s + middle(t), 0),
    ring,
  }
}

/** From the last task back: those that follow on one another without a pause, until one waited for parts. */
function criticalOf(
  tasks: readonly Task[],
  times: ReadonlyMap<string, { starts: number; ends: number }>,
  end: number,
): Set<string> {
  const chain = new Set<string>()
  let at = end
  for (;;) {
    const last = tasks.find(t => !chain.has(t.id) && Math.abs((times.get(t.id)?.ends ?? -1) - at) < 1)
    if (!last) return chain
    chain.add(last.id)
    at = times.get(last.id)!.starts
    if (at <= 0) return chain
  }
}

/** When the work is done: a tenth of the draws is before low, a tenth after high. s from the first morning. */
export interface FinishRange {
  low: number
  middle: number
  high: number
  draws: number
}

/** Leads are off by so much either way (common practice). */
const LEAD_SPREAD = 0.4

/**
 * The last day, with hours and deliveries drawn at random: hours by a triangle between least and most, deliveries by up
 * to four tenths either way.
 *
 * @param project the boat
 * @param draws how many
 * @param seed of the draws
 * @returns 10, 50 and 90 per cent; yields how far it is
 */
export function* finishRange(project: Project, draws = 400, seed = 1): Generator<number, FinishRange> {
  const { tasks, hoursAWeek } = project.yard,
    waits = waitsOf(project),
    waiting = new Map(tasks.map(task => [task, waits(task)])),
    leads = new Map([...waiting.values()].map(w => [w.parts, w.until])),
    speed = hoursAWeek / WEEK,
    draw = randomUniform.source(randomLcg(seed))(0, 1),
    ends: number[] = []
  for (let i = 0; i < draws; i++) {
    const late = new Map([...leads].map(([parts, lead]) => [parts, lead * (1 + LEAD_SPREAD * (2 * draw() - 1))])),
      // the sum of two even draws is a triangle
      hours = new Map(tasks.map(t => [t.id, t.least + ((Math.max(t.least, t.most) - t.least) * (draw() + draw())) / 2]))
    const times = run(
      tasks,
      t => hours.get(t.id)!,
      task => late.get(waiting.get(task)!.parts) ?? 0,
      speed,
    )
    ends.push(Math.max(0, ...[...times.values()].map(t => t.ends)))
    if (i % 20 === 19) yield (i + 1) / draws
  }
  ends.sort((a, b) => a - b)
  const at = (share: number) => ends[Math.round(share * (ends.length - 1))] ?? 0
  return { low: at(0.1), middle: at(0.5), high: at(0.9), draws }
}

/** The morning from which what is left is planned: the last day on which something was done, else the first of all. */
export const planFrom = ({ yard }: Project): string =>
  dateOfDay(
    yard.tasks.reduce(
      (last, t) => Math.max(last, t.done ? (dayNumber(t.doneOn) ?? last) : last),
      dayNumber(yard.start) ?? 0,
    ),
  )

/** The day of a time of the schedule, as YYYY-MM-DD. */
export const dayOf = (project: Project, time: number): string =>
  dateOfDay(dayNumber(planFrom(project))! + Math.floor(time / DAY))
