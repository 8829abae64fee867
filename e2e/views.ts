import { BENCHES } from '../app/benches'

/** Every bench, in the order of the row: the row itself tells them, so that a new one is walked too. */
export const BENCH_PATHS = BENCHES.map(({ path }) => path)

/** Every view of a boat: the benches, what stands behind the pack's other tabs, and the print of the settings. */
export const VIEWS = [
  ...BENCHES.flatMap(({ id, path }) =>
    id === 'pack' ? [path, ...['room', 'strings', 'power', 'wear'].map(view => `${path}?view=${view}`)] : [path],
  ),
  '/settings-sheet',
]
