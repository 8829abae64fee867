import type { Appendage } from './appendage'
import type { DriveKind } from './driveKind'
import type { BoatDimensions } from './boat'
import type { HullTypeId } from './hullTypeId'
import type { MethodId } from './methodId'
import type { Elevation } from './elevation'
import type { HullForm } from './hullForm'

/** How the hull and the propeller act on each other. */
export interface HullPropellerInteraction {
  /** w: the water at the propeller moves with the hull, Va = V (1 − w) */
  wakeFraction: number
  /** t: the propeller's suction slows the hull, T = R / (1 − t) */
  thrustDeduction: number
  /** ηR */
  relativeRotative: number
  basis: string
}

/** A method that suits this hull type. */
export interface SuitedMethod {
  method: MethodId
  /** σ of ln of its wave part that is added because such hulls are not quite those of its tests */
  doubt: number
}

/** Dimensions that are usual for a boat of this type and length: what the first questions offer. */
export interface TypicalDimensions {
  beam: number
  draught: number
  mass: number
  propellerDiameter: number
}

/** How such boats are usually used and fitted. */
export interface UsualUse {
  /** share of the length over all that is the waterline */
  waterline: number
  /** cruise as a share of hull speed; of a hull that planes as a volumetric Froude number */
  cruise: number
  planes?: boolean
  /** m over all, and hours of an outing */
  length: number
  hours: number
  /**
   * house load, W for each square metre of the length squared: lights, instruments, fridge, on average; 0 where there
   * is no house
   */
  house: number
}

/** A dimension or choice that only some hulls have. */
export type HullQuestion =
  'keel' | 'beamWaterline' | 'coefficients' | 'hullBeam' | 'hullSpacing' | 'tubes' | 'deadrise' | 'lcg'

/** Everything that is particular to one hull type. A new type is one folder with these, and a line in the registry. */
export interface HullType {
  id: HullTypeId
  label: string
  /** one line, in an owner's words */
  hint: string
  methods: readonly SuitedMethod[]
  /** kinds of drive that such boats have, the usual one first */
  drives: readonly DriveKind[]
  /** kinds within the type, by short name; none for most */
  variants: Readonly<Record<string, string>>
  /** what is asked beyond length, beam, draught and weight */
  asks: readonly HullQuestion[]
  /** true when the boat's own wave holds it near hull speed */
  waveBound: boolean
  /** what is usual of such boats: what the first questions offer (common practice) */
  usual: UsualUse
  typical(lengthOverAll: number): TypicalDimensions
  form(boat: BoatDimensions, density: number): HullForm
  appendages(boat: BoatDimensions, form: HullForm): Appendage[]
  interaction(form: HullForm, drive: DriveKind, keel: 'fin' | 'long'): HullPropellerInteraction
  /** frontal area above water, m² */
  windage(boat: BoatDimensions): number
  elevation(boat: BoatDimensions, form: HullForm): Elevation
}
