import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { LIMIT_LABELS, type LimitName } from './banks/limitName'
import type { LimitShare } from './banks/limits'
import { summaryOf } from './summary'
import { topSpeed } from './topSpeed'
import { whatItDoes, withReserve } from './whatItDoes'

/** A part that is looked at: one more string of blocks, or a stronger one of what sits in the line. */
export type MorePart = 'string' | 'motor' | 'controller' | 'volts' | 'wiring'

/** What more of a part buys. m/s, m. */
export interface MoreBuys {
  /** it, and what is taken with it where it alone buys less than a touch */
  parts: MorePart[]
  /** flat out, before and with it */
  speed: { was: number; would: number }
  /** at the speed that goes farthest, to the reserve */
  way: { was: number; would: number }
  /** what ends it then, in words */
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
  return [...stringMore(project, flatOut.speed, way), ...stronger(project, flatOut.speed, way)]
}

function stringMore(project: Project, speed: number, way: number): MoreBuys[] {
  const { parallel } = project.design.pack
  const more = whatItDoes(withEdits(project, [edit('design.pack.parallel', parallel + 1)]))
  const would = withReserve(more.farthest).way
  return would > (1 + TOUCH) * way || more.flatOut.speed > (1 + TOUCH) * speed
    ? [
        {
          parts: ['string'],
          speed: { was: speed, would: more.flatOut.speed },
          way: { was: way, would },
          limit: more.flatOut.limit,
        },
      ]
    : []
}

function stronger(project: Project, speed: number, way: number): MoreBuys[] {
  const { model, minutesSpeed } = summaryOf(project),
    rows: MoreBuys[] = [],
    parts: MorePart[] = [],
    seen = new Map<number, LimitShare[]>()
  let top = minutesSpeed
  while (top.outcome === 'limited' && parts.length < DEPTH) {
    const part = PART_OF[top.by]
    // more blocks are another question, and a limit that stands again would stand for ever
    if (part === 'string' || parts.includes(part)) break
    parts.push(part)
    const lifted = (name: LimitName) => parts.includes(PART_OF[name])
    top = topSpeed(model, 'minutes', seen, lifted)
    if (top.outcome === 'none') break
    if (top.speed > (1 + TOUCH) * (rows.at(-1)?.speed.would ?? speed))
      rows.push({
        parts: [...parts],
        speed: { was: speed, would: top.speed },
        way: { was: way, would: way },
        limit: top.outcome === 'limited' ? LIMIT_LABELS[top.by] : '',
      })
  }
  return rows
}
