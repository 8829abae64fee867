import type { WheelKind } from './wheelKind'

/** A propeller as it is sold. */
export interface StockPropeller {
  id: string
  name: string
  kind: WheelKind
  blades: number
  /** m */
  diameter: number
  pitch: number
  /** expanded area as a share of the disc */
  areaRatio: number
  hand: 'right' | 'left'
  mass: number
  price: number
}
