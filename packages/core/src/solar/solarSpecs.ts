import type { NamedPart } from '../fields/namedPart'

/** A solar panel, as its plate says at 1000 W/m² and 25 °C. */
export interface PanelSpec extends NamedPart {
  /** W */
  power: number
  /** V and A at the greatest power */
  voltage: number
  current: number
  /** V open, A shorted */
  openVoltage: number
  shortCurrent: number
  /** share lost for each K above 25 °C: of the open volts, of the power */
  voltagePerKelvin: number
  powerPerKelvin: number
  /** m */
  length: number
  width: number
  mass: number
  price: number
}

/** What stands between panels and pack. */
export interface ChargeControllerSpec extends NamedPart {
  /** follows the panels' best volts; one that does not is a switch */
  tracking: boolean
  /** lifts the panels' volts to the pack's; else the panels must stand above the pack */
  boosts: boolean
  /** V of the panels: from, and never above */
  leastPanelVoltage: number
  greatestPanelVoltage: number
  /** V of the pack */
  leastVoltage: number
  greatestVoltage: number
  /** A into the pack at most */
  current: number
  efficiency: number
  /** can be told to stop by the battery management */
  listens: boolean
  mass: number
  price: number
}

/** Where she lies. rad; north and east are positive. */
export interface EarthPlace {
  latitude: number
  longitude: number
}

/** What a spar near panels is: it stands, or lies level and runs aft. */
export const SPAR_KINDS = ['mast', 'boom'] as const

/** A mast, a boom, a stay near panels. m, from the middle of the panels: ahead, to starboard, above them. */
export interface Spar {
  kind: (typeof SPAR_KINDS)[number]
  ahead: number
  starboard: number
  /** of a mast its top, of a boom where it lies */
  height: number
  /** of a boom, aft from there */
  length: number
  thick: number
}

/** Panels on the boat, and what they feed. */
export interface SolarArray {
  fitted: boolean
  panel: PanelSpec
  /** panels in a string, strings side by side */
  series: number
  parallel: number
  /** rad from flat; where the upper face looks, rad clockwise from north; she swings, so it looks all ways in turn */
  tilt: number
  heading: number
  swings: boolean
  /** share lost to what is not listed as a spar: sails, canopy, trees */
  shading: number
  /** masts and booms, each with its shadow by the hour */
  spars: Spar[]
  /** where her bow points while she does not swing, rad clockwise from north */
  bow: number
  /** null: straight on the pack */
  controller: ChargeControllerSpec | null
  /** coldest morning at the panels, K */
  coldest: number
  /** J/m² on a flat square metre on a mean day of each month; null for what is usual at the latitude */
  sun: number[] | null
  /** panels elsewhere on the boat */
  others: OtherArray[]
}

/** What an array of panels feeds. */
export const ARRAY_FEEDS = ['drive', 'house'] as const

/** Panels elsewhere, with a direction, a shade and a charge controller of their own. */
export interface OtherArray {
  name: string
  feeds: (typeof ARRAY_FEEDS)[number]
  panel: PanelSpec
  series: number
  parallel: number
  tilt: number
  heading: number
  swings: boolean
  shading: number
  spars: Spar[]
  controller: ChargeControllerSpec | null
}

/**
 * Every array of a boat that feeds the same: the first one, and those elsewhere.
 *
 * @param solar the boat's panels
 * @param feeds the drive's pack, or the house
 * @returns arrays, each with the light and the cold of the whole
 */
export function arraysOf(solar: SolarArray, feeds: OtherArray['feeds']): SolarArray[] {
  const others = solar.others.filter(a => a.feeds === feeds).map(a => ({ ...solar, ...a, others: [] }))
  return feeds === 'drive' ? [solar, ...others] : others
}
