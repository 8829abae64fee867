import { shallowRef } from 'vue'

/** A text around the first word of the trade in it. */
export interface Explained {
  before: string
  word: string
  after: string
  meaning: string
}

/** Terms that are too plain, or too common on every bench, to be marked. */
const PLAIN = new Set(['Range', 'Reserve', 'Pitch', 'Bank', 'Fuse', 'Cycle', 'Pod', 'Knee'])
const meanings = shallowRef<Map<string, string> | null>(null)
let pattern: RegExp | null = null

/**
 * Words of the trade where they stand: they come when the page has nothing else to do, and mark themselves then.
 *
 * @returns the first of them in a text; null where there is none, or none is known yet
 */
export function useTerms() {
  return {
    explain(text: string): Explained | null {
      if (!meanings.value || !pattern) return null
      const match = pattern.exec(text)
      if (!match) return null
      const word = match[0],
        key = word.toLowerCase(),
        meaning = meanings.value.get(key) ?? meanings.value.get(key.replace(/s$/, ''))
      return meaning
        ? { before: text.slice(0, match.index), word, after: text.slice(match.index + word.length), meaning }
        : null
    },
  }
}

/** Fetches the words. */
export async function fetchTerms() {
  const { TERMS } = await import('~/find/terms')
  const marked = TERMS.filter(([term]) => !PLAIN.has(term))
  // the longer of two that begin alike is meant
  const names = marked.map(([term]) => term).sort((a, b) => b.length - a.length)
  pattern = new RegExp(`\\b(?:${names.map(n => n.replace(/[-/]/g, '\\$&')).join('|')})s?\\b`, 'i')
  meanings.value = new Map(marked.map(([term, , meaning]) => [term.toLowerCase(), meaning]))
}
