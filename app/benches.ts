import { m } from '~/messages'

/** The benches in the order of the work; each has a number key. */
export const BENCHES = (
  ['boat', 'use', 'curve', 'propeller', 'motor', 'pack', 'wiring', 'charging', 'sheet', 'library'] as const
).map((id, i) => ({ id, path: `/${id}`, label: m.benches[id], key: String((i + 1) % 10) }))

/** The bench of a path; the boat's also stands at the root. */
export const benchOf = (path: string) => BENCHES.find(b => b.path === (WITHIN[path] ?? path))

/** Pages that belong to a bench, and the root. */
const WITHIN: Record<string, string> = { '/': '/boat', '/solar': '/charging' }
