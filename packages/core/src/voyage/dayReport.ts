import type { ChargeLevels, Leg, Project } from '../project'
import {
  dayAnswers,
  departures,
  legCosts,
  outcomeOf,
  turnHome,
  type Departure,
  type LegCosts,
  type TurnHome,
} from './dayAnswers'
import { dayCures, type DayCure } from './dayCures'
import type { DayOutcome } from './goOrStay'
import { daySockets, type DaySockets } from './daySockets'
import { reach, type DayReach } from './reach'
import type { Bite, DayPoint, DayRun, LegRun } from './simulateDay'

/** Everything that the bench of a day shows. */
export interface DayReport extends DayOutcome {
  points: DayPoint[]
  legs: LegRun[]
  bites: Bite[]
  energy: DayRun['energy']
  distance: number
  /** charge over time at the good and the bad end of the band */
  good: { time: number; charge: number }[]
  bad: { time: number; charge: number }[]
  left: number
  leftHigh: number
  levels: ChargeLevels
  turn: TurnHome | null
  costs: (LegCosts | null)[]
  sockets: DaySockets
  /** hours round the one that is planned, and the best of them */
  departures: Departure[]
  /** what would make another word of it, each tried, the best first */
  cures: DayCure[]
  /** from the start of the leg that is asked about */
  reach: DayReach | null
}

/** What is asked about a day. */
export interface DayQuestion {
  project: Project
  /** leg from whose start the reach is drawn */
  leg: number
  home: boolean
}

/** Hours before and after the planned one that are tried, s, and the step between. */
const WINDOW = 6 * 3600,
  STEP = 3600

/**
 * A day worked out step by step, so that a worker can be stopped between.
 *
 * @param question the boat with her day, and the leg whose reach is wanted
 * @returns the report; yields how far it is, 0 … 1
 */
export function* dayReport({ project, leg, home }: DayQuestion): Generator<number, DayReport> {
  const answers = dayAnswers(project),
    { run, good, bad } = answers
  yield 0.3
  const turn = turnHome(project, answers)
  yield 0.5
  const costs = project.day.legs.map((_, i) => legCosts(project, i, run))
  yield 0.6
  const { departs } = project.day
  const hours = departures(project, Math.max(0, departs - WINDOW), Math.min(86_399, departs + WINDOW), STEP)
  yield 0.7
  const cures: DayCure[] = yield* dayCures(project, answers, { turn, departures: hours })
  yield 0.9
  const from: Leg | undefined = project.day.legs[leg] ?? project.day.legs[0],
    start = run.points.find(p => p.leg === leg) ?? run.points[0]
  const way =
    from && start ? reach(project, { time: start.time, charge: start.charge, leg: going(project, leg), home }) : null
  const series = (r: DayRun) => r.points.map(p => ({ time: p.time, charge: p.charge }))
  return {
    ...outcomeOf(answers),
    points: run.points,
    legs: run.legs,
    bites: run.bites,
    energy: run.energy,
    distance: run.distance,
    good: series(good),
    bad: series(bad),
    left: answers.left,
    leftHigh: answers.leftHigh,
    levels: answers.levels,
    cures,
    turn,
    costs,
    sockets: daySockets(project, run),
    departures: hours,
    reach: way,
  }
}

/** The leg itself, or the next on which she goes: where she waits there is no speed to reach anything. */
const going = ({ day }: Project, leg: number): Leg =>
  day.legs.slice(leg).find(l => l.does === 'goes') ?? day.legs.find(l => l.does === 'goes') ?? day.legs[0]!
