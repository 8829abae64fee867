import type { DriveKind } from '../hull'
import type { Part, PartKindId } from '../parts'
import type { Text } from '../units'

/** What every understood line says. */
interface Line {
  /** as typed */
  line: string
  /** how many of them */
  count: number
  /** what in it cannot be so, or was not used */
  doubts: Text[]
}

/** A part that an owner has: what he told of it, and the whole of it with what was estimated. */
export interface HadPart extends Line {
  what: 'part'
  kind: PartKindId
  /** only what was told; kept units */
  given: Part
  part: Part
  /** share of its printed capacity that is left, of second-hand cells; null where nothing is said */
  health: number | null
}

/** A belt, chain or gearbox. */
export interface HadReduction extends Line {
  what: 'reduction'
  kind: 'belt' | 'gear'
  ratio: number
}

/** The leg of an outboard, a stern drive or a sail drive, without its engine. */
export interface HadLeg extends Line {
  what: 'leg'
  drive: DriveKind
  /** motor turns for one of the propeller; null where nobody knows */
  ratio: number | null
}

/** The engine that comes out. W, rpm. */
export interface HadEngine extends Line {
  what: 'oldEngine'
  power: number
  rpm: number | null
}

/** Money set aside for all of it. */
export interface HadBudget extends Line {
  what: 'budget'
  amount: number
}

/** One thing that an owner has. */
export type Had = HadPart | HadReduction | HadLeg | HadEngine | HadBudget

/** A line understood, or a sentence that helps. */
export type ReadHad = { ok: true; had: Had } | { ok: false; message: string }
