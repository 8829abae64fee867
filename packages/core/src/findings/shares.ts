import { FAR, timesText, type Text, type TextParam } from '../units'

/** How much of a rating is used: per cent, or words where it is far beyond. */
export const shareUsed = (share: number): Text =>
  share < FAR ? { text: '{p} used', params: { p: { value: share, quantity: 'ratio' } } } : { text: 'far beyond' }

/** By how much a limit is passed: per cent, or words where it is far beyond. */
export const shareOver = (share: number): Text =>
  share < FAR ? { text: '+{x}', params: { x: { value: share - 1, quantity: 'ratio' } } } : { text: 'far beyond' }

/** A share for a sentence: "120 % of", or "four times". */
export const shareOf = (share: number): TextParam =>
  share < FAR ? `${Math.round(100 * share)}\u00A0% of` : timesText(share)
