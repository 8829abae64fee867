/** What is asked about the boat. Null where the owner does not know: Remigo then estimates, and says so. */
export interface BoatDimensions {
  hullType: string
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
  water: 'sea' | 'fresh'
  /** K */
  waterTemperature: number
}
