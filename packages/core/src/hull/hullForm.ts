/** The underwater body without appendages, as every resistance method wants it. SI, dimensionless ratios. */
export interface HullForm {
  lengthWaterline: number
  beamWaterline: number
  /** draught of the hull body alone (canoe body), m */
  draughtBody: number
  /** volume of the hull body alone, m³ */
  volumeBody: number
  /** whole displaced volume, keel and rudder included, m³ */
  volume: number
  /** CP = volumeBody / (CM B T L) */
  prismatic: number
  /** CM = midship area / (B T) */
  midship: number
  /** CWP = waterplane area / (L B) */
  waterplane: number
  /** centre of buoyancy, share of the waterline length forward of its middle (aft is negative) */
  lcb: number
  /** centre of flotation, same convention */
  lcf: number
  /** wetted surface of the hull body, m² */
  wettedSurface: number
  /** immersed transom area at rest, m² */
  transomArea: number
  /** half angle of entrance of the waterline, rad */
  halfEntrance: number
  /** hulls side by side; length, beam, draught and coefficients are those of one, volumes and wetted surface of all */
  hulls: number
  /** between the centre lines of neighbours, m; 0 for one hull */
  hullSpacing: number
  /** round-bilged body, or a tube of this diameter (m; 0 for a body) */
  section: 'round' | 'tube'
  tubeDiameter: number
  /** what planing equations want; null for a hull that never planes */
  bottom: PlaningBottom | null
  /** which of the figures above are estimates, and how each was made */
  estimates: FormEstimate[]
}

/** A planing bottom and the line of its thrust. m and rad. */
export interface PlaningBottom {
  beamChine: number
  deadrise: number
  /** centre of gravity forward of the transom, and above the keel */
  lcg: number
  vcg: number
  /** shaft line to keel */
  shaftAngle: number
  /** thrust line below the centre of gravity, normal to the shaft */
  thrustArm: number
}

/** What a single round-bilged hull that never planes has of the above. */
export const ONE_ROUND_HULL = { hulls: 1, hullSpacing: 0, section: 'round', tubeDiameter: 0, bottom: null } as const

/** A figure that the owner did not give. */
export interface FormEstimate {
  field:
    | 'lengthWaterline'
    | 'beamWaterline'
    | 'prismatic'
    | 'midship'
    | 'waterplane'
    | 'lcb'
    | 'hullBeam'
    | 'hullSpacing'
    | 'deadrise'
    | 'lcg'
  value: number
  /** likely error, as a share of the value */
  spread: number
  basis: string
}

/**
 * Length to displacement ratio L/∇^⅓, the slenderness of a hull.
 *
 * @param lengthWaterline m
 * @param volume m³
 * @returns ratio, 4 (heavy) to 8 (light) for usual boats
 * @example slenderness(8, 3.51) // 5.264
 */
export function slenderness(lengthWaterline: number, volume: number): number {
  return lengthWaterline / Math.cbrt(volume)
}
