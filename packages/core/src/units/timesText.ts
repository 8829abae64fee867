/** Numbers that stand for "about so many". */
const ROUND = [3, 4, 5, 6, 7, 8, 9, 10, 15, 20, 30, 50, 100] as const
const WORDS: Record<number, string> = {
  3: 'three',
  4: 'four',
  5: 'five',
  6: 'six',
  7: 'seven',
  8: 'eight',
  9: 'nine',
  10: 'ten',
  15: 'fifteen',
  20: 'twenty',
  30: 'thirty',
  50: 'fifty',
  100: 'a hundred',
}
/** From here on a share is said in words: a percentage of three digits tells nobody anything. */
export const FAR = 3

/**
 * A factor in words: "four times", "more than a hundred times".
 *
 * @param factor ≥ 1
 * @returns words
 * @example timesText(4.2) // 'four times'
 */
export function timesText(factor: number): string {
  if (!(factor <= 120)) return 'more than a hundred times'
  const near = ROUND.reduce((a, b) => (Math.abs(Math.log(b / factor)) < Math.abs(Math.log(a / factor)) ? b : a))
  return `${WORDS[near]!} times`
}

/**
 * What a figure changes by: a percentage near by, words beyond a factor of three.
 *
 * @param before, after the figure, ≥ 0
 * @returns as in "+12 %" or "a hundred times less"
 * @example changeText(10, 12) // '+20\u00A0%'
 */
export function changeText(before: number, after: number): string {
  if (before <= 0 || after <= 0) return after > before ? 'from nothing' : after < before ? 'to nothing' : 'the same'
  const factor = after / before
  if (factor >= FAR) return `${timesText(factor)} as much`
  if (factor <= 1 / FAR) return `${timesText(1 / factor)} less`
  const share = 100 * Math.abs(factor - 1)
  return `${factor > 1 ? '+' : '\u2212'}${share.toFixed(share < 9.95 ? 1 : 0)}\u00A0%`
}
