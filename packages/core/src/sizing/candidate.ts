import type { PackSpec } from '../battery'
import type { ControllerSpec, MotorSpec, ReductionSpec, WholeDriveSpec } from '../drive'
import type { JetSpec } from '../propulsor'
import type { Project } from '../project/definition/projectFields'

/** A motor with its reduction and the propeller that suits both. */
export interface DriveCandidate {
  motor: MotorSpec
  /** sold with leg, propeller and controller as one; the controller that is inside */
  whole: WholeDriveSpec | null
  builtIn: ControllerSpec | null
  reduction: ReductionSpec
  /** of the leg's own gears; 1 without a leg */
  legRatio: number
  propeller: Project['design']['propeller']
  jet: JetSpec
  /** 1 when every rating is just met; above it, by how much the worst is passed */
  excess: number
  /** W at the pack, and motor-side amps, at cruise and top; the controller taken at 0.965 */
  cruisePower: number
  topPower: number
  cruisePhase: number
  topPhase: number
}

/** A whole design: drive, controller and pack, with what it costs to compare. */
export interface DesignCandidate extends DriveCandidate {
  controller: ControllerSpec
  pack: PackSpec
  systemVoltage: number
  /** price, with what higher voltage asks of the installer */
  cost: number
}

/** What designs are weighed by. €, kg, m at cruise with the reserve kept, W from the pack at cruise. */
export interface DesignMerits {
  cost: number
  mass: number
  range: number
  cruisePower: number
}
