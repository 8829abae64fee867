import { PERSON } from '../mass'
import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import type { Hump } from './curve/curveReading'
import { planingHump } from './facts'
import { modelOf } from './model'

/** With how many aboard a planing boat gets over her hump. */
export interface PlanesWith {
  /** as told */
  aboard: number
  /** the most with whom she planes; null where she does not even with one */
  most: number | null
  /** more were not looked at */
  lookedAt: number
  /** at that many, or with one: its resistance N and speed m/s */
  hump: Hump
}

/** Without her people a boat weighs so much of what was typed at least: else the number aboard is mistyped. */
const LEAST_HULL = 0.2
/** One for so much of length times beam, m² (common practice: feet times feet over fifteen). */
const AREA_EACH = 1.39
/** As many as her plate allows, or as stand on the plate of a boat of her size: more are not looked at. */
const lookedAt = ({ boat, yard }: Project): number =>
  yard.platePeople ?? Math.max(1, Math.floor((boat.lengthOverAll * boat.beam) / AREA_EACH))

/**
 * With how many aboard a boat planes: each weighs as a person does on a capacity plate, her weight as typed holds those
 * that are told.
 *
 * @param project the boat
 * @returns null for a hull that never planes, or whose curve shows no hump
 * @example planesWith(DEMO.tirrick) // null
 *
 * Source: the hump of the power curve against the peak ratings (humpOf), by halving over the people.
 */
export function planesWith(project: Project): PlanesWith | null {
  const { crew } = project.yard
  const humpWith = (people: number): Hump | null => {
    const mass = project.boat.mass + (people - crew) * PERSON
    if (mass < LEAST_HULL * project.boat.mass) return null
    return planingHump(modelOf(withEdits(project, [edit('boat.mass', mass)])))
  }
  const alone = humpWith(1)
  if (!alone) return null
  const all = lookedAt(project)
  if (!alone.climbs) return { aboard: crew, most: null, lookedAt: all, hump: alone }
  let low = 1,
    high = all + 1,
    hump = alone
  while (high - low > 1) {
    const people = Math.floor((low + high) / 2),
      found = humpWith(people)
    if (found?.climbs) {
      low = people
      hump = found
    } else high = people
  }
  return { aboard: crew, most: low, lookedAt: all, hump }
}
