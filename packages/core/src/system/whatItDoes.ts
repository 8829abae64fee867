import { KNOT } from '../constants'
import { maximise } from '../numeric'
import { chargeLevels } from '../project/chargeLevels'
import type { Project } from '../project/definition/projectFields'
import { LIMIT_LABELS } from './banks/limitName'
import { limitShares, tightestLimit } from './banks/limits'
import { chargeLasts } from './energy'
import type { Model } from './model'
import { operatingPoint } from './operatingPoint'
import { summaryOf } from './summary'
import type { TopSpeed } from './topSpeed'

/** One way to drive a boat, from what is in her alone. SI. */
export interface Doing {
  /** m/s; 0 where even a crawl passes a limit */
  speed: number
  /** W from the pack, house and all */
  power: number
  /** s from full until it must end: what it is held by, or the last of the charge */
  time: number
  /** m from full to the reserve, and to the last that spares the cells */
  toReserve: number
  toEmpty: number
  /** what ends or bounds it, in words */
  limit: string
}

/** What a boat does with what is in her. */
export interface WhatItDoes {
  flatOut: Doing
  continuous: Doing
  /** the speed at which a charge goes farthest */
  farthest: Doing
}

/**
 * How long and how far that way, with the reserve kept: until what holds it ends, or the charge is down to the reserve.
 *
 * @param doing one way to drive
 * @returns s and m, which belong to each other
 * @example withReserve({ speed: 2, power: 900, time: 60, toReserve: 9000, toEmpty: 9900, limit: '' }).way // 120
 */
export function withReserve({ speed, time, toReserve }: Doing): { time: number; way: number } {
  const way = Math.min(toReserve, speed * time)
  return { time: speed > 0 ? way / speed : 0, way }
}

/** A rating is looked at for no longer, s; one that holds so long holds all day. */
const LONGEST = 24 * 3600
const HALVINGS = 24
/** Slower she hardly steers, m/s (common practice: 2 kn). */
const SLOWEST = 2 * KNOT

/**
 * What a boat does from her parts alone, whatever is wished: flat out, for as long as one likes, and as far as a charge
 * goes.
 *
 * @param project the boat
 * @returns speeds, power, time and miles in still water from full, and what limits each
 * @example whatItDoes(DEMO.tirrick).flatOut.time > 60 // true
 *
 * Source: the same limits as the lever's marks (limitShares), the same charge as its miles (chargeLasts); farthest by
 * golden section over v/P(v).
 */
export function whatItDoes(project: Project): WhatItDoes {
  const { model, allDaySpeed, minutesSpeed } = summaryOf(project)
  const continuous = doingAt(model, allDaySpeed, LONGEST)
  return {
    flatOut: doingAt(model, minutesSpeed, null),
    continuous,
    farthest: farthest(model, continuous),
  }
}

const NOTHING = { speed: 0, power: 0, time: 0, toReserve: 0, toEmpty: 0 }

/** At the speed that a limit sets; held for so long, or as long as the ratings allow. */
function doingAt(model: Model, top: TopSpeed, held: number | null): Doing {
  if (top.outcome === 'none') return { ...NOTHING, limit: LIMIT_LABELS[top.by] }
  const words = top.outcome === 'limited' ? LIMIT_LABELS[top.by] : 'no limit up to there'
  return from(model, top.speed, held ?? holdTime(model, top.speed), words)
}

function from(model: Model, speed: number, held: number, limit: string): Doing {
  const { packPower: power, packCurrent: current } = operatingPoint(model, speed).drive
  const { reserve, spared } = chargeLevels(model.project)
  const lasts = (until: number) => chargeLasts(model, { power, current }, 1, until)
  const toEmpty = lasts(spared)
  return {
    speed,
    power,
    time: Math.min(held, toEmpty),
    toReserve: speed * lasts(reserve),
    toEmpty: speed * toEmpty,
    limit: toEmpty < held ? `${limit}; then the charge` : limit,
  }
}

/** s for which motor, controller and cells hold a speed. */
function holdTime(model: Model, speed: number): number {
  const { drive } = operatingPoint(model, speed)
  const holds = (topTime: number) => {
    const { project } = model
    const asLong = { ...model, project: { ...project, use: { ...project.use, topTime } } }
    return tightestLimit(limitShares(asLong, drive), 'topTime').share <= 1 + 1e-3
  }
  if (holds(LONGEST)) return LONGEST
  let low = 1,
    high = LONGEST
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high)
    if (holds(middle)) low = middle
    else high = middle
  }
  return low
}

/** Where a charge goes farthest, no faster than the drive holds. */
function farthest(model: Model, continuous: Doing): Doing {
  if (continuous.speed <= 0) return { ...NOTHING, limit: continuous.limit }
  const least = Math.min(SLOWEST, 0.5 * continuous.speed),
    most = continuous.speed
  const { x } = maximise(v => v / operatingPoint(model, v).drive.packPower, least, most, 0.01)
  const found = from(model, x, LONGEST, '')
  const { houseLoad } = model.project.use
  return {
    ...found,
    time: found.toEmpty / found.speed,
    limit:
      x > 0.98 * continuous.speed
        ? continuous.limit
        : houseLoad > 0.3 * found.power
          ? 'the charge: slower, the house takes more of it'
          : 'the charge',
  }
}
