import MiniSearch from 'minisearch'
import type { FindEntry } from './entries'

/** An index that finds entries by their words, misspelt ones too. */
export interface FindIndex {
  find(words: string): FindEntry[]
}

/** Results that are shown. */
const MOST = 12
/** Where two fit alike, what is asked for more often comes first. */
const WEIGHT: Record<FindEntry['kind'], number> = {
  field: 1.15,
  figure: 1.1,
  bench: 3,
  finding: 1,
  action: 1,
  term: 0.6,
  boat: 0.9,
  part: 0.7,
}

/** Words that ask, and say nothing of what is looked for. */
const ASKING = new Set('a an the of my i is it to for do does how what will can long many much have find'.split(' '))
/** Without them, unless nothing else is asked. */
function meant(words: string): string {
  const left = words.split(/\s+/).filter(word => !ASKING.has(word.toLowerCase()))
  return left.length > 0 ? left.join(' ') : words
}

/**
 * Makes an index of entries.
 *
 * @param entries what can be found
 * @returns the index
 */
export function findIndex(entries: readonly FindEntry[]): FindIndex {
  const byId = new Map(entries.map(e => [e.id, e]))
  const search = new MiniSearch<FindEntry>({
    fields: ['title', 'words', 'where'],
    storeFields: ['kind'],
    searchOptions: {
      boost: { title: 3, words: 2, where: 0.4 },
      prefix: term => term.length > 1,
      fuzzy: term => (term.length > 3 ? 0.2 : 0),
      boostDocument: (_id, _term, stored) => WEIGHT[(stored?.kind as FindEntry['kind']) ?? 'part'],
    },
  })
  search.addAll(entries)
  const asked = (words: string, combineWith: 'AND' | 'OR') =>
    search.search(words, { combineWith }).map(found => byId.get(String(found.id))!)
  return {
    find(words) {
      // 2/0 is a wire
      const text = meant(words.trim().replace(/\b\d\s*\/\s*0\b/g, 'AWG'))
      if (!text) return []
      const all = asked(text, 'AND')
      // where no entry has every word, those with most of them
      return (all.length > 0 ? all : asked(text, 'OR')).slice(0, MOST)
    },
  }
}
