import { quantityText } from './formatQuantity'
import type { QuantityId } from './quantities'
import { METRIC_UNITS, type UnitChoice } from './unitChoice'

/** A value that a sentence names: a number with its kind, or words. */
export type TextParam = { value: number; quantity: QuantityId } | string

/** A sentence with gaps, and what fills them; kept apart until the owner's units are known. */
export interface Text {
  text: string
  params?: Record<string, TextParam | undefined>
}

/** The sign before a number of which no digit is left: −0.00. */
const NOTHING_SIGNED = /[\u2212+](?=0(?:\.0+)?(?![\d.]))/g

/**
 * Fills the gaps of a sentence in the owner's units.
 *
 * @param message sentence with {gaps} and their values
 * @param choice the owner's units
 * @returns the sentence
 * @throws RangeError when a gap has no value
 * @example fillText({ text: 'It gives {p}.', params: { p: { value: 6000, quantity: 'electricPower' } } }) // 'It
 *   gives 6.00\u00A0kW.'
 */
export function fillText(message: Text, choice: UnitChoice = METRIC_UNITS): string {
  const filled = message.text.replace(/\{(\w+)\}/g, (_, key: string) => {
    const param = message.params?.[key]
    if (param === undefined) throw new RangeError(`"${message.text}" has no value for {${key}}`)
    return typeof param === 'string' ? param : quantityText(param.value, param.quantity, choice)
  })
  return filled.replace(NOTHING_SIGNED, '')
}
