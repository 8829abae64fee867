import type { Text } from '../units'

/** A temperature at the right of a finding's title. */
export const celsius = (kelvin: number): Text => ({ text: '{t}', params: { t: { value: kelvin, quantity: 'temperature' } } })
