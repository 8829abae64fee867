import { DAY } from '../constants'
import type { Leg, Project } from '../project'
import type { DayDrive } from './dayDrive'
import type { Daylight } from './daylight'
import { simulateDay } from './simulateDay'

/** Where she is, and how she goes on. */
export interface FromHere {
  /** s of the day's clock */
  time: number
  charge: number
  /** its speed, sea and stream are taken; its length is not */
  leg: Leg
  /** rad; as the leg has it where it is left out */
  course?: number
  /** state of charge at which the way ends: the reserve, or empty */
  until: number
  light: Daylight
  drive: DayDrive
}

/** How far she comes from here. */
export interface HowFar {
  /** m over ground */
  distance: number
  /** s under way */
  time: number
}

/** Longest way that is looked for, s. */
const LONGEST = 2 * DAY
/** A way is cut into so many steps, none longer or shorter than these, s: a reach is drawn, not sailed. */
const STEPS = 40,
  LONG = 600,
  SHORT = 5
/** Rounds in which out and home meet, and how near, share of the way. */
const ROUNDS = 12,
  NEAR = 0.002

/** A leg that goes on for ever from here. */
const onwards = ({ leg, course = leg.course }: FromHere): Leg => ({
  ...leg,
  does: 'goes',
  course,
  measure: 'time',
  duration: LONGEST,
  sailing: 0,
  plugged: false,
})

/** s of a step that suits how long the charge lasts. */
function stepFor(project: Project, from: FromHere): number {
  const { drive, charge, until, time } = from,
    rough = simulateDay(project, {
      legs: [{ ...onwards(from), duration: 60 }],
      departs: time,
      charge,
      light: from.light,
      drive,
    }),
    spent = charge - rough.points.at(-1)!.charge
  return spent > 0 ? Math.min(LONG, Math.max(SHORT, ((charge - until) / spent) * (60 / STEPS))) : LONG
}

/**
 * How far she comes from here along a course, with the stream and the wind of the hours to come, until a charge is
 * left. One way for all that say how far: helm, day, reach.
 *
 * @param project the boat and her day
 * @param from where she is, and how she goes on
 * @returns m over ground and s; 0 where nothing is left above that charge; two days at most
 *
 * Source: simulateDay(), its last step cut where the charge is reached.
 */
export function howFar(project: Project, from: FromHere): HowFar {
  if (from.charge <= from.until) return { distance: 0, time: 0 }
  const out = simulateDay(project, {
    legs: [onwards(from)],
    departs: from.time,
    charge: from.charge,
    light: from.light,
    drive: from.drive,
    until: from.until,
    step: stepFor(project, from),
  })
  return { distance: Math.max(0, out.distance), time: out.points.at(-1)!.time - from.time }
}

/**
 * How far out she comes so that she is home again, by the same course, with a charge left.
 *
 * @param project the boat and her day
 * @param from where she is, and how she goes on
 * @returns m out
 *
 * Source: both ways run as one, the turn found by false position.
 */
export function howFarAndHome(project: Project, from: FromHere): number {
  const one = howFar(project, from).distance
  if (one <= 0) return 0
  const leg = onwards(from),
    step = stepFor(project, from)
  /** m by which she comes home with more than is asked for, or stops short of home */
  const spare = (out: number): number => {
    const run = simulateDay(project, {
      legs: [
        { ...leg, measure: 'distance', distance: out },
        { ...leg, measure: 'distance', distance: out, course: leg.course + Math.PI },
      ],
      departs: from.time,
      charge: from.charge,
      light: from.light,
      drive: from.drive,
      until: from.until,
      step,
    })
    if (run.outcome !== 'home') return run.distance - 2 * out
    const last = run.points.at(-1)!,
      before = run.points.at(-2)
    const perMetre =
      before && last.along > before.along ? (before.charge - last.charge) / (last.along - before.along) : 0
    return perMetre > 0 ? Math.min(2 * out, (last.charge - from.until) / perMetre) : 2 * out
  }
  let low = 0,
    high = one,
    atLow = one,
    atHigh = spare(one)
  if (atHigh >= 0) return one
  for (let i = 0; i < ROUNDS && high - low > NEAR * high; i++) {
    // false position, but never nearer than a twentieth to an end, so that both ends come in
    const share = Math.min(0.95, Math.max(0.05, atLow / (atLow - atHigh))),
      middle = low + share * (high - low),
      at = spare(middle)
    if (at >= 0) {
      low = middle
      atLow = at
    } else {
      high = middle
      atHigh = at
    }
  }
  return low
}
