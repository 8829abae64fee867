import { FAR, timesText, type Text, type TextParam } from '../units'

/** How much of a rating is used: per cent, or words where it is far beyond. */
export const shareUsed = (used: number): Text =>
  used < FAR ? { text: '{p} used', params: { p: { value: used, quantity: 'ratio' } } } : { text: 'far beyond' }

/** By how much a limit is passed: per cent, or words where it is far beyond. */
export const shareOver = (used: number): Text =>
  used < FAR ? { text: '+{x}', params: { x: { value: used - 1, quantity: 'ratio' } } } : { text: 'far beyond' }

/** A share for a sentence: "120 % of", or "four times". */
export const shareOf = (used: number): TextParam =>
  used < FAR ? `${Math.round(100 * used)}\u00A0% of` : timesText(used)
