import type { HullForm } from '../../hull'
import {
  HULL_CONDITIONS,
  PAINT_ALLOWANCE,
  resistanceMethodOf,
  type PreparedResistance,
  type ResistanceMethod,
  type ResistancePoint,
} from '../../resistance'
import type { Project } from '../../project/definition/projectFields'
import type { Afloat } from '../afloat'

/** One method prepared for the boat as given, and for her heaviest. */
export interface PreparedMethod {
  method: ResistanceMethod
  /** σ of the wave part that is added because of the kind of hull */
  doubt: number
  middle: PreparedResistance
  /** as heavy as she may be */
  heavy: PreparedResistance
}

/** Hulls whose methods are kept with the tables that they have made: the boat on the board, and a few beside her. */
const KEPT = 4
const kept = new Map<string, PreparedMethod[]>()

/** Speeds whose resistance is kept for a hull: those of the lever, of the curve and of the search for top speed. */
const SPEEDS = 500
function remembering(prepared: PreparedResistance): PreparedResistance {
  const points = new Map<number, ResistancePoint>()
  // the rest as it is: some of it is worked out when it is first asked for
  return Object.assign(Object.create(prepared) as PreparedResistance, {
    at(speed: number) {
      let point = points.get(speed)
      if (point) return point
      if (points.size >= SPEEDS) points.clear()
      points.set(speed, (point = prepared.at(speed)))
      return point
    },
  })
}

/**
 * The methods of a kind of hull made ready for a boat. An edit that leaves hull, water and bottom as they are (another
 * reading, another propeller) finds those of before, with all that they have worked out.
 *
 * @param boat as she floats
 * @param hullCondition of her bottom
 * @returns the methods, in the order of the kind of hull
 */
export function preparedMethods(
  { hullType, form, heavy, water }: Afloat,
  hullCondition: Project['use']['hullCondition'],
): PreparedMethod[] {
  const key = JSON.stringify([hullType.id, form, heavy, water, hullCondition])
  const found = kept.get(key) ?? prepare()
  // the oldest goes first: what was asked for last is put last
  kept.delete(key)
  kept.set(key, found)
  if (kept.size > KEPT) kept.delete(kept.keys().next().value!)
  return found

  function prepare(): PreparedMethod[] {
    return hullType.methods.map(({ method: id, doubt }) => {
      const method = resistanceMethodOf(id)
      const made = (f: HullForm) =>
        remembering(
          method.prepare({
            form: f,
            water,
            frictionFactor: HULL_CONDITIONS[hullCondition].factor,
            frictionAllowance: PAINT_ALLOWANCE,
          }),
        )
      const middle = made(form)
      return { method, doubt, middle, heavy: heavy === form ? middle : made(heavy) }
    })
  }
}
