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
  /** which of the figures above are estimates, and how each was made */
  estimates: FormEstimate[]
}

/** A figure that the owner did not give. */
export interface FormEstimate {
  field: 'lengthWaterline' | 'beamWaterline' | 'prismatic' | 'midship' | 'waterplane' | 'lcb'
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
