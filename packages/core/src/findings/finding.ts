import type { Library } from '../parts'
import type { Edit } from '../project/projectPath'
import type { Text } from '../units'
import type { EnergyBalance } from '../system/energy'
import type { Hump, PlaningReading } from '../system/curveReading'
import type { DriveWarming } from '../system/driveHeat'
import type { DriveTrain } from '../system/driveTrain'
import type { LimitName } from '../system/limits'
import type { Model } from '../system/model'
import type { OperatingPoint } from '../system/operatingPoint'
import type { Payoff } from '../system/payoff'
import type { Regeneration } from '../system/regeneration'
import type { WindHolding } from '../system/thrustAvailable'
import type { TopSpeed } from '../system/topSpeed'
import type { WiringReport } from '../system/wiringReport'
import type { AgeingReport } from '../system/ageingReport'
import type { ChargePoint, MixReport, PackFit } from '../battery'
import type { StringFault } from '../solar'
import type { BurrillLoading } from '../propulsor'

/** What a rule may look at. Rules read; they compute no physics. */
export interface Facts {
  model: Model
  /** parts that a fix may offer */
  library: Library
  cruise: OperatingPoint
  /** at the top speed wished */
  top: OperatingPoint
  allDaySpeed: TopSpeed
  minutesSpeed: TopSpeed
  hullSpeed: number
  payoff: Payoff
  energy: EnergyBalance
  /** how warm the drive becomes at cruise and at top; null when the nameplate cannot be */
  warming: { cruise: DriveWarming, top: DriveWarming } | null
  /** thrust at the quay against a gale of HOLDING_WIND on her bow */
  holding: WindHolding
  /** at top on a nearly empty pack */
  topLow: DriveTrain
  /** of a planing hull */
  hump: Hump | null
  planing: PlaningReading | null
  /** balance point at which she runs steadily, m; null when she does already, or nothing will do */
  steadyBalance: number | null
  blades: BurrillLoading | null
  /** Reynolds number of the blades at cruise; null for a jet */
  bladeReynolds: number | null
  /** the drive where an all-day rating ends it, if that is below the top wished */
  atLimit: { train: DriveTrain, by: LimitName, speed: number, turns: number } | null
  /** greatest torque behind the reduction from standstill, N·m, and the motor amps that give it */
  standstill: { torque: number, amps: number }
  wiring: WiringReport
  /** what flows as she plugs in */
  charge: ChargePoint
  /** strings of several kinds side by side; null when there is one kind */
  mix: MixReport | null
  /** the pack in the spaces measured; null when none was */
  fit: PackFit | null
  wear: AgeingReport
  /** what is the matter with the panels' volts; empty without panels */
  sunFaults: StringFault[]
  /** under sail at nine tenths of hull speed, where the controller may push back more than the cells take; else null */
  regeneration: Regeneration | null
}

/** stop: cannot run like this. caution: runs, inside the headroom or a limit of good practice. note: not known well enough. */
export type Severity = 'stop' | 'caution' | 'note'

/** The part of the boat that wears the mark. */
export type PartName = 'hull' | 'propeller' | 'motor' | 'controller' | 'pack'

/** A change that mends a finding: edits to try. With `resize` a rule asks for a new sizing of what is not held; what is offered has its edits, and the reasons of the parts. */
export interface Fix { label: Text, edits: Edit[], resize?: boolean, reasons?: Text[] }

/** Something that does not fit, as its rule gives it: the fixes may help and are not tried yet. */
export interface RawFinding {
  rule: string
  severity: Severity
  part: PartName
  /** what it is about, a few words after the state */
  title: string
  /** by how much, at the right of the title */
  amount: Text
  /** one or two short sentences with the numbers and the reason */
  sentence: Text
  /** the usual caution, where someone can be hurt */
  caution?: string
  fixes: Fix[]
  /** how bad it is, larger is worse: a fix that lowers it helps, though the finding stays */
  measure?: number
  /** what would have to be bought or relaxed where no fix helps */
  need?: Text | null
  /** copied from its rule */
  slowerHelps?: boolean
  reveals?: boolean
}

/** Something that does not fit. Each fix that it offers was tried: it mends or lessens it and adds no clash. */
export interface Finding extends RawFinding {
  readonly fixes: Fix[]
  /** what would have to be bought or relaxed; null where a fix helps */
  readonly need: Text | null
}

/** One rule: a file, a check, the part it speaks of, and where the limit comes from. */
export interface Rule {
  id: string
  part: PartName
  /** what is checked, in words */
  checks: string
  source: string
  /** what is found grows with speed: where nothing else helps, going slower is offered */
  slowerHelps?: boolean
  /** no figure holds until it is right: what else clashes is seen only then */
  reveals?: boolean
  check(facts: Facts): Omit<RawFinding, 'rule' | 'part'> | null
}
