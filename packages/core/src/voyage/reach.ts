import { chargeLevels, edit, withEdits, type Leg, type Project } from '../project'
import { BAND } from '../system'
import { DayDrive } from './dayDrive'
import { daylight } from './daylight'
import { howFar, howFarAndHome } from './howFar'

/** A place m to the north and east of where she is. */
export interface ReachPoint {
  north: number
  east: number
}

/** How far she comes in every direction. */
export interface DayReach {
  /** to the reserve, as expected and at the bad edge of the band; to empty, as expected */
  expected: ReachPoint[]
  bad: ReachPoint[]
  empty: ReachPoint[]
  /** without stream and wind, to the reserve */
  still: number
  /**
   * on her own course: miles left to the reserve, at the bad edge, and to empty, m; out and home where that is asked
   */
  ahead: { reserve: number; bad: number; empty: number }
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

/**
 * The reach from a place at a time: with the stream and the wind of the hours to come, until the reserve is left, and
 * until the pack is empty.
 *
 * @param project the boat and her day
 * @param from time, charge, the leg whose speed, sea and stream are taken
 * @returns closed curves; the circle of still water
 *
 * Source: howFar() in each direction.
 */
export function reach(project: Project, from: ReachFrom): DayReach {
  const light = daylight(project),
    levels = chargeLevels(project),
    calm = withEdits(project, [edit('day.wind', []), edit('day.streams', [])])
  const farFor = (boat: Project, drive: DayDrive, course: number, until: number): number => {
    const here = { ...from, course, until, light, drive }
    return from.home ? howFarAndHome(boat, here) : howFar(boat, here).distance
  }
  const around = (z: number, until: number): ReachPoint[] => {
    const drive = new DayDrive(project, z)
    return Array.from({ length: HEADINGS }, (_, i) => {
      const course = (2 * Math.PI * i) / HEADINGS,
        far = farFor(project, drive, course, until)
      return { north: far * Math.cos(course), east: far * Math.sin(course) }
    })
  }
  return {
    expected: around(0, levels.reserve),
    bad: around(BAND, levels.reserve),
    empty: around(0, levels.spared),
    still: farFor(calm, new DayDrive(calm, 0), 0, levels.reserve),
    ahead: {
      reserve: farFor(project, new DayDrive(project, 0), from.leg.course, levels.reserve),
      bad: farFor(project, new DayDrive(project, BAND), from.leg.course, levels.reserve),
      empty: farFor(project, new DayDrive(project, 0), from.leg.course, levels.spared),
    },
  }
}
