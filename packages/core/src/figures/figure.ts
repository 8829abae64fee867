import type { PartName } from '../project/parts/partName'
import type { FieldPath } from '../project/definition/fields'
import type { Evaluation } from '../system'
import type { QuantityId, Text } from '../units'
import type { Inputs } from '../working'

export * from '../working/inputs'

/** A figure's value, with the ends of its band where it has one. SI. */
export interface FigureValue {
  value: number
  low?: number
  high?: number
}

/** A figure that can stand on the screen, and how it is worked out: its value is what the formula gives. */
export interface Figure<K extends string = string> {
  label: string
  quantity: QuantityId
  part: PartName | 'use'
  inputs(e: Evaluation): Inputs<K>
  /** from the values of the inputs to that of the figure; what is looked up or searched for is taken from the boat */
  formula(values: Record<K, number>, e: Evaluation): number
  /** the same in words: "power = pull × speed" */
  words: string
  /** the ends of its band, where it has one */
  band?(e: Evaluation, value: number): { low: number; high: number }
  source: string
  /** where it holds */
  holds(e: Evaluation): Text
  /** document fields whose error moves it, for the sensitivity */
  depends: readonly FieldPath[]
  /** what differs on a jet boat, whose propeller is a pump */
  onJet?: Partial<Pick<Figure, 'label' | 'inputs' | 'formula' | 'words' | 'source' | 'holds' | 'depends'>>
  /** false on boats that have no such figure */
  applies?(e: Evaluation): boolean
}

/** A figure, its formula checked against the names of its inputs. */
export const figure = <K extends string>(of: Figure<K>): Figure => of as unknown as Figure
/** What differs on a jet boat, its formula checked likewise. */
export const onJet = <K extends string>(of: NonNullable<Figure['onJet']> & Pick<Figure<K>, 'inputs' | 'formula'>) =>
  of as unknown as NonNullable<Figure['onJet']>

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
