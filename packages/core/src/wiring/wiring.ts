import type { FuseSpec, Insulation } from './wiringSpecs'

/** Where the pack stands. */
export const PACK_PLACES = ['dry', 'spray', 'bilge'] as const

/**
 * What of the usual gear is fitted; each is there unless the owner leaves it out, but for a BMS that stops charging in
 * the cold: many do not, and nobody may rely on it before it was seen.
 */
export const FITTINGS = [
  'contactor',
  'precharge',
  'disconnect',
  'emergencyStop',
  'shunt',
  'insulationWatch',
  'separateHouse',
  'chargeRelays',
  'galvanicIsolator',
  'bonding',
  'terminalCovers',
  'coldCut',
  'hardwiredStop',
  'propellerLock',
  'sparkSafe',
] as const
/** One of them. */
export type Fitting = (typeof FITTINGS)[number]

/** How the drive is wired and guarded. Lengths one way, m; areas mm². */
export interface Wiring {
  /** pack to controller, and controller to motor */
  mainLength: number
  motorLength: number
  /** charger, house converter and panels' controller to the pack, and panels to their controller */
  chargeLength: number
  houseLength: number
  panelLength: number
  insulation: Insulation
  /** the runs pass through an engine space or one as warm */
  engineSpace: boolean
  /** current-carrying conductors that lie together */
  bundled: number
  /** mm² of one conductor; null for what the currents ask */
  mainArea: number | null
  motorArea: number | null
  /** null for the one that suits */
  fuse: FuseSpec | null
  /** V DC that the contactor breaks, and A it carries; null for one that suits */
  contactorVoltage: number | null
  contactorCurrent: number | null
  /** F, of the controller's input, and Ω; null for one that suits */
  capacitance: number
  prechargeResistance: number | null
  /** A that the battery management switches, all day; null when the cells alone decide */
  bmsCurrent: number | null
  /** V between which the house converter works, and W that it gives; null for one that suits */
  dcdcLeast: number | null
  dcdcGreatest: number | null
  dcdcPower: number | null
  place: (typeof PACK_PLACES)[number]
  vented: boolean
  fitted: Record<Fitting, boolean>
}
