import type { Project } from '../project/definition/projectFields'
import { weightAfloat } from '../project/weightAfloat'
import { hydrostatics } from './hydrostatics'
import { isPlaced, weightRows } from './weightRows'
import { hullTypeOf, waterProperties, type BoatDimensions, type HullForm } from '../hull'
import { remember } from '../numeric'

/** What weights in other places do to a hull: her balance point aft, and her stern deeper. m. */
export interface Shift {
  aft: number
  stern: number
}

/** Breadth of a transom at the water, share of the greatest (common practice). */
const TRANSOM_BREADTH = 0.8
/** Balance points stay on the boat: share of the waterline. */
const LEAST_LCG = 0.15,
  MOST_LCG = 0.6

const shifts = remember<Project, Shift | null>('balanceShift')

/**
 * How the boat's balance differs from that of the boat as she was typed.
 *
 * @param project the boat
 * @returns null where nothing was said of places, or her weight was typed with the new drive in her
 */
export function balanceShift(project: Project): Shift | null {
  return shifts(project, () => (isPlaced(project) && project.boat.massHolds === 'before' ? shiftOf(project) : null))
}

function shiftOf(project: Project): Shift {
  const boat = { ...project.boat, mass: weightAfloat(project).mass },
    type = hullTypeOf(boat.hullType),
    { density } = waterProperties(boat.water, boat.waterTemperature),
    form = type.form(boat, density),
    elevation = type.elevation(boat, form),
    hydro = hydrostatics(boat, form, elevation, density, project.yard)
  // about the balance point that she had: where it is typed, there, else over her centre of buoyancy
  const was = form.bottom
    ? elevation.waterlineTo - form.bottom.lcg
    : elevation.waterlineFrom + form.lengthWaterline * (0.5 - form.lcb)
  const moment = weightRows(project, elevation).reduce(
    (sum, r) => sum + (r.way === 'in' ? 1 : -1) * r.mass * (r.along - was),
    0,
  )
  const aft = moment / boat.mass,
    trim = (form.lengthWaterline * aft) / hydro.bml
  return { aft, stern: (trim * (hydro.from + hydro.length - hydro.flotation)) / hydro.length }
}

/**
 * The form of a hull whose balance has moved: the centre of buoyancy follows that of gravity, a planing bottom has her
 * weight elsewhere, and a transom is deeper in the water or less.
 *
 * @param form as typed or estimated
 * @param shift of balanceShift()
 * @returns the form; the same where nothing moved
 *
 * Source: equilibrium (LCB under LCG); transom area = breadth × depth, to first order in the trim.
 */
export function shiftedForm(form: HullForm, shift: Shift | null): HullForm {
  if (!shift || (shift.aft === 0 && shift.stern === 0)) return form
  const { lengthWaterline, bottom, transomArea } = form
  const held = (lcg: number) => Math.min(MOST_LCG * lengthWaterline, Math.max(LEAST_LCG * lengthWaterline, lcg))
  return {
    ...form,
    lcb: Math.min(0.15, Math.max(-0.15, form.lcb - shift.aft / lengthWaterline)),
    transomArea:
      transomArea > 0
        ? Math.max(0.05 * transomArea, transomArea + form.hulls * TRANSOM_BREADTH * form.beamWaterline * shift.stern)
        : 0,
    bottom: bottom && { ...bottom, lcg: held(bottom.lcg - shift.aft) },
  }
}

/** How deep the propeller's shaft lies with the stern deeper or higher, m. */
export const shaftDepth = (drive: BoatDimensions['drive'], shift: Shift | null): number =>
  Math.max(0.02, drive.shaftDepth + (shift?.stern ?? 0))
