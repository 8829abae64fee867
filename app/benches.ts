import { m } from '~/messages'

/** The benches in the order of the work; each has a number key. */
export const BENCHES = (['boat', 'use', 'curve', 'propeller', 'motor', 'pack', 'sheet'] as const)
  .map((id, i) => ({ id, path: `/${id}`, label: m.benches[id], key: String(i + 1) }))
