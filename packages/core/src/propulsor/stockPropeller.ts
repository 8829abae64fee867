import type { NamedPart } from '../fields/namedPart'
import type { WheelKind } from './wheelKind'

/** A propeller as it is sold. */
export interface StockPropeller extends NamedPart {
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

/**
 * What a boat is fitted with, of a propeller as it is sold.
 *
 * @param stock the propeller
 * @returns kind, blades, sizes in m, area ratio and hand
 */
export const wheelOf = ({ kind, blades, diameter, pitch, areaRatio, hand }: StockPropeller) => ({
  kind,
  blades,
  diameter,
  pitch,
  areaRatio,
  hand,
})
