/** Letters of somebody else's words that a message repeats. */
export const LONGEST_QUOTE = 40

/**
 * Words that were typed or stood in a file, as a message repeats them: shortened.
 *
 * @param words any
 * @returns in quotes
 * @example quoted('4,4 kn') // '“4,4 kn”'
 */
export const quoted = (words: string): string =>
  `“${words.slice(0, LONGEST_QUOTE)}${words.length > LONGEST_QUOTE ? '…' : ''}”`
