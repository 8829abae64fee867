import { hullTypeOf, waterProperties, type HullForm, type HullType, type Water } from '../hull'
import { balanceShift, shaftDepth, shiftedForm } from '../mass'
import type { Project } from '../project/definition/projectFields'
import { weightAfloat } from '../project/weightAfloat'

/** A boat as she floats with her new drive, before anything moves her. */
export interface Afloat {
  /** her dimensions, with the weight that she has with her new drive */
  boat: Project['boat']
  hullType: HullType
  water: Water
  form: HullForm
  /** as heavy as she may be; the same form where her weight is known */
  heavy: HullForm
}

/**
 * The boat at rest: her form at the weight, trim and water of the document. It needs no method of resistance and no
 * motor.
 *
 * @param project the boat
 * @returns her form in metres and kilograms
 */
export function afloat(project: Project): Afloat {
  const weight = weightAfloat(project),
    shift = balanceShift(project)
  const boat = {
    ...project.boat,
    mass: weight.mass,
    drive: { ...project.boat.drive, shaftDepth: shaftDepth(project.boat.drive, shift) },
  }
  const hullType = hullTypeOf(boat.hullType),
    water = waterProperties(boat.water, boat.waterTemperature)
  const formAt = (mass: number) => shiftedForm(hullType.form({ ...boat, mass }, water.density), shift)
  const form = formAt(boat.mass)
  const heavy = boat.massUncertainty === 0 ? form : formAt(weight.mass + weight.typed * boat.massUncertainty)
  return { boat, hullType, water, form, heavy }
}
