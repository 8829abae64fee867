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
import { rememberLast } from '../../numeric'

/** One method prepared for the boat as given, and for her heaviest. */
export interface PreparedMethod {
  method: ResistanceMethod
  /** σ of the wave part that is added because of the kind of hull */
  doubt: number
  middle: PreparedResistance
  /** as heavy as she may be */
  heavy: PreparedResistance
}

const kept = rememberLast<PreparedMethod[]>('preparedMethods')

function remembering(prepared: PreparedResistance): PreparedResistance {
  const points = rememberLast<ResistancePoint>('resistancePoints')
  // the rest as it is: some of it is worked out when it is first asked for
  return Object.assign(Object.create(prepared) as PreparedResistance, {
    at: (speed: number) => points(speed, () => prepared.at(speed)),
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
  return kept(key, prepare)

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
