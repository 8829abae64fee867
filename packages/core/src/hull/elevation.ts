/** One stroke of a drawn line: x in m aft of the bow, z in m above the waterline. */
export type Stroke =
  readonly ['M' | 'L', number, number] | readonly ['C', number, number, number, number, number, number] | readonly ['Z']

/** A line of the side elevation. */
export type Line = readonly Stroke[]

/** A place on board. */
export interface Place {
  x: number
  z: number
}

/** A part's box on board, centred on its place. */
export interface PlacedBox extends Place {
  width: number
  height: number
  tilt?: number
}

/** The side elevation as data, bow to the left. Drawn in this order. */
export interface Elevation {
  lengthOverAll: number
  /** highest and lowest drawn points, m */
  top: number
  bottom: number
  /** where the waterline meets the stem and the stern, m aft of the bow */
  waterlineFrom: number
  waterlineTo: number
  keel: Line | null
  ballast: Line | null
  rudder: Line | null
  hull: Line
  deck: Line[]
  roof: Line | null
  windows: Line[]
  mast: Line | null
  pack: PlacedBox
  controller: PlacedBox
  motor: PlacedBox
  /** shaft from the motor to the propeller, or the leg */
  shaft: Line
  propeller: Place & { diameter: number }
}
