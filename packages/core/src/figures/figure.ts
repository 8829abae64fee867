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

/** One input of a formula, as the working lists it; null where the boat has none. */
export interface WorkingInput {
  value: number | null
  quantity: QuantityId
  what: string
}

/** The inputs of a formula by the names that it uses. */
export type Inputs<K extends string = string> = Record<K, WorkingInput>

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

/** An input: its value, and what it is. */
export const of =
  (quantity: QuantityId) =>
  (value: number | null, what: string): WorkingInput => ({ value, quantity, what })
export const force = of('force')
export const speed = of('speed')
export const power = of('electricPower')
export const smallPower = of('smallPower')
export const ratio = of('ratio')
export const plain = of('plain')
export const count = of('count')
export const current = of('current')
export const voltage = of('voltage')
export const energy = of('energy')
export const duration = of('duration')
export const temperature = of('temperature')
export const length = of('length')
export const size = of('smallLength')
export const partMass = of('partMass')
export const price = of('price')

/** Inputs without names of their own (n0, n1 …), as many as the boat has: methods, strings, ratings. */
export const listed = (inputs: readonly WorkingInput[]): Inputs<`n${number}`> =>
  Object.fromEntries(inputs.map((input, i) => [`n${i}`, input]))

/** The values of inputs; what a boat has not is not a number, and may not be used. */
export function valuesOf(inputs: Inputs): Record<string, number> {
  const values: Record<string, number> = {}
  for (const name in inputs) values[name] = inputs[name]!.value ?? Number.NaN
  return values
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
