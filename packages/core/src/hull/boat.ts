import type { HullMaterial } from './hullMaterial'
import type { HullTypeId } from './hullTypeId'
import type { DriveKind } from './driveKind'

/** What is asked about the boat. Null where the owner does not know: Remigo then estimates, and says so. */
export interface BoatDimensions {
  hullType: HullTypeId
  /** what the hull is made of */
  material: HullMaterial
  /** m */
  lengthOverAll: number
  /** m, or null to estimate */
  lengthWaterline: number | null
  /** greatest beam, m */
  beam: number
  /** m, or null to estimate */
  beamWaterline: number | null
  /** whole draught, keel included, m */
  draught: number
  /** laden mass, kg */
  mass: number
  prismatic: number | null
  midship: number | null
  waterplane: number | null
  /** share of the waterline length forward of its middle, or null */
  lcb: number | null
  keel: 'fin' | 'long'
  /** one of the hull type's variants, or '' */
  variant: string
  /** waterline beam of one hull of a catamaran, or a tube's diameter, m; null to estimate */
  hullBeam: number | null
  /** between the centre lines of neighbouring hulls, m; null to estimate */
  hullSpacing: number | null
  /** of a pontoon boat */
  tubes: 2 | 3
  /** of a planing bottom amidships, rad; null to estimate */
  deadrise: number | null
  /** centre of gravity forward of the transom, m; null to estimate */
  lcg: number | null
  water: 'sea' | 'fresh'
  /** K */
  waterTemperature: number
  drive: { kind: DriveKind; greatestDiameter: number; shaftDepth: number }
}
