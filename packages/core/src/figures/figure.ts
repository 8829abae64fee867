import type { PartName } from '../project/partName'
import type { FieldPath } from '../project/fields'
import type { Evaluation } from '../system'
import type { QuantityId, Text } from '../units'

/** A figure's value, with the ends of its band where it has one. SI. */
export interface FigureValue {
  value: number
  low?: number
  high?: number
}

/** One input of a formula, as the working lists it. */
export interface WorkingInput {
  value: number | null
  quantity: QuantityId
  what: string
}

/** A figure that can stand on the screen, and how it is worked out. */
export interface Figure {
  label: string
  quantity: QuantityId
  part: PartName | 'use'
  read(e: Evaluation): FigureValue
  /** in words: "power = pull × speed" */
  formula: string
  inputs(e: Evaluation): WorkingInput[]
  source: string
  /** where it holds */
  holds(e: Evaluation): Text
  /** document fields whose error moves it, for the sensitivity */
  depends: readonly FieldPath[]
  /** what differs on a jet boat, whose propeller is a pump */
  onJet?: Partial<Pick<Figure, 'label' | 'formula' | 'inputs' | 'source' | 'holds' | 'depends'>>
  /** false on boats that have no such figure */
  applies?(e: Evaluation): boolean
}

/** What a boat's resistance hangs on. */
export const HULL_FIELDS = [
  'boat.mass',
  'boat.lengthWaterline',
  'boat.beamWaterline',
  'use.seaMargin',
] as const satisfies readonly FieldPath[]
/** The same and the propeller. */
export const DRIVE_FIELDS = [
  ...HULL_FIELDS,
  'design.propeller.diameter',
  'design.propeller.pitch',
] as const satisfies readonly FieldPath[]
/** The same and the reduction. */
export const MOTOR_FIELDS = [...DRIVE_FIELDS, 'design.reduction.ratio'] as const satisfies readonly FieldPath[]
/** The same, the motor's own losses and the house. */
export const PACK_FIELDS = [
  ...DRIVE_FIELDS,
  'design.motor.ratedEfficiency',
  'use.houseLoad',
] as const satisfies readonly FieldPath[]

/** Sentence for a figure that holds wherever its inputs do. */
export const ALWAYS = (): Text => ({ text: 'Holds wherever its inputs do.' })
