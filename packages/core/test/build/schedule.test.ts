import { describe, expect, it } from 'vitest'
import {
  dayOf,
  finishRange,
  schedule,
  partOf,
  TASK_TEMPLATES,
  templateOf,
  usualTasks,
  workCsv,
  workEvents,
} from '../../src/build'
import { budgetOf, withItem } from '../../src/money'
import { SHIPPED_LIBRARY } from '../../src/parts'
import { DEMO, DEMO_BOATS, edit, withEdits, type Project, type Task } from '../../src/project'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const HOUR = 3600,
  WEEK = 7 * 86_400
const task = (id: string, after: string[], hours: number, of: Partial<Task> = {}): Task => ({
  id,
  name: id,
  after,
  least: hours * HOUR,
  most: hours * HOUR,
  parts: '',
  wants: [],
  by: '',
  licensed: false,
  done: false,
  doneOn: '',
  inspected: '',
  note: '',
  ...of,
})
const plan = (tasks: Task[], hoursAWeek = 10, boat: Project = DEMO.osprel) =>
  withEdits(boat, [edit('yard.tasks', tasks), edit('yard.hoursAWeek', hoursAWeek * HOUR)])
function range(project: Project) {
  const run = finishRange(project, 200)
  let step = run.next()
  while (!step.done) step = run.next()
  return step.value
}

describe('the plan of work', () => {
  it('a chain worked by hand: 10, 20 and 10 hours at ten hours a week end after four weeks', () => {
    const p = schedule(plan([task('a', [], 10), task('b', ['a'], 20), task('c', ['b'], 10)]))
    expect(p.tasks.map(t => t.ends / WEEK)).toEqual([1, 3, 4])
    expect(p.ends / WEEK).toBeCloseTo(4, 9)
    expect(p.tasks.every(t => t.critical)).toBe(true)
  })
  it('what comes before is done first, whatever the list says; else the list is kept', () => {
    const p = schedule(plan([task('b', ['a'], 10), task('c', [], 10), task('a', [], 10)]))
    const at = (id: string) => p.tasks.find(t => t.task.id === id)!.starts / WEEK
    expect([at('c'), at('a'), at('b')]).toEqual([0, 1, 2])
  })
  it('parts that are not there are waited for while other work goes on', () => {
    const boat = plan([task('a', [], 10, { parts: 'Charging' }), task('b', [], 10)])
    const row = budgetOf(boat).rows.find(r => r.group === 'Charging')!
    const rows = budgetOf(boat).rows.filter(r => r.group === 'Charging')
    let told = boat
    for (const r of rows)
      told = withEdits(told, [
        edit('yard.items', withItem(told, r, r === row ? { lead: 3 * WEEK, state: 'ordered' } : { state: 'arrived' })),
      ])
    const p = schedule(told)
    expect(p.tasks[1]!.starts).toBe(0)
    expect(p.tasks[0]!.starts / WEEK).toBeCloseTo(3, 9)
    expect(p.tasks[0]!.waits).toMatchObject({ parts: 'charging' })
    expect(p.tasks[1]!.critical).toBe(false)
    expect(p.ends / WEEK).toBeCloseTo(4, 9)
  })
  it.each([
    ['wanted, of which nothing was said: two weeks', { state: 'wanted' as const }, 2],
    ['ordered, of which nothing was said: one', { state: 'ordered' as const }, 1],
    ['ordered, with its weeks', { state: 'ordered' as const, lead: 5 * WEEK }, 5],
    ['arrived', { state: 'arrived' as const, lead: 5 * WEEK }, 0],
    ['there already', { state: 'have' as const, lead: 5 * WEEK }, 0],
  ])('parts that are %s', (_, of, weeks) => {
    let told = plan([task('a', [], 10, { parts: 'Charging' })])
    for (const r of budgetOf(told).rows.filter(r => r.group === 'Charging'))
      told = withEdits(told, [edit('yard.items', withItem(told, r, of))])
    const [only] = schedule(told).tasks
    expect(only!.starts / WEEK).toBeCloseTo(weeks, 9)
    expect(only!.waits === null).toBe(weeks === 0)
  })
  it('critical is what follows on without a pause to the last day, not what is done beside', () => {
    // b waits for a; c is free and the list has it first
    const p = schedule(plan([task('c', [], 5), task('a', [], 10), task('b', ['a'], 10)]))
    expect(p.tasks.map(t => [t.task.id, t.critical])).toEqual([
      ['c', true],
      ['a', true],
      ['b', true],
    ])
    const done = schedule(plan([task('c', [], 5, { done: true }), task('a', [], 10)]))
    expect(done.tasks.map(t => t.critical)).toEqual([false, true])
    expect([done.left / HOUR, done.done / HOUR]).toEqual([10, 5])
  })
  it('a predecessor that is not there is told, and the task is not planned before what is', () => {
    const [a] = schedule(plan([task('a', ['gone'], 10)])).tasks
    expect(a!.faults).toEqual(['gone'])
  })
  it('hours are the middle of least and most, which is never less than the least', () => {
    const of = (least: number, most: number) =>
      schedule(plan([task('a', [], 10, { least: least * HOUR, most: most * HOUR })])).tasks[0]!.work / HOUR
    expect([of(10, 20), of(10, 10), of(10, 4)]).toEqual([15, 10, 10])
  })
  it('done work takes no time, a ring and a lost predecessor are told', () => {
    const p = schedule(plan([task('a', ['b'], 5), task('b', ['a'], 5), task('c', ['x'], 5, { done: false })]))
    expect(p.ring.sort()).toEqual(['a', 'b'])
    expect(p.tasks[2]!.faults).toEqual(['x'])
    expect(schedule(plan([task('a', [], 5, { done: true })])).ends).toBe(0)
  })
  it('the last day has a range that holds the plan where hours are a range, and none where nothing is', () => {
    const sure = range(plan([task('a', [], 10), task('b', ['a'], 20)]))
    expect(sure.low).toBeCloseTo(3 * WEEK, 3)
    expect(sure.high).toBeCloseTo(3 * WEEK, 3)
    const boat = plan([
      task('a', [], 10, { most: 30 * HOUR }),
      task('b', ['a'], 10, { most: 30 * HOUR }),
      task('c', ['b'], 10, { most: 30 * HOUR }),
    ])
    const open = range(boat)
    expect(open.low).toBeLessThan(schedule(boat).ends)
    expect(open.high).toBeGreaterThan(schedule(boat).ends)
    expect(Math.abs(open.middle / schedule(boat).ends - 1)).toBeLessThan(0.06)
  })
  it('300 tasks are planned', () => {
    const many = plan(Array.from({ length: 300 }, (_, i) => task(`t${i}`, i > 0 ? [`t${i - 1}`] : [], 1)))
    expect(schedule(many).ends / WEEK).toBeCloseTo(30, 6)
  })
})

describe('parts that are not here', () => {
  const boat = plan([task('a', [], 2, { parts: 'Charging' }), task('b', ['a'], 2)], 8, DEMO.tirrick),
    rows = budgetOf(boat).rows.filter(r => r.group === 'Charging'),
    [charger, inlet] = rows
  /** the charger comes in three weeks, all else of the group is here */
  const bought = rows.reduce(
    (told, r) =>
      withEdits(told, [
        edit(
          'yard.items',
          withItem(told, r, r === charger ? { state: 'ordered', lead: 3 * WEEK } : { state: 'arrived' }),
        ),
      ]),
    boat,
  )
  const startOf = (wants: string[]) =>
    schedule(
      withEdits(bought, [
        edit(
          'yard.tasks',
          bought.yard.tasks.map((t, i) => (i ? t : { ...t, wants })),
        ),
      ]),
    ).tasks[0]!
  it('a task waits for its whole group, or for the lines alone that it names', () => {
    expect(startOf([]).starts).toBe(3 * WEEK)
    expect(startOf([]).waits).toEqual({ parts: 'charging', until: 3 * WEEK })
    expect(startOf([partOf(inlet!)]).starts).toBe(0)
    expect(startOf([partOf(inlet!)]).waits).toBeNull()
    expect(startOf([partOf(inlet!), partOf(charger!)]).waits).toEqual({ parts: charger!.name, until: 3 * WEEK })
  })
  it('a line that is no longer bought makes the whole group count again', () => {
    expect(startOf([partOf(inlet!), 'Charging Something else piece']).starts).toBe(3 * WEEK)
  })
})

describe('the usual tasks', () => {
  it.each([...DEMO_BOATS, ...SIZED_FLEET].map(b => [b.name, b] as const))(
    '%s: whole, in order, without a ring',
    (_, boat) => {
      const tasks = usualTasks(boat),
        ids = tasks.map(t => t.id)
      expect(new Set(ids).size).toBe(ids.length)
      tasks.forEach((t, i) => t.after.forEach(a => expect(ids.indexOf(a), `${t.id} after ${a}`).toBeLessThan(i)))
      const p = schedule(plan(tasks, 8, boat))
      expect(p.ring).toEqual([])
      expect(p.tasks.flatMap(t => t.faults)).toEqual([])
      expect(p.ends).toBeGreaterThan(WEEK)
    },
  )
  it('legs, pods and straight shafts have tasks of their own', () => {
    const of = (boat: Project) => usualTasks(boat).map(t => t.id),
      fleet = (id: string) => SIZED_FLEET.find(b => b.id === `fleet-${id}`)!
    const outboard = withEdits(fleet('PL4'), [edit('design.wholeDrive', null)])
    expect(of(outboard)).toEqual(expect.arrayContaining(['powerHeadOff', 'outboardLeg', 'headAdapter', 'steering']))
    const whole = withEdits(outboard, [
      edit('design.wholeDrive', { ...SHIPPED_LIBRARY.wholeDrives[0]!, id: outboard.design.motor.id }),
    ])
    expect(of(whole)).not.toContain('headAdapter')
    expect(of(whole)).toContain('transom')
    const pod = withEdits(DEMO.tirrick, [edit('boat.drive.kind', 'pod')])
    expect(of(pod)).toEqual(expect.arrayContaining(['podPad', 'podCable', 'hungAnode']))
    expect(of(pod)).not.toContain('transom')
    const straight = withEdits(DEMO.tirrick, [edit('design.reduction.kind', 'direct')])
    expect(of(straight)).toContain('thrustBearing')
    expect(of(DEMO.tirrick)).not.toContain('thrustBearing')
  })
  it('each has tools and what is looked at', () => {
    for (const t of TASK_TEMPLATES) {
      expect(t.tools.length).toBeGreaterThan(3)
      expect(t.inspect.length).toBeGreaterThan(3)
      expect(t.hours[0]).toBeLessThan(t.hours[1])
    }
    expect(templateOf('nothing')).toBeNull()
  })
  it('a calendar has each task that is left, and the parts as they come', () => {
    const boat = plan(usualTasks(DEMO.tirrick), 8, DEMO.tirrick),
      events = workEvents(boat)
    expect(events.filter(e => !e.title.startsWith('Parts')).length).toBe(boat.yard.tasks.length)
    for (const e of events) expect(e.from <= e.until).toBe(true)
    expect(dayOf(boat, 0)).toBe(boat.yard.start)
    expect(workCsv(boat).trim().split('\n').length).toBe(boat.yard.tasks.length + 1)
  })
})
