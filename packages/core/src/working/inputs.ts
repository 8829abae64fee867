import type { QuantityId } from '../units'

/** One input of a formula, as the working lists it; null where the boat has none. */
export interface WorkingInput {
  value: number | null
  quantity: QuantityId
  what: string
}

/** The inputs of a formula by the names that it uses. */
export type Inputs<K extends string = string> = Record<K, WorkingInput>

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
