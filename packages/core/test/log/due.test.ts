import { describe, expect, it } from 'vitest'
import { doneDue, dueNow, EMPTY_TRIP, hoursRun } from '../../src/log'
import { DEMO, edit, withEdits, type Due } from '../../src/project'
import { dateOfDay, dayNumber } from '../../src/units'

const HOUR = 3600
const due = (of: Partial<Due>): Due => ({
  id: 'a',
  name: 'A',
  by: 'hours',
  every: 100,
  doneOn: '',
  doneHours: 0,
  doneTrips: 0,
  date: '',
  note: '',
  ...of,
})
/** A boat that ran so many hours, over so many trips. */
const ran = (hours: number, trips: number, ...dues: Due[]) =>
  withEdits(DEMO.tirrick, [
    edit('log.hoursBefore', hours * HOUR),
    edit(
      'log.trips',
      Array.from({ length: trips }, (_, i) => ({ ...EMPTY_TRIP, id: `t${i}`, time: 0 })),
    ),
    edit('log.due', dues),
  ])
const TODAY = dayNumber('2027-06-15')!
const state = (project: ReturnType<typeof ran>, today: number | null = TODAY) => dueNow(project, today)[0]!.state

describe('what is due', () => {
  it.each([
    [100.01, 'late'],
    [100, 'soon'],
    [90, 'soon'],
    [89.99, 'later'],
  ])('every 100 hours, after %d: %s', (hours, wanted) => expect(state(ran(hours, 0, due({})))).toBe(wanted))
  it.each([
    [21, 'late'],
    [20, 'soon'],
    [17, 'soon'],
    [16, 'later'],
  ])('every 20 trips, after %i: %s', (trips, wanted) =>
    expect(state(ran(0, trips, due({ by: 'trips', every: 20 })))).toBe(wanted),
  )
  it.each([
    [-1, 'late'],
    [0, 'soon'],
    [14, 'soon'],
    [15, 'later'],
  ])('on a day that is %i days away: %s', (away, wanted) =>
    expect(state(ran(0, 0, due({ by: 'date', date: dateOfDay(TODAY + away) })))).toBe(wanted),
  )
  it.each([
    [-1, 'late'],
    [0, 'soon'],
    [14, 'soon'],
    [15, 'later'],
  ])('every twelve months, a year and %i days after the day on which it was done: %s', (away, wanted) => {
    // a year of months is 365.25 days, a day of the calendar the nearest
    const done = dateOfDay(TODAY + away - 365)
    expect(state(ran(0, 0, due({ by: 'months', every: 12, doneOn: done })))).toBe(wanted)
  })
  it('what was never done is late; a date that is not given never comes; without a day nothing is', () => {
    expect(state(ran(0, 0, due({ by: 'months', every: 12 })))).toBe('late')
    expect(state(ran(0, 0, due({ by: 'date' })))).toBe('later')
    expect(state(ran(0, 0, due({ by: 'date', date: '2020-01-01' })), null)).toBe('later')
  })
  it('the most pressing stands first: late, then soon, then by how near each is for its kind', () => {
    const project = ran(
      95,
      10,
      due({ id: 'later', every: 500 }),
      due({ id: 'soon', every: 100 }),
      due({ id: 'sooner', by: 'trips', every: 10 }),
      due({ id: 'late', by: 'date', date: '2027-06-01' }),
    )
    expect(dueNow(project, TODAY).map(d => d.due.id)).toEqual(['late', 'sooner', 'soon', 'later'])
  })
  it('done, it counts anew from the hours, trips and day of now', () => {
    const project = ran(120, 7, due({})),
      done = doneDue(project, project.log.due[0]!, '2027-06-15')
    expect([done.doneHours, done.doneTrips, done.doneOn]).toEqual([hoursRun(project), 7, '2027-06-15'])
    expect(dueNow(withEdits(project, [edit('log.due', [done])]), TODAY)[0]!.left).toBe(100 * HOUR)
  })
  it('hours run are those before the log and of its trips', () => {
    const project = withEdits(ran(10, 0), [edit('log.trips', [{ ...EMPTY_TRIP, time: 1800 }])])
    expect(hoursRun(project)).toBe(10.5 * HOUR)
  })
})
