import type { MethodId, HullForm, Water } from '../hull'
import type { Belief, OutsideRange } from './belief'

/** What a method is given: one hull in one water, with one state of its bottom. */
export interface ResistanceCase {
  form: HullForm
  water: Water
  /** CF is multiplied by this … */
  frictionFactor: number
  /** … and this is added to it */
  frictionAllowance: number
}

/** Resistance of the bare hull at one speed, N. */
export interface ResistancePoint {
  friction: number
  wave: number
}

/** A hull prepared for one method, so that a speed costs little. */
export interface PreparedResistance {
  /** bare hull at a speed in m/s, ≥ 0 */
  at(speed: number): ResistancePoint
  /** how much it is believed at a speed: σ of ln of the wave part, and how far outside its range that is */
  belief(speed: number): Belief
  /** speeds in m/s between which the method holds for this hull; empty when some dimension is outside */
  speedFrom: number
  speedTo: number
  /** dimensions that leave the range, whatever the speed */
  outside: OutsideRange[]
}

/**
 * A way to get from dimensions to resistance. Siblings in this folder share this signature; the registry lists them.
 */
export interface ResistanceMethod {
  id: MethodId
  label: string
  /** tag in the chart */
  letter: string
  source: string
  /** one line: what it rests on */
  basis: string
  /** true when the formula already holds appendages, air, ordinary sea and paint, so that none is added again */
  inService: boolean
  prepare(given: ResistanceCase): PreparedResistance
}
