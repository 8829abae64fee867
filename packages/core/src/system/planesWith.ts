import { PLANES_FROM, volumeFroude } from '../hull'
import { PERSON } from '../mass'
import { edit, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { modelOf } from './model'
import { topSpeed } from './topSpeed'

/** With how many aboard a planing boat planes. m/s. */
export interface PlanesWith {
  /** as told */
  aboard: number
  /** the most with whom she planes; null where she does not even with one */
  most: number | null
  /** more were not looked at */
  lookedAt: number
  /** flat out with one aboard, and where the plane begins then */
  reaches: number
  from: number
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
 * @returns null for a hull that never planes
 * @example planesWith(DEMO.tirrick) // null
 *
 * Source: flat out by the peak ratings (topSpeed, which does not leap a hump) against PLANES_FROM; halving over the
 * people.
 */
export function planesWith(project: Project): PlanesWith | null {
  if (!modelOf(project).form.bottom) return null
  const { crew } = project.yard
  const flatOut = (people: number) => {
    const mass = Math.max(LEAST_HULL * project.boat.mass, project.boat.mass + (people - crew) * PERSON),
      model = modelOf(withEdits(project, [edit('boat.mass', mass)])),
      top = topSpeed(model, 'minutes')
    const reaches = top.outcome === 'none' ? 0 : top.speed,
      from = PLANES_FROM / volumeFroude(1, model.form.volume)
    return { reaches, from, planes: reaches >= from }
  }
  const { planes, ...alone } = flatOut(1),
    most = lookedAt(project)
  const found = { aboard: crew, lookedAt: most, ...alone }
  if (!planes) return { ...found, most: null }
  let low = 1,
    high = most + 1
  while (high - low > 1) {
    const people = Math.floor((low + high) / 2)
    if (flatOut(people).planes) low = people
    else high = people
  }
  return { ...found, most: low }
}
