import type { QuantityId, Text } from '../units'
import { valuesOf, type Inputs, type WorkingInput } from './inputs'

/** A figure of a report with its working: its value is what the formula gives on the inputs that are listed. SI. */
export interface Worked {
  label: string
  quantity: QuantityId
  value: number
  low?: number
  high?: number
  /** in words: "energy = power × time" */
  formula: string
  inputs: WorkingInput[]
  source: string
  holds: Text
}

/** What a worked figure is made of. */
export interface WorkedFrom<K extends string> {
  label: string
  quantity: QuantityId
  inputs: Inputs<K>
  formula(values: Record<K, number>): number
  words: string
  /** the ends of its range, from its value */
  range?: (value: number) => { low: number; high: number }
  source: string
  holds?: Text
}

/**
 * Works a figure out by the formula that is shown.
 *
 * @param from label, inputs by name, formula on them, the same in words, source
 * @returns the value with all that its working lists
 * @example workedOut({ label: 'Energy', quantity: 'energy', inputs: { p: power(100, ''), t: duration(60, '') },
 *   formula: v => v.p * v.t, words: 'power × time', source: 'E = P t' }).value // 6000
 */
export function workedOut<K extends string>(from: WorkedFrom<K>): Worked {
  const value = from.formula(valuesOf(from.inputs) as Record<K, number>)
  return {
    label: from.label,
    quantity: from.quantity,
    value,
    ...from.range?.(value),
    formula: from.words,
    inputs: Object.values(from.inputs),
    source: from.source,
    holds: from.holds ?? { text: 'Holds wherever its inputs do.' },
  }
}
