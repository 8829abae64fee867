import { DAY } from '../constants'
import { chargeLevels, edit, withEdits, type Leg, type Project } from '../project'
import { BAND } from '../system'
import { DayDrive } from './dayDrive'
import { daylight } from './daylight'
import { simulateDay } from './simulateDay'

/** How far she comes in every direction, m to the north and east of where she is. */
export interface DayReach {
  expected: { north: number; east: number }[]
  bad: { north: number; east: number }[]
  /** without stream and wind */
  still: number
}

/** Where she is, and how she goes on. */
export interface ReachFrom {
  time: number
  charge: number
  leg: Leg
  /** out and home again, or one way */
  home: boolean
}

const HEADINGS = 24
/** s of a step: a reach is drawn, not sailed */
const COARSE = 600
/** Longest way that is looked for, s, and rounds in which out and home meet. */
const LONGEST = 2 * DAY,
  ROUNDS = 12

/**
 * The reach from a place at a time: with the stream and the wind of the hours to come, until the reserve is left.
 *
 * @param project the boat and her day
 * @param from time, charge, the leg whose speed, sea and stream are taken
 * @returns closed curves, as expected and at the bad edge of the band; the circle of still water
 */
export function reach(project: Project, from: ReachFrom): DayReach {
  const light = daylight(project),
    level = chargeLevels(project).reserve
  const calm = withEdits(project, [edit('day.wind', []), edit('day.streams', [])])
  const farFor = (boat: Project, drive: DayDrive, course: number): number => {
    const leg: Leg = {
      ...from.leg,
      does: 'goes',
      course,
      measure: 'time',
      duration: LONGEST,
      sailing: 0,
      plugged: false,
    }
    const out = simulateDay(boat, {
      legs: [leg],
      departs: from.time,
      charge: from.charge,
      light,
      drive,
      until: level,
      step: COARSE,
    })
    const way = out.points.map(p => ({ time: p.time, charge: p.charge, along: p.along }))
    if (!from.home) return Math.max(0, way.at(-1)!.along)
    // the place on the way out from which the way home ends at the reserve
    let low = 0,
      high = way.length - 1
    for (let i = 0; i < ROUNDS && high - low > 1; i++) {
      const middle = Math.floor((low + high) / 2),
        turn = way[middle]!
      const back = simulateDay(boat, {
        legs: [{ ...leg, course: course + Math.PI, measure: 'distance', distance: Math.max(0, turn.along) }],
        departs: turn.time,
        charge: turn.charge,
        light,
        drive,
        until: level,
        step: COARSE,
      })
      if (back.outcome === 'home') low = middle
      else high = middle
    }
    return Math.max(0, way[low]!.along)
  }
  const around = (boat: Project, z: number) => {
    const drive = new DayDrive(boat, z)
    return Array.from({ length: HEADINGS }, (_, i) => {
      const course = (2 * Math.PI * i) / HEADINGS,
        far = farFor(boat, drive, course)
      return { north: far * Math.cos(course), east: far * Math.sin(course) }
    })
  }
  return {
    expected: around(project, 0),
    bad: around(project, BAND),
    still: farFor(calm, new DayDrive(calm, 0), 0),
  }
}
