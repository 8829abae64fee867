import type { Due, Project } from '../project'
import { dateOfDay, dayNumber } from '../units'
import { DAYS_A_MONTH } from './days'

/** How something that is due stands. */
export interface DueNow {
  due: Due
  index: number
  state: 'late' | 'soon' | 'later'
  /** days, s of running, or trips until then; negative when it is late */
  left: number
  in: 'days' | 'time' | 'trips'
  /** the day, where it hangs on one */
  date: string
}

/** What is near counts as soon: days, s, trips. */
const SOON = { days: 14, time: 10 * 3600, trips: 3 } as const

/** Hours run, s: those before the log and of all its trips. */
export const hoursRun = ({ log }: Project): number => log.hoursBefore + log.trips.reduce((s, t) => s + t.time, 0)

/**
 * What is due, the most pressing first.
 *
 * @param project the boat
 * @param today days since 1970; null for the day of the last trip
 * @returns each with what is left
 */
export function dueNow(project: Project, today: number | null): DueNow[] {
  const run = hoursRun(project),
    trips = project.log.trips.length
  return project.log.due
    .map((due, index): DueNow => {
      const of = (left: number, unit: DueNow['in'], date = ''): DueNow => ({
        due,
        index,
        left,
        in: unit,
        date,
        state: left < 0 ? 'late' : left <= SOON[unit] ? 'soon' : 'later',
      })
      if (due.by === 'hours') return of(due.doneHours + due.every * 3600 - run, 'time')
      if (due.by === 'trips') return of(due.doneTrips + due.every - trips, 'trips')
      const last = dayNumber(due.doneOn),
        day =
          due.by === 'date' ? dayNumber(due.date) : last === null ? null : Math.round(last + due.every * DAYS_A_MONTH)
      // what was never done is due now
      if (day === null) return of(due.by === 'date' ? Infinity : -1, 'days')
      return of(today === null ? Infinity : day - today, 'days', dateOfDay(day))
    })
    .sort((a, b) => rank(a) - rank(b) || a.left / SOON[a.in] - b.left / SOON[b.in])
}
const rank = ({ state }: DueNow) => ({ late: 0, soon: 1, later: 2 })[state]

/** Something done: from today on it counts anew. */
export const doneDue = (project: Project, due: Due, date: string): Due => ({
  ...due,
  doneOn: date,
  doneHours: hoursRun(project),
  doneTrips: project.log.trips.length,
})

/**
 * What a boat of this drive wants now and then (common practice: handbook, days, yard and log; the makers' sheets come
 * first).
 *
 * @param project the boat
 * @param date on which they count as done, YYYY-MM-DD; empty for never
 * @returns templates
 */
export function usualDue(project: Project, date: string): Due[] {
  const { boat, design } = project
  const of = (id: string, name: string, by: Due['by'], every: number, note: string): Due => ({
    id,
    name,
    by,
    every,
    doneOn: date,
    doneHours: hoursRun(project),
    doneTrips: project.log.trips.length,
    date: '',
    note,
  })
  const shaft = boat.drive.kind === 'shaft',
    liquid = (design.cooling ?? design.motor.cooling) === 'closed loop'
  return [
    of('lugs', 'Lugs by the wrench', 'hours', 100, 'Pack off and locked; to the torque of the terminal’s maker.'),
    of('lugsYear', 'Lugs looked at', 'months', 12, 'Colour, heat-shrink, moisture.'),
    of('isolator', 'Main isolator and emergency stop tried', 'months', 12, 'At no load.'),
    of('bms', 'BMS limits tried', 'months', 12, 'Charge stop, discharge stop, temperature.'),
    of('insulation', 'Insulation to the hull measured', 'months', 12, 'By someone licensed above 60 V DC.'),
    of('settings', 'Settings of controller and BMS copied', 'months', 12, 'And after each change of firmware.'),
    of('cells', 'Cell volts read at rest', 'months', 3, 'Written under Cells.'),
    ...(shaft
      ? [of('seal', 'Shaft seal and its drip', 'months', 1, 'A packed seal a drop in 5 to 20 s under way.')]
      : []),
    ...(shaft ? [of('alignment', 'Shaft alignment', 'months', 12, 'Afloat and loaded.')] : []),
    ...(design.reduction.kind === 'belt'
      ? [
          of('belt', 'Belt tension', 'hours', 40, 'At the maker’s force.'),
          of('beltNew', 'Belt changed', 'hours', 500, ''),
        ]
      : []),
    ...(liquid ? [of('coolant', 'Coolant changed', 'months', 24, 'Level each month.')] : []),
    ...(boat.water === 'sea' ? [of('anodes', 'Anodes', 'months', 6, 'Half gone: renew.')] : []),
    of('bottom', 'Bottom and propeller cleaned', 'months', 6, 'Then a run at cruise: what it took before and after.'),
  ]
}
