import { packFigures } from '../battery'
import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { LIMIT_LABELS, type LimitName } from './banks/limitName'
import type { LimitShare } from './banks/limits'
import { summaryOf } from './summary'
import { topSpeed, type TopSpeed } from './topSpeed'
import { whatItDoes, withReserve } from './whatItDoes'

/** A part that is looked at: one more string of blocks, or a stronger one of what sits in the line. */
export type MorePart = 'string' | 'motor' | 'controller' | 'volts' | 'wiring'

/** Before and with it. */
export interface Gain {
  was: number
  would: number
}
/** What more of a part buys. m/s, m. */
export interface MoreBuys {
  /** it, and what is taken with it where it alone buys less than a touch */
  parts: MorePart[]
  /** flat out; null where it does not matter */
  speed: Gain | null
  /** at the speed that goes farthest, to the reserve; null where it does not matter */
  way: Gain | null
  /** what ends the speed then, in words */
  limit: string
}

/** Which part each limit lies in; more blocks lift those of the cells. */
const PART_OF: Record<LimitName, MorePart> = {
  motorTorque: 'motor',
  motorRpm: 'motor',
  voltage: 'volts',
  batteryAmps: 'controller',
  phaseAmps: 'controller',
  packAmps: 'string',
  packPower: 'string',
  bms: 'wiring',
  fuse: 'wiring',
  contactor: 'wiring',
  mainCable: 'wiring',
}
/** Less is not worth a line: a share of the speed or of the miles. */
const TOUCH = 0.01
/** So many parts are taken one after the other. */
const DEPTH = 2
const gain = (was: number, would: number): Gain | null => (would > (1 + TOUCH) * was ? { was, would } : null)

/**
 * What more of each part would buy: a string more of the same blocks; and, flat out, a stronger one of the part that
 * holds her back, then of the next.
 *
 * @param project the boat
 * @returns what is worth it, the string first; no rows where she makes no way
 * @example whatMoreBuys(DEMO.tirrick)[0].parts // ['string']
 *
 * Source: the same limits and charge as whatItDoes, with one string more, or with the limits of those parts left out.
 */
export function whatMoreBuys(project: Project): MoreBuys[] {
  const { flatOut, farthest } = whatItDoes(project)
  if (flatOut.speed <= 0) return []
  const way = withReserve(farthest).way
  return [...stringMore(project, flatOut.speed, way), ...stronger(project)]
}

function stringMore(project: Project, speed: number, way: number): MoreBuys[] {
  const { boat, design } = project,
    { parallel } = design.pack
  const more = whatItDoes(
    withEdits(project, [
      edit('design.pack.parallel', parallel + 1),
      // where her typed weight holds the drive, it holds the strings that she has
      ...(boat.massHolds === 'after' ? [edit('boat.mass', boat.mass + packFigures(design.pack).mass / parallel)] : []),
    ]),
  )
  const row: MoreBuys = {
    parts: ['string'],
    speed: gain(speed, more.flatOut.speed),
    way: gain(way, withReserve(more.farthest).way),
    limit: more.flatOut.limit,
  }
  return row.speed || row.way ? [row] : []
}

function stronger(project: Project): MoreBuys[] {
  const { model, minutesSpeed } = summaryOf(project),
    rows: MoreBuys[] = [],
    parts: MorePart[] = [],
    seen = new Map<number, LimitShare[]>()
  if (minutesSpeed.outcome === 'none') return []
  let top: TopSpeed = minutesSpeed,
    reached = minutesSpeed.speed
  while (top.outcome === 'limited' && parts.length < DEPTH) {
    const part = PART_OF[top.by]
    // more blocks are another question, and a limit that stands again would stand for ever
    if (part === 'string' || parts.includes(part)) break
    parts.push(part)
    const lifted = (name: LimitName) => parts.includes(PART_OF[name])
    top = topSpeed(model, 'minutes', seen, lifted)
    if (top.outcome === 'none') break
    if (gain(reached, top.speed)) {
      const limit = top.outcome === 'limited' ? LIMIT_LABELS[top.by] : ''
      rows.push({ parts: [...parts], speed: { was: minutesSpeed.speed, would: top.speed }, way: null, limit })
      reached = top.speed
    }
  }
  return rows
}
