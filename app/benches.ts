import { boardWords } from '~/messages/board'

/** The short name of a bench. */
export type BenchId = keyof typeof boardWords.benches

/** The benches in the order of the work, each at its key: no two can have the same one. */
const AT_KEY = {
  'key 1': 'boat',
  'key 2': 'use',
  'key 3': 'curve',
  'key 4': 'propeller',
  'key 5': 'motor',
  'key 6': 'pack',
  'key 7': 'wiring',
  'key 8': 'charging',
  'key 9': 'sheet',
  'key 0': 'library',
} as const satisfies Record<`key ${string}`, BenchId>
/** Fails the type check when a bench that has a name has no key. */
type Placed = (typeof AT_KEY)[keyof typeof AT_KEY]

/** The benches in the order of the work; each has a number key. */
export const BENCHES = Object.entries<BenchId extends Placed ? BenchId : never>(AT_KEY).map(([key, id]) => ({
  id,
  path: `/${id}`,
  label: boardWords.benches[id],
  key: key.slice(-1),
}))

/** The bench of a path; the boat's also stands at the root. */
export const benchOf = (path: string) => BENCHES.find(b => b.path === (WITHIN[path] ?? path))

/** Pages that belong to a bench, and the root. */
const WITHIN: Record<string, string> = { '/': '/boat', '/solar': '/charging' }
