import { group, number } from '../fields/field'
import { chargeLevels, type ChargeLevels, type Leg, type Project } from '../project'
import { BAND } from '../system'
import { endOf, wayBack } from './dayAnswers'
import { DayDrive, type Meets } from './dayDrive'
import { daylight, type Daylight } from './daylight'
import { lastGood } from './lastGood'
import { howFar } from './howFar'
import { simulateDay, type DayRun } from './simulateDay'
import { along, overGround, streamAt } from './stream'
import { windAt } from './wind'

/** Where she is on her day, as read: the leg, how far along it, the clock and the charge. SI. */
export interface Here {
  leg: number
  along: number
  /** s of the day's clock */
  time: number
  charge: number
}

/** What the owner reads to say where she is. */
export const HERE = group('Where she is', {
  along: number({ label: 'Done of this leg', quantity: 'distance', least: 0, most: 1_000_000, usual: 0 }),
  time: number({ label: 'Clock', quantity: 'duration', least: 0, most: 86_399, usual: 43_200 }),
  charge: number({ label: 'Charge', quantity: 'ratio', least: 0, most: 1, usual: 1 }),
})

/** What a run comes home with, as expected and at the bad edge. */
export interface HomeWith {
  arrives: number
  left: number
  leftBad: number
  outcome: DayRun['outcome']
}

/** What the helm wants to know. m, m/s, s; charge as a share. */
export interface UnderWay {
  water: number
  ground: number
  /** with her, m/s */
  stream: number
  /** over ground at this speed, against this stream and wind, down to the reserve; at the bad edge */
  left: number
  leftBad: number
  /** the same down to empty */
  empty: number
  /** back to the berth by the way that she came */
  berth: number
  /** last moment to turn: way from here, clock, charge that must show; null when there is none any more */
  turn: { distance: number; time: number; charge: number; anywhere: boolean } | null
  /** home now by the way that she came, and home as planned */
  homeNow: HomeWith
  planned: HomeWith
  /** what is left of this leg, and the one after it */
  legLeft: number
  next: Leg | null
  /** charge that the plan has here; above it she has used less than planned */
  planCharge: number | null
  planTime: number | null
  levels: ChargeLevels
}

/** The legs that are left from where she is, at the speed of the lever on the one she is on. */
function legsOn(legs: readonly Leg[], here: Here, speed: number): Leg[] {
  const now = legs[here.leg]
  if (!now) return []
  const rest: Leg =
    now.does === 'goes'
      ? { ...now, measure: 'distance', distance: Math.max(0, distanceOf(now, speed) - here.along), by: 'water', speed }
      : { ...now, duration: Math.max(0, now.duration - here.along) }
  return [rest, ...legs.slice(here.leg + 1)]
}

/** m of a leg that is given by its distance or by its time at a speed. */
const distanceOf = (leg: Leg, speed: number): number =>
  leg.measure === 'distance' ? leg.distance : leg.duration * (leg.by === 'power' ? speed : leg.speed)

/**
 * The day from where she is: how far at this speed, whether she comes home, when to turn.
 *
 * @param project the boat and her day
 * @param here as read
 * @param speed of the lever, m/s through the water
 * @param plan the day as planned, to compare with; none is compared when null
 * @returns what the helm wants
 *
 * Source: simulateDay() from here; miles left by howFar(), as the reach.
 */
export function underWay(project: Project, here: Here, speed: number, plan: DayRun | null = null): UnderWay | null {
  const { day } = project,
    leg = day.legs[here.leg]
  if (!leg) return null
  const light = daylight(project),
    levels = chargeLevels(project),
    expected = new DayDrive(project, 0),
    bad = new DayDrive(project, BAND)
  const stream = leg.stream > 0 ? day.streams[leg.stream - 1] : null
  const meets: Meets = {
    stream: streamAt(stream, here.time),
    wind: windAt(day.wind, here.time),
    charge: here.charge,
  }
  const goes = leg.does === 'goes',
    ground = goes ? Math.max(0, overGround(speed, meets.stream, leg.course)) : 0
  const far = (drive: DayDrive, until: number): number =>
    !goes || ground <= 0
      ? 0
      : howFar(project, {
          time: here.time,
          charge: here.charge,
          leg: { ...leg, by: 'water', speed },
          until,
          light,
          drive,
        }).distance
  const on = legsOn(day.legs, here, speed)
  const run = (legs: Leg[], drive: DayDrive, time = here.time, charge = here.charge) =>
    simulateDay(project, { legs, departs: time, charge, light, drive })
  const homeWith = (legs: Leg[]): HomeWith => {
    const likely = run(legs, expected),
      badly = run(legs, bad)
    return {
      arrives: likely.points.at(-1)!.time,
      left: endOf(likely, legs),
      leftBad: endOf(badly, legs),
      outcome: likely.outcome,
    }
  }
  const came = backFrom(project, here, speed)
  return {
    water: goes ? speed : 0,
    ground,
    stream: goes ? along(meets.stream, leg.course).with : 0,
    left: far(expected, levels.reserve),
    leftBad: far(bad, levels.reserve),
    empty: far(expected, levels.spared),
    berth: came.reduce((sum, l) => sum + l.distance, 0),
    turn: lastTurn(project, { here, on, bad, light, reserve: levels.reserve }),
    homeNow: homeWith(came),
    planned: homeWith(on),
    legLeft: goes ? on[0]!.distance : 0,
    next: day.legs[here.leg + 1] ?? null,
    planCharge: plan ? (planAt(plan, here)?.charge ?? null) : null,
    planTime: plan ? (planAt(plan, here)?.time ?? null) : null,
    levels,
  }
}

/** The way home from where she is: the legs behind her, the other way round. */
function backFrom({ day }: Project, here: Here, speed: number): Leg[] {
  const legs = day.legs,
    ran = {
      legs: legs.map(l => ({ distance: distanceOf(l, speed), water: l.speed })),
    } as unknown as DayRun
  return wayBack(legs, ran, { leg: here.leg, along: here.along })
}

/** Where she still may turn and come home with the reserve, at the bad edge. */
function lastTurn(
  project: Project,
  { here, on, bad, light, reserve }: { here: Here; on: Leg[]; bad: DayDrive; light: Daylight; reserve: number },
): UnderWay['turn'] {
  const way = simulateDay(project, { legs: on, departs: here.time, charge: here.charge, light, drive: bad })
  const points = way.points.filter(p => on[p.leg]?.does === 'goes')
  if (points.length === 0) return null
  const behind = backFrom(project, here, on[0]!.speed)
  // as far out as she goes from here
  const farthest = points.reduce((a, b) => (outOf(b) > outOf(a) ? b : a))
  const out = points.filter(p => p.time <= farthest.time)
  const comes = (p: (typeof out)[number]) => {
    const back = [...wayBack(on, way, p), ...behind]
    if (back.length === 0) return p.charge - reserve
    return (
      endOf(simulateDay(project, { legs: back, departs: p.time, charge: p.charge, light, drive: bad }), back) - reserve
    )
  }
  const at = lastGood(out, comes)
  if (!at) return null
  const before = way.legs.slice(0, at.leg).reduce((sum, l) => sum + l.distance, 0)
  return {
    distance: before + at.along,
    time: at.time,
    charge: Math.min(1, at.charge - at.spare),
    anywhere: at.anywhere,
  }
}

const outOf = ({ north, east }: { north: number; east: number }) => Math.hypot(north, east)

/** The moment of the plan at which she is where she is. */
function planAt(plan: DayRun, here: Here) {
  const on = plan.points.filter(p => p.leg === here.leg)
  return on.find(p => p.along >= here.along) ?? on.at(-1) ?? null
}
